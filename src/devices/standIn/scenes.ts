/** Something that is put on the scale, or taken off it, g, so long after the one before, s. */
interface Put {
  readonly after: number;
  readonly grams: number;
  readonly words: string;
}

/** A piece of work at the scale, to be played: what it is called and what is put on, one after the other. */
export interface Scene {
  readonly name: string;
  readonly puts: readonly Put[];
}

const bones = [118, 96, 104, 131, 99, 112, 87, 124, 93, 120, 108, 115];

/** Scenes for trying the bench without a scale. */
export const scenes: readonly Scene[] = [
  {
    name: 'a bowl, then the meat into it',
    puts: [
      { after: 0.5, grams: 412, words: 'a steel bowl' },
      { after: 3, grams: 3480, words: 'half of the meat' },
      { after: 3, grams: 3420, words: 'the other half' },
    ],
  },
  {
    name: 'the bones of a shank, one by one',
    puts: bones.map((grams, i) => ({ after: i === 0 ? 0.5 : 2, grams, words: `bone ${String(i + 1)}` })),
  },
  {
    name: 'what was picked out',
    puts: [
      { after: 0.5, grams: 310, words: 'membrane' },
      { after: 3, grams: 214, words: 'lumps of fat' },
    ],
  },
  {
    name: 'the shred, in two bowls',
    puts: [
      { after: 0.5, grams: 2240, words: 'the first bowl, without the bowl' },
      { after: 4, grams: -2240, words: 'off again' },
      { after: 2, grams: 2195, words: 'the second' },
    ],
  },
  { name: 'more than it bears', puts: [{ after: 0.5, grams: 16_500, words: 'a full pot' }] },
];
