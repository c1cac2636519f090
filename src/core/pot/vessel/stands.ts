import type { Heat, HeatSource, Stand, Vessel } from '../../meal/index.ts';
import { brimMl } from './shape.ts';

/** What a vessel of each kind may stand on if nobody has said (common practice, no source). */
const usually: Readonly<Record<Vessel['kind'], readonly Stand[]>> = {
  pot: ['burner', 'oven'],
  pan: ['burner'],
  'slow cooker': ['slow cooker base'],
  'roasting pan': ['oven', 'smoker', 'grill'],
  tray: ['oven', 'smoker', 'grill'],
  'blender jug': [],
  bowl: [],
};
const standOf: Readonly<Record<Heat, Stand>> = {
  oven: 'oven',
  stove: 'burner',
  'slow cooker': 'slow cooker base',
  smoker: 'smoker',
};

export const standsOn = (vessel: Vessel): readonly Stand[] => vessel.on ?? usually[vessel.kind];

export const mayStand = (vessel: Vessel, heat: Heat): boolean => standsOn(vessel).includes(standOf[heat]);

/**
 * The vessels that a heat takes, smallest first. After a smoke the covered pot goes where pots go, so
 * a pot is taken if nothing of the kitchen may stand in the smoker.
 */
export function vesselsFor(heat: Heat, vessels: readonly Vessel[]): readonly Vessel[] {
  const fits = vessels.filter((v) => v.kind !== 'pan' && mayStand(v, heat));
  const taken = fits.length === 0 && heat === 'smoker' ? vessels.filter((v) => v.kind === 'pot') : fits;
  // A pot before a tray, where both would do: its lid closes.
  return taken.toSorted((a, b) => Number(flat(a)) - Number(flat(b)) || brimMl(a) - brimMl(b));
}

const flat = ({ kind }: Vessel) => kind === 'tray' || kind === 'roasting pan';

/** What may be seared in: pans first, then what else may stand on a burner, widest first. */
export const pansOf = ({ vessels }: { readonly vessels: readonly Vessel[] }): readonly Vessel[] =>
  vessels
    .filter((vessel) => standsOn(vessel).includes('burner'))
    .toSorted((a, b) => Number(b.kind === 'pan') - Number(a.kind === 'pan') || b.widthCm - a.widthCm);

/** Whether a vessel may be warmed on the stove before it goes where it is cooked. */
export const mayBeWarmed = (vessel: Vessel): boolean => standsOn(vessel).includes('burner');

/** Metal under and lid over the inner height, cm (estimates). */
const BOTTOM = 0.5;
const usualLid: Readonly<Record<Vessel['kind'], number>> = {
  pot: 4,
  pan: 4,
  'slow cooker': 4,
  'roasting pan': 5,
  tray: 0,
  'blender jug': 0,
  bowl: 0,
};

/** How high a vessel stands with its lid on, cm. */
export const outerCm = (vessel: Vessel, covered: boolean): number =>
  BOTTOM + vessel.heightCm + (covered ? (vessel.lidCm ?? usualLid[vessel.kind]) : 0);

/** Inner width of an oven that nobody has measured, cm (estimate). */
export const OVEN_WIDTH = 45;

/** The sources of heat of a kind; a kitchen that has named none has one of the usual size. */
export const sourcesOf = (
  kitchen: { readonly heatSources?: readonly HeatSource[] | undefined },
  kind: HeatSource['kind'],
): readonly HeatSource[] => (kitchen.heatSources ?? usualSources).filter((source) => source.kind === kind);

/** Four burners and an oven with 30 cm between its rack and its roof (estimate). */
export const usualSources: readonly HeatSource[] = [
  { id: 'burner-1', name: 'large burner', kind: 'burner' },
  { id: 'burner-2', name: 'second burner', kind: 'burner' },
  { id: 'burner-3', name: 'third burner', kind: 'burner' },
  { id: 'burner-4', name: 'small burner', kind: 'burner' },
  { id: 'oven', name: 'oven', kind: 'oven', heightCm: 30 },
  { id: 'slow-base', name: 'slow cooker base', kind: 'slow cooker base' },
];
