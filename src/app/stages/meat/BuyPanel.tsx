import { useId } from 'react';
import { typedMass, writeMass } from '@/core/quantity/index.ts';
import { writeMoney } from '@/core/shop/index.ts';
import type { BuyAnswer, Feeds } from '@/core/answers/index.ts';
import type { BuyMix } from '@/core/meal/index.ts';
import { nothingToBuyWords } from '@/words/index.ts';
import { useAnswer } from '../../open/useAnswer.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import css from './meat.module.scss';

const ways: readonly { value: BuyMix; words: string }[] = [
  { value: 'as they are', words: 'in this mix' },
  { value: 'in order', words: 'the first, then the next' },
  { value: 'cheapest', words: 'the cheapest shred first' },
];
const USUAL = { chance: 0.9, way: 'as they are' } as const;

/** From the order back to raw weight, at a chance that the cook sets, and what that safety costs. */
export default function BuyPanel() {
  const { batch, units } = useOpenMeal();
  const asked = batch.buy ?? USUAL;
  const { chance } = asked;
  const ask = { batch: batch.id, chance, way: asked.way };
  const bought = useAnswer('buy', ask);
  const fed = useAnswer('feeds', { chance });
  const id = useId();
  const hundred = Math.round(100 * chance);
  const keep = (change: Partial<typeof asked>) => {
    editBatch(
      batch.id,
      'how surely it must be enough',
      (b) => ({ ...b, buy: { ...USUAL, ...b.buy, ...change } }),
      `${batch.id} buy`,
    );
  };
  const answer = bought.data?.ok ? bought.data.answer : undefined;
  const take = () => {
    editBatch(batch.id, 'buying what is needed', (b) => ({
      ...b,
      lots: b.lots.map((lot) => {
        const to = answer?.lots.find((one) => one.lot === lot.id);
        if (!to) return lot;
        return { ...lot, weight: to.grams > 0 ? typedMass(to.grams, units) : { text: '' } };
      }),
    }));
  };
  return (
    <section className="panel" aria-labelledby={`${id}-title`} aria-busy={bought.isPlaceholderData}>
      <h2 id={`${id}-title`}>How much to buy</h2>
      <div className="choices">
        <Surely chance={chance} onChange={(next) => keep({ chance: next })} />
        <Choice
          legend="Bought"
          hidden
          value={asked.way}
          options={ways}
          onChoose={(way) => {
            keep({ way });
          }}
        />
      </div>
      {bought.data && !bought.data.ok && <FieldError>{nothingToBuyWords(bought.data.why)}</FieldError>}
      {bought.error && (
        <FieldError>It could not be worked out ({bought.error.message}). Reload the page.</FieldError>
      )}
      {!bought.data && !bought.error && <p className="quiet">Working it out.</p>}
      {answer && <Bought answer={answer} onTake={take} />}
      {fed.data && <FeedsSoMany fed={fed.data} hundred={hundred} />}
    </section>
  );
}

interface SurelyProps {
  readonly chance: number;
  readonly onChange: (chance: number) => void;
}

/** In how many of a hundred it is to be enough. */
function Surely({ chance, onChange }: SurelyProps) {
  const id = useId();
  const hundred = Math.round(100 * chance);
  return (
    <span className={css.surely}>
      <label htmlFor={`${id}-chance`}>Enough</label>
      <input
        id={`${id}-chance`}
        type="range"
        min={50}
        max={99}
        value={hundred}
        aria-valuetext={`${hundred} in 100`}
        onChange={(event) => {
          onChange(Number(event.target.value) / 100);
        }}
      />
      <b className="num">{hundred} in 100</b>
    </span>
  );
}

interface BoughtProps {
  readonly answer: BuyAnswer;
  readonly onTake: () => void;
}

/** What is to be bought, what of it is safety, and what that leaves. */
function Bought({ answer, onTake }: BoughtProps) {
  const { batch, units } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const set = (g: number) => {
    const { value, unit } = writeMass(g, units);
    return `${value} ${unit}`;
  };
  return (
    <>
      <ul className={css.bought}>
        {answer.lots.map(({ lot, grams, all, cost }) => {
          const known = batchReckoning.lots.find((one) => one.lot === lot);
          const plain = batch.lots.find((one) => one.id === lot);
          return (
            <li key={lot}>
              <b className="num">{grams > 0 ? typedMass(grams, units).text : 'none'}</b>
              <span>
                {known?.name ?? plain?.cut}
                {all && grams > 0 && <span className="quiet">, all that the shop has</span>}
              </span>
              <span className="quiet num">{cost && grams > 0 ? writeMoney(cost) : ''}</span>
            </li>
          );
        })}
      </ul>
      {answer.shopIsShort && (
        <FieldError>
          The shop has too little: all of it is enough {Math.round(100 * answer.chance)} times in 100. Add
          another cut, or serve less.
        </FieldError>
      )}
      <p>
        {answer.safetyG > 5 ? (
          <>
            <b>{set(answer.safetyG)}</b> of it
            {answer.safetyCost && <>, {writeMoney(answer.safetyCost)},</>} is the safety margin.{' '}
          </>
        ) : null}
        On average {set(answer.leftG)} of shred is left over.
        {answer.cost && <> In all {writeMoney(answer.cost)}.</>}
      </p>
      <button type="button" className="btn act" onClick={onTake}>
        Write these weights
      </button>
    </>
  );
}

/** What the lots as they stand are enough for. */
function FeedsSoMany({ fed, hundred }: { readonly fed: Feeds; readonly hundred: number }) {
  return (
    <p className={css.feeds}>
      These weights feed the order <b className="num">{(Math.floor(fed.times * 100) / 100).toFixed(2)}</b>{' '}
      times, {hundred} in 100
      {fed.alone.length > 0 && ', or '}
      {fed.alone.map(({ dish, name, count }, i) => (
        <span key={dish}>
          {i > 0 && ', or '}
          <b className="num">{count}</b> {name} alone
        </span>
      ))}
      .
    </p>
  );
}
