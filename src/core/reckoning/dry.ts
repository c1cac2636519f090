import type { Phase } from '../meal/index.ts';
import { covered, openPhase, withCook, withLastMinutes } from '../clock/index.ts';
import { aloneOf, type Planned } from './offers/alone.ts';
import {
  keptFor,
  openMeal,
  type Input,
  type NominalBatch,
  type Problem,
  type Remedy,
} from '../model/index.ts';

/** Poured beside what is lacking, so that some is left to spoon: ml, and of what boils off (estimates). */
const LEFT_OVER = 250;
const LEFT_SHARE = 0.15;
/** Nobody braises cooler, and by so much it is turned down, °C (estimates). */
const COOLEST = 100;
const COOLER = 10;
/** A lid is moved to the quarter of an hour. */
const ROUND = 15;

/**
 * A pot that boils dry, or nearly: said wherever the batch is, with each way out that really helps. Each is tried on the whole
 * reckoning, since a lid or a cooler oven changes the time too.
 */
export function boilsDry(one: NominalBatch, meal: Planned): Problem[] {
  const { input } = meal;
  const { plan, mass } = one;
  const { liquid } = mass;
  if (!plan.liquid || !(liquid.dry || liquid.nearDry)) return [];
  const says = {
    what: 'boils dry',
    dry: liquid.dry,
    lackedMl: liquid.lacked,
    steamMl: liquid.steam,
  } as const;
  // Tried once for a pot as it stands: a key in another leaves it so.
  const remedies = ways(one, [input.kitchen, input.learned], () => waysOut(one, aloneOf(meal, plan.id)));
  return [{ batch: plan.id, stage: 'pot', everywhere: true, says, remedies }];
}

const ways = keptFor<Remedy[]>();

function waysOut({ plan, mass }: NominalBatch, input: Input): Remedy[] {
  const open = openPhase(plan.batch.cook);
  if (!open) return [];
  const helps = (cook: readonly Phase[]) => staysWet(plan.id, cook, input);
  const lidOn = covered(plan.batch.cook);
  const ways: Remedy[] = [];
  if (open.lid !== 'on' && helps(lidOn)) {
    ways.push({ what: 'cover' });
    const minutes = lastOpen(open, lidOn, plan.lengths, helps);
    if (minutes > 0) ways.push({ what: 'cover', openLast: { lid: open.lid, minutes } });
  }
  // Once its lid is on more can still be poured: it is hot then.
  const pour = plan.liquid?.items.find((item) => item.role === 'liquid' && item.at <= 0 && !item.marinade);
  if (pour) {
    const { lacked, steam } = mass.liquid;
    const leftOver = Math.max(LEFT_OVER, LEFT_SHARE * (steam + lacked));
    const moreMl = Math.ceil((lacked + leftOver) / 50) * 50;
    const ml = pour.grams / pour.density + moreMl;
    ways.push({
      what: 'pour more',
      item: pour.id,
      amount: { text: `${Math.round(ml)} ml`, lo: ml, hi: ml },
      moreMl,
    });
  }
  const celsius = coolerThatHelps(open, plan.batch.cook, helps);
  if (celsius !== undefined)
    ways.push({ what: 'heat', setting: { text: `${celsius} °C`, lo: celsius, hi: celsius }, celsius });
  return ways;
}

function staysWet(id: string, cook: readonly Phase[], input: Input): boolean {
  const batches = input.batches.map((batch) => (batch.id === id ? withCook(batch, cook) : batch));
  const { nominal } = openMeal({ ...input, batches });
  const liquid = nominal.batches.find(({ plan }) => plan.id === id)?.mass.liquid;
  return liquid !== undefined && !liquid.dry && !liquid.nearDry;
}

/** With the lid on before, it may stand as it did for so many minutes at the end. */
function lastOpen(
  open: Phase,
  lidOn: readonly Phase[],
  lengths: readonly number[],
  helps: (cook: readonly Phase[]) => boolean,
): number {
  const all = lengths.reduce((sum, length) => sum + length, 0);
  for (let minutes = Math.min(90, Math.floor(all / 2 / ROUND) * ROUND); minutes >= ROUND; minutes -= ROUND)
    if (helps(withLastMinutes(lidOn, open.lid, minutes))) return minutes;
  return 0;
}

function coolerThatHelps(
  open: Phase,
  cook: readonly Phase[],
  helps: (cook: readonly Phase[]) => boolean,
): number | undefined {
  if (open.heat !== 'oven' || typeof open.setting !== 'object' || open.setting.lo === undefined)
    return undefined;
  for (
    let celsius = Math.ceil(open.setting.lo / COOLER) * COOLER - COOLER;
    celsius >= COOLEST;
    celsius -= COOLER
  ) {
    const setting = { text: '', lo: celsius, hi: celsius };
    if (helps(cook.map((phase) => (phase === open ? { ...phase, setting } : phase)))) return celsius;
  }
  return undefined;
}
