import { capital } from './capital.ts';
import type { Heat } from '@/core/meal/index.ts';
import { avoidableWords } from './called.ts';
import type { Problem, Remedy, Says } from '@/core/model/index.ts';
import { isMany } from './nouns.ts';

type What = Says['what'];
type Said<W extends What> = Says & { readonly what: W };

const litres = (ml: number) => `${(ml / 1000).toFixed(1)} l`;
/** Under a tenth of a litre the millilitres are told. */
const little = (ml: number) => (ml < 95 ? `${Math.max(10, Math.round(ml / 10) * 10)} ml` : litres(ml));
const cm = (x: number) => `${Math.round(x * 10) / 10} cm`;
const grams = (g: number) => `${Math.round(g)} g`;
const percent = (share: number) => `${(100 * share).toFixed(1)} %`;
const takeThe = (name: string | undefined, otherwise: string) =>
  name === undefined ? otherwise : `use the ${name}`;

const placeOf: Readonly<Record<Heat, string>> = {
  oven: 'in the oven',
  stove: 'on a burner',
  'slow cooker': 'on a slow cooker base',
  smoker: 'in the smoker',
};

/** Above another figure of the same portion: what is said of the two. */
const portionWords: Readonly<Record<Said<'portion'>['above'], (first: string, second: string) => string>> = {
  'smallest, largest': (min, max) => `is at least “${min}” and at most “${max}”; put the smaller first.`,
  'smallest, wanted': (min, want) =>
    `wanted, “${want}”, is less than the smallest, “${min}”; lower the smallest or raise the portion.`,
  'wanted, largest': (want, max) =>
    `wanted, “${want}”, is more than the largest, “${max}”; raise the largest or lower the portion.`,
};

