import { lotReckoning } from '@/core/reckoning/index.ts';
import { useState } from 'react';
import { becomes } from '@/core/bench/index.ts';
import { type KnownCut } from '@/core/meat/index.ts';
import { type UnitChoice, writeMass } from '@/core/quantity/index.ts';
import { type KitchenYield } from '@/core/answers/index.ts';
import type { Cut } from '@/reference/types.ts';
import { editKitchen } from '../../open/edits/index.ts';
import { useNarrow } from '../../browser/useNarrow.ts';
import { LotCutApart } from '../../figures/LotCutApart.tsx';
import css from './cuts.module.scss';

const KILO = 1000;
/** A kilogram is drawn so wide, px. */
const [WIDTH, ON_PHONE] = [470, 350] as const;

/** A kilogram of a cut as a drawing wants it. */
export const drawnOf = (cut: KnownCut) => lotReckoning(cut.id, cut, becomes(cut, KILO));

interface Props {
  readonly cut: KnownCut;
  /** Its row in the table; an own cut has none. */
  readonly published: Cut | undefined;
  readonly seen: KitchenYield | undefined;
  readonly units: UnitChoice;
}

/** One cut: what a kilogram becomes, what is published of it, and what this kitchen has weighed. */
export function CutCard({ cut, published, seen, units }: Props) {
  const [open, setOpen] = useState(false);
  const width = useNarrow() ? ON_PHONE : WIDTH;
  const drawn = drawnOf(cut);
  const shred = writeMass(drawn.shredG, units);
  return (
    <li className={css.cut}>
      <div className={css.cutSaid}>
        <h3>{cut.name}</h3>
        <p className="quiet">
          {toughWords(cut.toughness)}
          {published && ` · ${published.goodFor.join(', ')}`}
        </p>
        <button
          type="button"
          className="link quiet"
          aria-expanded={open}
          onClick={() => {
            setOpen(!open);
          }}
        >
          {open ? 'less' : cut.estimates.length > 0 ? 'figures, partly estimated' : 'figures'}
          <span className="visually-hidden"> of {cut.name}</span>
        </button>
      </div>
      <LotCutApart lot={drawn} scale={(width - 60) / KILO} width={width} units={units} />
      <p className={css.cutShred}>
        <b className="num">{`${shred.value} ${shred.unit}`}</b>
        <span className="quiet">
          {seen
            ? `here ${percent(seen.shredOfRaw)} of raw, ${seen.lots === 1 ? 'one lot' : `${seen.lots} lots`}`
            : 'not weighed here yet'}
        </span>
      </p>
      {open && (
        <dl className={css.cutFigures}>
          <Fact what="raw flesh">
            {percent(cut.flesh.protein)} protein, {percent(cut.flesh.fat)} fat, the rest water
          </Fact>
          <Fact what="bone">
            {cut.boneShare > 0 ? `${percent(cut.boneShare)} of what is bought` : 'none'}
          </Fact>
          <Fact what="cooked">
            {percent(becomes(cut, KILO).y)} of the boneless weight
            {published?.cookedOfPurchased !== undefined &&
              `; published ${percent(published.cookedOfPurchased)} of what is bought`}
          </Fact>
          <Fact what="lean of cooked">{percent(cut.leanShare)}</Fact>
          {cut.estimates.length > 0 && <Fact what="estimates">{cut.estimates.join('; ')}</Fact>}
          <Fact what="from">{cut.source}</Fact>
          {!published && (
            <div>
              <dt className="visually-hidden">change</dt>
              <dd>
                <button
                  type="button"
                  className="link"
                  onClick={() => {
                    editKitchen(`removing “${cut.name}”`, (kitchen) => ({
                      ...kitchen,
                      cuts: kitchen.cuts.filter(({ id }) => id !== cut.id),
                    }));
                  }}
                >
                  Remove it
                </button>
              </dd>
            </div>
          )}
        </dl>
      )}
    </li>
  );
}

function Fact({ what, children }: { readonly what: string; readonly children: React.ReactNode }) {
  return (
    <div>
      <dt>{what}</dt>
      <dd>{children}</dd>
    </div>
  );
}

const percent = (share: number) => `${(100 * share).toFixed(0)} %`;

function toughWords(toughness: number): string {
  if (toughness < 0.92) return 'faster than chuck';
  if (toughness <= 1.02) return 'as slow as chuck';
  return `${((toughness - 1) * 100).toFixed(0)} % slower than chuck`;
}
