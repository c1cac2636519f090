import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import {
  type BenchCard,
  type BatchReckoning,
  type DayPlan,
  boneEachG,
  vesselFor,
} from '@/core/questions/index.ts';
import { pullingOf } from '@/core/bench/index.ts';
import type { ComesOut } from '@/core/pot/index.ts';
import type { Range } from '@/core/quantity/index.ts';
import { benchTitle, inBowlWords, weighedWords } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../data/MealContext.ts';
import { useSaid } from '../../data/useSaid.ts';
import { useWall } from '../../data/useWall.ts';
import { Caution } from '../../parts/Caution.tsx';
import { Checks } from '../../clock/Checks.tsx';
import { startTimer } from '../../clock/timers/timers.ts';
import { Probes } from '../scale/Probes.tsx';
import { PotReading } from '../../clock/PotReading.tsx';
import { Unaccounted } from '../../parts/Unaccounted.tsx';
import { Bones } from './Bones.tsx';
import { GoesBack } from './GoesBack.tsx';
import { Gone } from './Gone.tsx';
import { Leavings } from './Leavings.tsx';
import { Lessons } from '../../parts/Lessons.tsx';
import { ScaleCounts } from './ScaleCounts.tsx';
import { WeighIt } from './WeighIt.tsx';
import css from './task.module.scss';

interface Props {
  readonly card: BenchCard;
  readonly day: DayPlan | undefined;
  /** What is due next of another pot. */
  readonly other: BenchCard | undefined;
  readonly now: number;
  /** Somebody came here from another card: its title is read out. */
  readonly moved: boolean;
}

/** One thing to do, as large as it can be read from across the counter. */
export function Card({ card, day, other, now, moved }: Props) {
  const { batchReckoning } = useFigures();
  const wall = useWall();
  const title = useRef<HTMLHeadingElement>(null);
  useEffect(() => {
    if (moved) title.current?.focus({ preventScroll: true });
  }, [moved]);
  const { mass, volume } = useSaid();
  const bones = batchReckoning.comeOut.filter(({ kind }) => kind === 'bones');
  const counted = bones.filter(({ count }) => count !== undefined);
  const left =
    counted.length === 0
      ? undefined
      : counted.reduce((n, { count = 0, back }) => n + Math.max(0, count - back), 0);
  const back = bones.reduce((n, one) => n + one.back, 0);
  return (
    <article className={css.card}>
      <header>
        <div>
          <h1 ref={title} tabIndex={-1}>
            {benchTitle(card, left, back)}
          </h1>
          <p className={css.under}>
            {card.pot}
            {underOf(card, batchReckoning, {
              mass,
              counted,
              volume,
            })}
          </p>
        </div>
        <p className={css.when}>
          <b className="num">{wall.clock(other?.at ?? card.at ?? now)}</b>
          <small>
            {other ? `${benchTitle(other, undefined, 0)}, ${other.pot}` : card.done ? 'done' : 'due'}
          </small>
        </p>
      </header>
      <Body card={card} day={day} bones={bones} mass={mass} />
    </article>
  );
}

interface Says {
  readonly mass: (grams: number) => string;
  readonly volume: (ml: number) => string;
  readonly counted: readonly ComesOut[];
}

/** What else has to be known for it, in one line. */
function underOf(
  { what, step }: BenchCard,
  { salt, meat, liquids }: BatchReckoning,
  { mass, volume, counted }: Says,
) {
  switch (what) {
    case 'bone':
      return counted.map(({ name, count = 0, back }) => `, ${name}: ${back} of ${count} out`).join('');
    case 'dress':
      return salt && salt.atDressingG > 0.5 ? `: ${mass(salt.atDressingG)} of salt over the meat` : '';
    case 'pull':
      return `, about ${mass(meat.shredG.mid)}`;
    case 'boil down':
      return step?.to?.lo === undefined ? '' : `, to ${volume(step.to.lo)}`;
    case 'thicken':
    case 'add':
    case 'salt':
      return step?.amount ? `: ${step.amount.text}` : '';
    case 'hold':
      return liquids[0] ? `, in ${volume(liquids[0].ml.mid)}` : '';
    default:
      return '';
  }
}