/** Each thing that may be wrong, in one sentence with its figure and what to do. */
const sentences: { readonly [W in What]: (of: Said<W>) => string } = {
  'lot too heavy': ({ text, mostG }) =>
    `“${text}” is more than one pot can braise; write at most ${mostG / 1000} kg, or check the unit.`,
  'plates as a range': ({ text }) => `“${text}” is a range; write one number of plates.`,
  'too many plates': ({ text, most }) =>
    `“${text}” is more plates than one meal can have; write at most ${most}.`,
  portion: ({ dish, of, above, first, second }) => `${dish}: the ${of} ${portionWords[above](first, second)}`,
  'guest: animal': ({ pot, species }) => `${pot} has ${species}, which a guest must not have.`,
  'guest: ingredient': ({ pot, name, holds }) =>
    `${pot} has ${name} (${holds.map(avoidableWords).join(', ')}), which a guest must not have; check the label, or leave it out.`,
  'guest: not known': ({ where, name, avoid }) =>
    `${where}: nobody has said what ${name} contains, and a guest must not have ${avoid.map(avoidableWords).join(' or ')}; read its label and note it.`,
  'guest: dish': ({ dish, name, holds }) =>
    `${dish} come with ${name} (${holds.map(avoidableWords).join(', ')}), which a guest must not have; go by the label, or serve another.`,
  'own cut: relative': ({ name, like }) =>
    `${name} is said to be like “${like}”, which is not in the table of cuts.`,
  'own cut: more than all': ({ name, sum }) =>
    `${name}: protein, fat and ash add up to ${percent(sum)}, more than all of it.`,
  'own cut: no protein': ({ name, protein }) => `${name}: protein is ${protein}; meat has some.`,
  'unknown cut': ({ id }) => `“${id}” is not in the table of cuts any more; choose another.`,
  'unknown ingredient': ({ id }) => `“${id}” is not in the table of ingredients; choose another.`,
  'never weighed empty': ({ vessel }) =>
    `“${vessel}” was weighed full and never empty; weigh it empty once, and it is known.`,
  'more bone than meat': ({ bone, lot }) =>
    `“${bone}” of bone is more than the lot weighed (“${lot}”); weigh the bones again, or correct the lot.`,
  'price without weight': ({ price }) => `“${price}” is a price without a weight; write how much it is for.`,
  'too few pieces': ({ wanted, have }) =>
    `The order needs ${wanted} pieces on the bone and the lots are cut into ${have}; cut them into more, or serve fewer.`,
  'reduced too far': ({ text, askedMl, solidsMl }) =>
    `“${text}”${/(\d|\s)(g|kg|oz|lb)$/.test(text) ? ` (${litres(askedMl)})` : ''} is less than the vegetables in the sauce, ${litres(solidsMl)}: strain it, or write more.`,
  'never tender': ({ setting, cut }) =>
    `${capital(cut)} ${isMany(cut) ? 'are' : 'is'} unlikely to be tender in 72 h at ${setting === undefined ? 'this heat' : `“${setting}”`}: give it more heat, cut it smaller, or write the time at the clock.`,
  'fits: not there': ({ vessel, heat, take }) =>
    `The ${vessel} must not stand ${placeOf[heat]}: ${takeThe(take, 'say in the kitchen what may')}.`,
  'fits: too full': ({ vessel, wantsMl, brimMl, take, shareWith }) =>
    `This needs ${litres(wantsMl)}; the ${vessel} holds ${litres(brimMl)}: ${
      take !== undefined
        ? `the ${take} holds it`
        : shareWith !== undefined
          ? `share it with the ${shareWith}`
          : 'cut the meat smaller, pour less, or braise in two goes'
    }.`,
  'fits: too empty': ({ vessel, share, take }) =>
    `The ${vessel} would be ${Math.round(100 * share)} % full, and under half it dries and scorches: ${takeThe(take, 'put in more, or use a pot in the oven')}.`,
  'fits: bone too long': ({ vessel, boneCm, reachCm, deepCm }) =>
    `A bone of ${cm(boneCm)} reaches ${cm(reachCm)} in the ${vessel}, which is ${cm(deepCm)} deep: the lid will not close; have it sawn through, or use a wider vessel.`,
  'fits: too tall': ({ vessel, standsCm, room, roomCm, bare }) =>
    `The ${vessel} with its lid stands ${cm(standsCm)} high and the ${room} has ${cm(roomCm)}: ${bare ? 'cover it with foil in place of the lid' : 'use a lower vessel, or the stove'}.`,
  'salt: refused': ({ liquid, finished, typed, most, bestG }) =>
    `“${typed}” of salt would make the ${liquid} ${percent(finished)}, too salty to eat (${percent(most)} at most): ${bestG > 0 ? `write ${grams(bestG)}` : 'leave it out'}.`,
  'salt: too much': ({ liquid, finished, lessG }) =>
    `The ${liquid} would end at ${percent(finished)}, too salty to drink: salt ${grams(lessG)} less now.`,
  'salt: brought in': ({ liquid, finished, itemsG, thinMl }) =>
    `What goes in brings ${grams(itemsG)} of salt by itself, and the ${liquid} would end at ${percent(finished)}: use unsalted stock${thinMl === undefined ? '; water alone does not help it' : `, or thin it with ${litres(thinMl)} of water`}.`,
  'boils dry': ({ dry, lackedMl, isOffered = false }) => {
    const what = dry
      ? `The pot would boil dry, short by about ${little(lackedMl)}; no broth figure.`
      : 'The pot boils nearly dry: what is left is a glaze that catches and is soon too salty.';
    return isOffered ? what : `${what} Keep the lid on, pour more, or cook it cooler.`;
  },
  'longer than a day': ({ cut }) =>
    `At this heat, in one pot of ten, ${cut} may still be tough after 24 h: give it more heat, or cut it smaller.`,
  'cold too long': ({ cut, hours }) =>
    `Heat it in smaller lots, cut it smaller, or pour the liquid boiling: from 5 to 57 °C in the middle of ${cut} would take about ${hours.toFixed(1)} h; 4 h is the usual limit. Follow your local food code.`,
  'still in': ({ things }) =>
    `Still in it: ${things.map(({ name, left, of }) => `${left} of ${of} × ${name}`).join(', ')}. Find them before it is served.`,
  'slow cooker keeps it': ({ leftMl, needMl, lessMl, boilMin }) => {
    const ways = [
      ...(lessMl === undefined ? [] : [`pour ${litres(lessMl)} less`]),
      `boil it down at the end (about ${boilMin} min, lid off)`,
      'keep the rest for the shelf',
    ];
    return `A slow cooker lets hardly any steam off: ${litres(leftMl)} will be left where the plates need ${litres(needMl)}. You can ${ways.join(', or ')}.`;
  },
};

/** What is wrong, in one sentence. */
export function saysWords(says: Says): string {
  // Each is filed under the code that it takes; the compiler cannot follow a union through that.
  return (sentences[says.what] as (of: Says) => string)(says);
}

export const problemWords = ({ says }: Pick<Problem, 'says'>): string => saysWords(says);

/** What one press does about it. */
export function remedyWords(remedy: Remedy): string {
  switch (remedy.what) {
    case 'take':
      return `Use the ${remedy.name}`;
    case 'split':
      return `Share it with the ${remedy.name}`;
    case 'pour later':
      return 'Pour half of it after an hour';
    case 'pour less':
      return `Pour ${litres(remedy.lessMl)} less`;
    case 'pour more':
      return `Pour ${litres(remedy.moreMl)} more`;
    case 'cover':
      return remedy.openLast
        ? `Lid on, ${remedy.openLast.lid} for the last ${remedy.openLast.minutes} min`
        : 'Keep the lid on';
    case 'heat':
      return `Set the oven to ${remedy.celsius} °C`;
    case 'salt':
      return remedy.grams > 0 ? `Salt with ${grams(remedy.grams)}` : 'Add no salt';
  }
}
