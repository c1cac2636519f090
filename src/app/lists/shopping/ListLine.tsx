import type { Needed } from '@/core/answers/index.ts';
import { type UnitChoice, writeMass } from '@/core/quantity/index.ts';
import { editKitchen, tickOff } from '../../open/edits/index.ts';
import { massUnits } from '../../open/useSettings.ts';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import css from './shopping.module.scss';
import { formOf, noun } from '@/words/index.ts';

interface Props {
  readonly line: Needed;
  /** What has been ticked off so far. */
  readonly got: ReadonlySet<string>;
  readonly units: UnitChoice;
}

/** How much, as a shop sells it: what is counted by the piece as pieces. */
const saidOf = ({ amount, measure, pieces }: Needed, set: (grams: number) => string) =>
  measure === 'count'
    ? String(Math.ceil(amount))
    : pieces !== undefined
      ? `${pieces}, ${set(amount)}`
      : set(amount);

const packWords = ({ section, measure, packs = [] }: Needed, set: (grams: number) => string) =>
  packs
    .map(({ count, each }) => {
      const holds = measure === 'count' ? String(each) : set(each);
      return `${count} × ${holds}${section === 'wine and beer' ? ` ${formOf(count, noun('bottle'))}` : ''}`;
    })
    .join(' + ');

/** One thing to buy: how much, in how many packs; ticked off when it is in the bag. */
export function ListLine({ line, got, units }: Props) {
  const { section, name, ref } = line;
  const set = (grams: number) => {
    const { value, unit } = writeMass(grams, units);
    return `${value} ${unit}`;
  };
  const said = saidOf(line, set);
  // More of it than was ticked off is another errand.
  const key = `${section} ${name} ${said}`;
  const ticked = got.has(key);
  return (
    <li className={ticked ? css.isGot : undefined}>
      <label>
        <input
          type="checkbox"
          checked={ticked}
          onChange={() => {
            tickOff(key);
          }}
        />
        {name}
      </label>
      <b className="num">{said}</b>
      <span className={css.pack}>
        <span className="num">{packWords(line, set)}</span>
        {ref !== undefined && (
          <button
            type="button"
            className={`link quiet ${css.noPrint ?? ''}`}
            title={`${name} is always in the house`}
            onClick={() => {
              editKitchen(`${name} in the house`, (kitchen) => ({
                ...kitchen,
                atHome: [...(kitchen.atHome ?? []).filter((other) => other !== ref), ref],
              }));
            }}
          >
            have it
          </button>
        )}
        {ref !== undefined && (
          <span className={css.noPrint}>
            <QuantityField
              label={`One pack of ${name}`}
              hidden
              quantity={undefined}
              measure="mass"
              units={massUnits(units).toReversed()}
              placeholder="pack"
              draft={`pack ${ref}`}
              chars={5}
              onDone={({ lo }) => {
                if (lo === undefined) return;
                editKitchen(`the pack of ${name}`, (kitchen) => ({
                  ...kitchen,
                  packs: { ...kitchen.packs, [ref]: lo },
                }));
              }}
            />
          </span>
        )}
      </span>
    </li>
  );
}
