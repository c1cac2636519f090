import { flow, massOf, plus, settle, times, type Amount, type Flow, type Owner } from '../ledger/index.ts';
import { phi } from '../tender/index.ts';
import {
  isWeighed,
  pickedShare,
  pickingsFat,
  picksAll,
  type CookedLot,
  type LotDraw,
  type LotMass,
  type LotPlan,
} from '../meat/index.ts';

/** Pieces of a lot come along this much apart, of the log of their rate (estimate). */
const PIECES = 0.15;

/**
 * The lot on the bench: bones out, unless it is served on them; of a cook that is timed, the pieces that are not tender
 * yet will not pull, or as many as were put back; pickings off (s of the rest), and what is left is shred. What went back
 * is pulled in a second wave. Of the bowl goes what was eaten or thrown away.
 */
export function pickLot(plan: LotPlan, draw: Readonly<LotDraw>, out: LotMass): void {
  const { weighed } = plan;
  out.boneServed = plan.onBone ? out.boneOnBench : 0;
  if (plan.onBone) out.bone = 0;
  const wentBack = isWeighed(weighed.unpulled);
  const pulls = wentBack
    ? Math.max(0, out.bench - weighed.unpulled)
    : plan.chops
      ? out.bench
      : out.bench * pullingShare(plan.doneness * draw.doneness);
  const share = picked(plan, draw, out);
  out.pickings = isWeighed(weighed.pickings) ? weighed.pickings : pulls * share;
  out.unpulled = wentBack ? weighed.unpulled : out.bench - pulls;
  if (isWeighed(weighed.shred)) {
    out.shred = weighed.shred;
    // Whatever was shredded pulled after all.
    if (!wentBack) out.unpulled = Math.min(out.unpulled, Math.max(0, out.bench - out.pickings - out.shred));
  } else out.shred = Math.max(0, pulls - out.pickings);
  out.again = isWeighed(weighed.again) ? weighed.again : wentBack ? out.unpulled * (1 - share) : 0;
  out.eaten = orNone(weighed.eaten);
  out.thrown = orNone(weighed.thrown);
  out.bowl = Math.max(0, out.shred + out.again + out.foundLate - out.eaten - out.thrown);
}

const orNone = (grams: number): number => (isWeighed(grams) ? grams : 0);

/** The chance that a piece has come as far as tender; all of it where nothing is timed. */
const pullingShare = (far: number): number =>
  Number.isNaN(far) ? 1 : phi(Math.log(Math.max(1e-9, far)) / PIECES);

function picked({ pick, picks }: LotPlan, draw: Readonly<LotDraw>, { trimmedCooked }: LotMass): number {
  return picksAll(pick) ? 1 : Math.min(0.95, pickedShare(pick, trimmedCooked) * picks * draw.pickings);
}

/**
 * What the bench makes of one lot's cooked meat: bone and pickings out, shred into the bowl. What is picked out is fatter than the
 * meat, so that lean only leaves the fat of the published lean; the shred has what is left of each component.
 * @returns its flows, and one gram of what lies in the bowl
 */
export function pickFlows(
  plan: LotPlan,
  mass: LotMass,
  { flesh, bone }: CookedLot,
  owner: Owner,
): { readonly flows: Flow[]; readonly bowl: Amount } {
  const picked = withFat(flesh, fatOfPickings(plan, mass, flesh.fat));
  const shred = perGram(plus(times(flesh, mass.shred + mass.pickings), picked, -mass.pickings), flesh);
  const late = mass.again + mass.foundLate;
  const bowl = perGram(plus(times(shred, mass.shred), times(flesh, late)), flesh);
  const flows = [
    flow('bone', owner, times(bone, mass.bone)),
    flow('pickings', owner, times(picked, mass.pickings)),
    flow('boneServed', owner, times(bone, mass.boneServed)),
    flow('unpulled', owner, times(flesh, mass.unpulled)),
    flow('shred', owner, times(shred, mass.shred)),
    flow('again', owner, times(flesh, mass.again)),
    flow('eaten', owner, times(bowl, mass.eaten)),
    flow('thrown', owner, times(bowl, mass.thrown)),
    ...settle(owner, 'bench', 'bench', 'bone', bone, mass.boneOnBench - mass.bone - mass.boneServed),
    ...settle(
      owner,
      'bench',
      'bench',
      'meat',
      flesh,
      mass.bench - mass.pickings - mass.unpulled - mass.shred,
    ),
    ...settle(owner, 'bowl', 'bench', 'meat', bowl, mass.shred + late - mass.eaten - mass.thrown - mass.bowl),
  ];
  return { flows, bowl };
}

/** Fat of a gram of the pickings, no more than there is. */
function fatOfPickings({ pick, leanFat }: LotPlan, mass: LotMass, fat: number): number {
  const { shred, pickings, trimmedCooked } = mass;
  const most = pickings > 0 ? (fat * (shred + pickings)) / pickings : fat;
  return Math.min(most, pickingsFat(pick, fat, leanFat, trimmedCooked));
}

/** The same stuff with another share of fat. */
function withFat(one: Amount, fat: number): Amount {
  const lean = one.fat < 1 ? (1 - fat) / (1 - one.fat) : 0;
  return { ...times(one, lean), fat };
}

/** One gram of so much; of nothing, of what it would be. */
function perGram(all: Amount, stuff: Amount): Amount {
  const grams = massOf(all);
  return grams > 1e-9 ? times(all, 1 / grams) : stuff;
}
