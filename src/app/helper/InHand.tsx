import { useState } from 'react';
import { feels, type Job } from '@/core/meal/index.ts';
import { type Quantity, writeMass, writeVolume } from '@/core/quantity/index.ts';
import type { HandoutRow } from '@/store/kinds.ts';
import { capital, waitsWords } from '@/words/index.ts';
import { massUnits } from '../open/useSettings.ts';
import { useWall } from '../open/useWall.ts';
import { QuantityField } from '../parts/fields/QuantityField.tsx';
import {
  forksAt,
  isDone,
  servedHere,
  weighedAt,
  writeDone,
  writeFork,
  writeServed,
  writeWeight,
} from './written.ts';
import css from './helper.module.scss';

interface Props {
  readonly row: HandoutRow;
  readonly job: Job;
  /** It is over, and the next comes. */
  readonly onDone: () => void;
}

/** The job in hand: what it is, for whom it waits, and what it asks: a weight, a fork, or that it is done. */
export function InHand({ row, job, onDone }: Props) {
  const { handout } = row;
  const wall = useWall(handout.zone);
  const pot = handout.pots.find(({ id }) => id === job.pot);
  const mass = (grams: number) => {
    const { value, unit } = writeMass(grams, handout.units);
    return `${value} ${unit}`;
  };
  return (
    <section className={css.inHand} aria-label="In hand">
      <h1>{job.words}</h1>
      <p className="quiet">
        {[
          ...(pot ? [pot.name] : []),
          ...(job.grams === undefined ? [] : [mass(job.grams)]),
          `${wall.clock(job.at)}, ${Math.round(job.minutes)} min`,
        ].join(' · ')}
      </p>
      {(job.waits ?? []).map((pass) => (
        <p key={`${pass.words} ${pass.at}`} className={css.waits}>
          {capital(waitsWords(pass, wall.clock))}
        </p>
      ))}
      {job.serves && <Served key={job.id} row={row} job={job} serves={job.serves} mass={mass} />}
      {job.fork === true ? (
        <Fork row={row} job={job} lots={pot?.lots ?? []} onDone={onDone} />
      ) : (
        <Weights row={row} job={job} mass={mass} onDone={onDone} />
      )}
    </section>
  );
}

/** What is weighed, and the one button that ends it. */
function Weights({ row, job, mass, onDone }: Props & { readonly mass: (grams: number) => string }) {
  const weighs = job.weigh ?? [];
  const [typed, setTyped] = useState<Readonly<Record<number, Quantity>>>({});
  const left = weighs.filter(
    (one, i) => weighedAt(row, job, one) === undefined && typed[i]?.lo === undefined,
  ).length;
  const finish = () => {
    writeDone(row.id, job);
    onDone();
  };
  const litres = (n: number) => {
    const { value, unit } = writeVolume(n, row.handout.units);
    return `${value} ${unit}`;
  };
  const volume = ({ lo, mid, hi }: { readonly lo: number; readonly mid: number; readonly hi: number }) => ({
    lo: litres(lo),
    mid: litres(mid),
    hi: litres(hi),
  });
  return (
    <>
      {weighs.map((one, i) => {
        const { likely, ml } = one;
        const words = ml
          ? volume(ml)
          : likely
            ? { lo: mass(likely.lo), mid: mass(likely.mid), hi: mass(likely.hi) }
            : undefined;
        const isWide = ml ? ml.hi > ml.lo : likely !== undefined && likely.hi > likely.lo;
        return (
          <div key={one.name} className={css.weight}>
            <QuantityField
              label={one.name}
              quantity={weighedAt(row, job, one)?.value ?? undefined}
              {...(ml
                ? { measure: ['mass', 'volume'] as const }
                : {
                    measure: 'mass' as const,
                    units: massUnits(row.handout.units),
                    near: likely && { lo: likely.lo, hi: likely.hi },
                  })}
              placeholder={words ? `about ${words.mid}` : ''}
              chars={9}
              weighs
              draft={['helper', row.id, job.id, one.name].join(' ')}
              onChange={(quantity) => setTyped((before) => ({ ...before, [i]: quantity }))}
              onDone={(quantity, measure) => {
                if (quantity.text !== weighedAt(row, job, one)?.value?.text)
                  writeWeight(row.id, job, one, quantity, measure === 'volume' ? 'volume' : 'mass');
              }}
            />
            {words && isWide && (
              <small className="quiet">
                {words.lo} to {words.hi} by the plan
              </small>
            )}
          </div>
        );
      })}
      <button
        type="button"
        className="btn act is-first"
        disabled={left > 0 || isDone(row, job)}
        onClick={finish}
      >
        {isDone(row, job) ? 'It is done' : weighs.length > 0 ? 'Write the weight' : 'Done'}
      </button>
      {left > 0 && !isDone(row, job) && (
        <button type="button" className="link" onClick={finish}>
          Done, and not weighed
        </button>
      )}
    </>
  );
}

interface ServedProps {
  readonly row: HandoutRow;
  readonly job: Job;
  readonly serves: NonNullable<Job['serves']>;
  readonly mass: (grams: number) => string;
}

/** Plates that went out, as often as some do: a tray, a table, all of them. */
function Served({ row, job, serves, mass }: ServedProps) {
  const [typed, setTyped] = useState<Quantity>();
  const out = servedHere(row, serves);
  const left = Math.max(0, Math.round(serves.count - out));
  const n = Math.round(typed?.lo ?? left);
  return (
    <div className={css.weight}>
      <QuantityField
        key={row.entries.length}
        label="How many go out"
        quantity={undefined}
        measure="count"
        placeholder={String(left)}
        chars={6}
        onChange={setTyped}
      />
      <button
        type="button"
        className="btn act"
        disabled={n <= 0}
        onClick={() => {
          writeServed(row.id, job, serves, { text: String(n), lo: n, hi: n });
          setTyped(undefined);
        }}
      >
        {n} out
      </button>
      {serves.on && (
        <small className="quiet">{mass(serves.on.reduce((sum, { g }) => sum + g, 0))} on each</small>
      )}
      {out > 0 && (
        <small className="quiet">
          {out} of {serves.count} are out
        </small>
      )}
    </div>
  );
}

interface ForkProps extends Props {
  readonly lots: readonly { readonly id: string; readonly name: string }[];
}

/** What the fork says, of which meat. */
function Fork({ row, job, lots, onDone }: ForkProps) {
  const wall = useWall(row.handout.zone);
  const [lot, setLot] = useState<string>();
  const said = forksAt(row, job);
  return (
    <>
      {lots.length > 1 && (
        <label className="field">
          Which meat
          <select
            value={lot ?? ''}
            onChange={({ target }) => setLot(target.value === '' ? undefined : target.value)}
          >
            <option value="">all of it</option>
            {lots.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
      <p className={css.feels}>
        {feels.map((feel) => (
          <button
            key={feel}
            type="button"
            className="btn act"
            onClick={() => {
              writeFork(row.id, job, lot, feel);
              onDone();
            }}
          >
            {feel}
          </button>
        ))}
      </p>
      {said.map(({ id, at, value }) => (
        <p key={id} className="quiet">
          {wall.clock(at)}: {value?.text}
        </p>
      ))}
    </>
  );
}
