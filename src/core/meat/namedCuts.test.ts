import { describe, expect, test } from '@jest/globals';
import { reference } from '@/reference/index.ts';
import { cutNames } from './cutNames.ts';
import { namedCuts } from './namedCuts.ts';

const first = (words: string) => namedCuts(words).cuts[0];

describe('what cooks call their meat', () => {
  test('every cut of the table has a name, every name a cut, and none stands twice', () => {
    const ids = new Set(reference.cuts.map(({ id }) => id));
    for (const [cuts] of cutNames) for (const id of cuts.split(' ')) expect(ids).toContain(id);
    const named = new Set(cutNames.flatMap(([cuts]) => cuts.split(' ')));
    expect([...ids].filter((id) => !named.has(id))).toEqual([]);
    const all = cutNames.flatMap(([, names]) => names.split('|'));
    expect(all.filter((name, i) => all.indexOf(name) !== i)).toEqual([]);
    // And each finds its own.
    for (const [cuts, names] of cutNames)
      for (const name of names.split('|'))
        expect([name, namedCuts(name).cuts.join(' ')]).toEqual([name, cuts]);
  });

  test.each([
    ['boston butt', 'pork-shoulder-blade'],
    ['Bone-in pork butt', 'pork-shoulder-blade'],
    ['picnic shoulder', 'pork-picnic'],
    ['eye of round', 'beef-eye-of-round'],
    ['stewing beef', 'beef-stew-meat'],
    ['beef stewing steak, diced', 'beef-stew-meat'],
    ['shin of beef', 'beef-shank'],
    ['beef shin', 'beef-shank'],
    ['oxtail', 'beef-oxtail'],
    ['shoulder of lamb', 'lamb-shoulder'],
    ['lamb shanks', 'lamb-foreshank'],
    ['osso buco', 'veal-shank'],
    ['topside of beef', 'beef-top-round'],
    ['silverside', 'beef-bottom-round'],
    ['jacob’s ladder', 'beef-short-ribs-any'],
    ['boneless beef short ribs', 'beef-chuck-short-ribs'],
    ['ox cheeks', 'beef-cheek'],
    ['brisket, point end', 'beef-brisket-point'],
    ['well marbled chuck roast', 'beef-chuck-any'],
    ['pork collar', 'pork-shoulder-blade'],
    ['kid shoulder', 'goat-shoulder'],
  ])('%s is %s', (words, cut) => {
    expect(first(words)).toBe(cut);
  });

  test('a name that covers several is a choice; the bone is said beside it; what is no meat has none', () => {
    expect(namedCuts('chuck roast').cuts.length).toBeGreaterThan(3);
    expect(namedCuts('pork shoulder').cuts).toEqual([
      'pork-shoulder-any',
      'pork-shoulder-blade',
      'pork-picnic',
    ]);
    expect(namedCuts('bone-in pork shoulder').bone).toBe('in');
    expect(namedCuts('boned lamb shoulder').bone).toBe('out');
    for (const words of ['carrot', 'cherry tomatoes', 'black pepper', ''])
      expect(namedCuts(words).cuts).toEqual([]);
  });
});
