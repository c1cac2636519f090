import clsx from 'clsx';
import type { KeyboardEvent } from 'react';
import type { ShelfItem, ShelfPlace } from '@/core/meal/index.ts';
import { heldInBox } from '@/core/keep/index.ts';
import { amountOnShelf } from '@/core/answers/index.ts';
import { holdsWords, placeWords } from '@/words/index.ts';
import { useSaid } from '../../open/useSaid.ts';
import { edgeOf, fillOf } from '../../figures/materials.ts';
import { dayWords } from '../../parts/dayWords.ts';
import css from './shelf.module.scss';

export interface OnBoard {
  readonly item: ShelfItem;
  readonly grams: number;
  /** Days that are left. */
  readonly days: number;
  readonly useBy: number;
}

interface Props {
  readonly place: ShelfPlace;
  readonly items: readonly OnBoard[];
  readonly chosen: string | undefined;
  readonly onChoose: (id: string) => void;
  readonly onAct: (act: 'take' | 'thaw or freeze' | 'throw away') => void;
}

const degrees: Readonly<Record<ShelfPlace, string>> = {
  fridge: 'fridge, 4 °C',
  freezer: 'freezer, −18 °C',
  cupboard: 'cupboard',
};

/** One place as a board: each day a stretch of it, what is due first hangs over its left end. */
export function Board({ place, items, chosen, onChoose, onAct }: Props) {
  const { amount } = useSaid();
  const byDay = [...new Set(items.map(({ days }) => Math.max(-1, days)))].map((day) => ({
    day,
    items: items.filter(({ days }) => Math.max(-1, days) === day),
  }));
  const press = (event: KeyboardEvent, at: number) => {
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    const next = by === undefined ? undefined : items[at + by];
    if (next) {
      onChoose(next.item.id);
      document.getElementById(`shelf-${next.item.id}`)?.focus();
    } else if (event.key === 'Enter' && items[at]?.item.id === chosen) onAct('take');
    else if (event.key === 'f') onAct('thaw or freeze');
    else if (event.key === 'Delete') onAct('throw away');
    else return;
    event.preventDefault();
  };
  const said = ({ item }: OnBoard) => amount(amountOnShelf(item).all);
  return (
    <section className={css.board} aria-label={placeWords[place]}>
      <p className={css.place}>{degrees[place]}</p>
      <ol>
        {byDay.map(({ day, items: some }) => (
          <li key={day} className={day <= 0 ? css.isDue : undefined}>
            <div className={css.boxes}>
              {some.map((one) => (
                <button
                  key={one.item.id}
                  id={`shelf-${one.item.id}`}
                  type="button"
                  className={clsx(css.item, one.item.id === chosen && css.isChosen)}
                  aria-pressed={one.item.id === chosen}
                  aria-label={`${one.item.name}, ${said(one)}, use by ${dayWords(one.useBy, one.item.zone)}`}
                  onClick={() => onChoose(one.item.id)}
                  onKeyDown={(event) => press(event, items.indexOf(one))}
                >
                  {Array.from({ length: Math.min(3, one.item.boxes ?? 1) }, (_, i) => (
                    <Box key={i} what={one.item.what} full={Math.min(1, one.grams / one.item.grams)} />
                  ))}
                </button>
              ))}
            </div>
            <p className={css.day}>{dayName(day, some[0]?.useBy ?? 0, some[0]?.item.zone)}</p>
            {some.map((one) => (
              <p key={one.item.id} className={css.what}>
                <b className="num">{said(one)}</b>
                {one.item.name}
                {(one.item.boxes ?? 1) > 1 && `, ${String(one.item.boxes)} boxes`}
                <small>
                  made {dayWords(one.item.made, one.item.zone)}
                  {holdsWords(heldInBox(one.item))
                    .map((word) => ` · ${word}`)
                    .join('')}
                </small>
              </p>
            ))}
          </li>
        ))}
      </ol>
    </section>
  );
}

function dayName(days: number, useBy: number, zone: string | undefined): string {
  if (days < 0) return 'past its day';
  if (days === 0) return 'use by today';
  if (days === 1) return 'tomorrow';
  return dayWords(useBy, zone);
}

/** A jar of liquid or fat, a tub of meat. */
function Box({ what, full }: { readonly what: ShelfItem['what']; readonly full: number }) {
  const material = what === 'fat' ? 'fat' : what === 'broth' || what === 'sauce' ? 'broth' : 'meat';
  const jar = material !== 'meat';
  const [from, deep] = jar ? [24, 62] : [34, 52];
  const high = deep * full;
  return (
    <svg viewBox="0 0 72 92" width={jar ? 62 : 92} height={86} aria-hidden>
      {jar ? (
        <>
          <rect
            x="8"
            y={from + deep - high}
            width="56"
            height={high}
            fill={fillOf(material, true)}
            stroke={edgeOf(material)}
          />
          <path
            className="ink-line"
            strokeWidth="3"
            d="M14 6h44v8q8 4 8 12v58q0 4-4 4H10q-4 0-4-4V26q0-8 8-12z"
          />
          <path className="ink-line" strokeWidth="6" d="M12 5h48" />
        </>
      ) : (
        <>
          <rect
            x="8"
            y={from + deep - high}
            width="56"
            height={high}
            fill={fillOf(material, true)}
            stroke={edgeOf(material)}
          />
          <path className="ink-line" strokeWidth="3" d="M3 32h66l-5 52q-1 4-5 4H13q-4 0-5-4z" />
          <path className="ink-line" strokeWidth="5" d="M0 30h72" />
        </>
      )}
    </svg>
  );
}