function Body({
  card,
  day,
  bones,
  mass,
}: Pick<Props, 'card' | 'day'> & { readonly bones: readonly ComesOut[]; readonly mass: Says['mass'] }) {
  const { loaded, batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { meat, liquid, second } = batchReckoning;
  const { what, flow } = card;
  const wall = useWall();
  const [backOpen, setBackOpen] = useState(false);
  const { coolMin } = pullingOf(batch);
  const expected: Partial<Record<BenchCard['what'], { range: Range | null; mostG: number }>> = {
    lift: { range: meat.onBenchG, mostG: meat.rawG.mid },
    bone: { range: meat.boneOutG, mostG: meat.onBenchG.mid },
    pick: { range: meat.pickingsG, mostG: meat.rawG.mid - meat.boneOutG.mid },
    pull: { range: meat.shredG, mostG: meat.rawG.mid - meat.boneOutG.mid },
    strain: { range: liquid.solidsG, mostG: meat.rawG.mid + (liquid.pouredMl?.mid ?? 0) },
    again: { range: second && { mid: second.shredG }, mostG: second?.backG ?? 0 },
    dress: { range: { mid: batchReckoning.dressedG }, mostG: Infinity },
    skim: { range: liquid.skimG, mostG: 2 * (liquid.fatG?.mid ?? 0) + 200 },
  };
  const weighs = expected[what];
  const items = batchReckoning.comeOut.filter(({ kind }) => kind === 'item');
  if (what === 'look') return <Checks day={day} />;
  return (
    <>
      {what === 'bone' &&
        bones.map((thing) => (
          <Bones
            key={thing.thing}
            thing={thing}
            eachG={boneEachG(thing, batchReckoning.lots)}
            mass={mass}
            labelled={bones.length > 1}
          />
        ))}
      {what === 'bone' && bones[0] && (
        <ScaleCounts thing={missing(bones)} eachG={boneEachG(missing(bones), batchReckoning.lots)} />
      )}
      {flow && !backOpen && weighs?.range && weighedWords[what] !== undefined && (
        <WeighIt
          flow={flow}
          words={weighedWords[what] ?? ''}
          thing={inBowlWords[what] ?? ''}
          expected={weighs.range}
          mostG={weighs.mostG}
        />
      )}
      {what === 'cool' && (
        <p className={css.acts}>
          <button
            type="button"
            className="btn act is-first"
            onClick={() => startTimer(`${card.pot} is cool enough`, coolMin)}
          >
            Timer, {Math.round(coolMin)} min
          </button>
        </p>
      )}
      {(what === 'boil down' || what === 'skim' || what === 'strain' || what === 'thicken') && (
        <p>
          <Link className="link" to={`/meals/${loaded.meal.id}/batches/${batch.id}/broth`}>
            Go to the jug
          </Link>
        </p>
      )}
      {(what === 'take out' || what === 'bone') && items.length > 0 && (
        <section className={css.still} aria-label="Still in the pot">
          <p className="quiet">Still in the pot</p>
          {items.map((thing) => (
            <div key={thing.thing}>
              <Bones thing={thing} eachG={undefined} mass={mass} />
              <b>
                {Math.max(0, (thing.count ?? 0) - thing.back) || 'no'} {thing.name}
              </b>
            </div>
          ))}
        </section>
      )}
      {forgottenAt.has(what) && (
        <p className={css.under}>On, boiling, timer running, all in that is on the list.</p>
      )}
      {what === 'pull' && <GoesBack open={backOpen} onOpen={setBackOpen} mass={mass} />}
      {what === 'again' && second && (
        <p className={css.under}>
          {mass(second.backG)} went back at {wall.clock(second.at)}: tender between{' '}
          {wall.clock(second.tender.p10 ?? second.tender.mid)} and{' '}
          {wall.clock(second.tender.p90 ?? second.tender.mid)}. Test it with a fork first.
        </p>
      )}
      {what === 'lift' && <PotReading />}
      {what === 'chill' && <Chill />}
      {(what === 'bone' || what === 'pick' || what === 'strain') && <Leavings of={leftAt[what]} />}
      {fromBowl.has(what) && <Gone what={['eaten', 'thrown', 'foundLate']} />}
      <Unaccounted />
      {what === 'strain' && <Into ml={(liquid.brothMl ?? liquid.sauceMl)?.mid} />}
      {what === 'hold' && <Probes />}
      {what !== 'chill' && what !== 'again' && <Lessons step={what} />}
      {(what === 'bone' || what === 'pick') && (
        <Caution>
          Small bones and membrane: pick twice for children and anyone who has trouble swallowing.
        </Caution>
      )}
    </>
  );
}

/** What it is strained into: the smallest vessel that holds it. */
function Into({ ml }: { readonly ml: number | undefined }) {
  const { loaded } = useOpenMeal();
  const vessel = ml === undefined ? undefined : vesselFor(ml, loaded.kitchen);
  if (ml === undefined) return null;
  return (
    <p className={css.under}>
      {vessel
        ? `Into the ${vessel.name}: it holds it all.`
        : 'No vessel of the kitchen holds it all: use two.'}
    </p>
  );
}

/** What is left over at a step. */
const leftAt = { bone: 'bone', pick: 'pickings', strain: 'strained' } as const;
/** At these something may be eaten, dropped or found. */
const fromBowl = new Set<BenchCard['what']>([
  'pull',
  'pick',
  'again',
  'stretch',
  'dress',
  'meat back',
  'hold',
]);

/** The overnight way: fast through the warm hours, in shallow vessels, then a night in the fridge. */
function Chill() {
  const { batchReckoning } = useFigures();
  const { liquid } = batchReckoning;
  return (
    <>
      <Into ml={(liquid.brothMl ?? liquid.sauceMl)?.mid} />
      <Caution>
        From 57 to 21 °C within 2 h and to 5 °C within 6 h in all: no more than 5 cm deep, in an ice bath,
        stirred. Follow your local food code and, for a business, your licensed plan.
      </Caution>
    </>
  );
}

/** Before each of these something is put on the heat: what is often forgotten is said. */
const forgottenAt = new Set<BenchCard['what']>(['boil down', 'meat back', 'hold']);

/** The first of which one is missing. */
function missing(bones: readonly ComesOut[]): ComesOut {
  const found = bones.find(({ count = Infinity, back }) => back < count) ?? bones[0];
  if (!found) throw new Error('There are no bones.');
  return found;
}
