import type { EventCost } from '@/core/event/index.ts';
import { figureOf, type Money, writeMoney } from '@/core/shop/index.ts';
import { lossWords } from '@/words/index.ts';
import { useSaid } from '../open/useSaid.ts';
import { Scrolls } from './Scrolls.tsx';

/** What it costs, line by line, and what of it falls to each sitting. */
export function CostTable({ cost }: { readonly cost: EventCost }) {
  const several = cost.sittings.length > 1;
  return (
    <Scrolls label="What it costs">
      <table className="table">
        <thead>
          <tr>
            <th scope="col">What it costs</th>
            <th scope="col">in all</th>
            {several &&
              cost.sittings.map(({ id, name }) => (
                <th key={id} scope="col">
                  {name}
                </th>
              ))}
          </tr>
        </thead>
        <tbody>
          {cost.lines.map(({ id, name, of, cost: paid, bySitting }) => (
            <tr key={id}>
              <th scope="row">{of === 'meat' ? `meat of ${name}` : name}</th>
              <td className="num">{writeMoney(paid)}</td>
              {several && cells(cost.sittings, bySitting)}
            </tr>
          ))}
          <tr>
            <th scope="row">all of it</th>
            <td className="num">
              <b>{writeMoney(cost.total)}</b>
            </td>
            {several && cells(cost.sittings, cost.bySitting)}
          </tr>
        </tbody>
      </table>
    </Scrolls>
  );
}

const cells = (sittings: readonly { readonly id: string }[], all: readonly Money[]) =>
  sittings.map(({ id }, i) => {
    const one = all[i];
    return (
      <td key={id} className="num">
        {one && writeMoney(one)}
      </td>
    );
  });

/** Where the money of the meat went: what nobody eats was bought too. */
export function LossTable({ cost: { losses } }: { readonly cost: EventCost }) {
  const { mass } = useSaid();
  if (losses.length === 0) return null;
  const all = losses.reduce((sum, { grams }) => sum + grams, 0);
  return (
    <Scrolls label="Where the meat’s money goes">
      <table className="table">
        <thead>
          <tr>
            <th scope="col">Where the meat’s money goes</th>
            <th scope="col">by weight</th>
            <th scope="col">of it</th>
            <th scope="col">paid</th>
          </tr>
        </thead>
        <tbody>
          {losses.map(({ way, grams, cost }) => (
            <tr key={way}>
              <th scope="row">{lossWords(way)}</th>
              <td className="num">{mass(grams)}</td>
              <td className="num">{Math.round((100 * grams) / all)} %</td>
              <td className="num">{writeMoney(cost)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scrolls>
  );
}

/** The same as rows of a file: amounts as figures, their currency in the heading. */
export const costRows = (cost: EventCost): readonly (readonly string[])[] => [
  ['what', `in all, ${cost.currency}`, ...cost.sittings.map(({ name }) => name)],
  ...cost.lines.map(({ name, of, cost: paid, bySitting }) => [
    of === 'meat' ? `meat of ${name}` : name,
    ...[paid, ...bySitting].map((one) => String(figureOf(one))),
  ]),
  ['all of it', ...[cost.total, ...cost.bySitting].map((one) => String(figureOf(one)))],
  [],
  ['of the meat', `paid, ${cost.currency}`, 'g'],
  ...cost.losses.map(({ way, grams, cost: paid }) => [
    lossWords(way),
    String(figureOf(paid)),
    String(Math.round(grams)),
  ]),
];
