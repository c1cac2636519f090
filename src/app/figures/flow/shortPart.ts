import type { StrandBar } from '@/core/log/index.ts';

const short: Readonly<Partial<Record<StrandBar['part'], string>>> = {
  bone: 'bone',
  pickings: 'picked',
  trim: 'trimmed',
  air: 'to the air',
  unpulled: 'too tough',
  juice: 'juice',
  fat: 'fat',
  pour: 'poured',
  items: 'vegetables',
  steam: 'steam',
  alcohol: 'alcohol',
  strained: 'strained',
  skim: 'skimmed',
  liquid: 'broth',
  missing: 'missing',
  found: 'too much',
};

/** A part of the strands in a word that stands under it. */
export const shortPart = ({ part, words }: Pick<StrandBar, 'part' | 'words'>): string => short[part] ?? words;
