import { useRef, useState } from 'react';
import type { Kitchen, ShelfEnd, ShelfItem, ShelfPlace } from '@/core/meal/index.ts';
import {
  daysUntil,
  gramsLeft,
  isFromAhead,
  isPastUse,
  movedTo,
  onShelf,
  bestBefore,
  withGone,
} from '@/core/keep/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { editShelf } from '../../open/edits/index.ts';
import { useKitchen } from '../../open/useKitchen.ts';
import { useNow } from '../../browser/useNow.ts';
import { useShelf } from '../data/useShelf.ts';
import { calm, cautionsAt } from '@/core/care/index.ts';
import { CautionList } from '../../parts/CautionList.tsx';
import { dayWords } from '../../parts/dayWords.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { HoldsField } from '../../parts/fields/HoldsField.tsx';
import { Top } from '../../shell/top/Top.tsx';
import { useDocumentTitle } from '../../shell/useDocumentTitle.ts';
import { AddToShelf } from './AddToShelf.tsx';
import { Board } from './Board.tsx';
import { TakeIt } from './TakeIt.tsx';
import css from './shelf.module.scss';

/** What is kept for later: a board for each place, its left end today, the oldest first. */
export default function Shelf() {
  useDocumentTitle('shelf');
  const takes = useRef<HTMLButtonElement>(null);
  const kitchen = useKitchen();
  const now = useNow();
  const items = onShelf(useShelf(), kitchen);
  const [chosen, choose] = useState<string>();
  const item = items.find(({ id }) => id === chosen) ?? items[0];
  const isPast = item !== undefined && isPastUse(item, kitchen, now);
  const change = (words: string, recipe: (one: ShelfItem) => ShelfItem) =>
    editShelf(words, (all) => all.map((one) => (one.id === item?.id ? recipe(one) : one)));
  const move = (place: ShelfPlace) =>
    item && change(`${item.name}, to the ${place}`, (one) => movedTo(one, place, clockNow()));
  const end = (how: ShelfEnd) =>
    item && change(`${item.name}, ${how}`, (one) => withGone(one, { how, at: clockNow() }));
  return (
    <>
      <Top />
      <main id="sheet" className="sheet is-wide" tabIndex={-1}>
        {item ? (
          <div className="line">
            <h1>{titleOf(item, daysUntil(bestBefore(item, kitchen), now, item.zone), now)}</h1>
            <div className={css.acts}>
              {isPast ? (
                <>
                  <button type="button" className="btn act is-first" onClick={() => end('thrown away')}>
                    Throw it away
                  </button>
                  <button type="button" className="link quiet" onClick={() => end('eaten')}>
                    it was eaten
                  </button>
                </>
              ) : (
                <>
                  <TakeIt item={item} button={takes} />
                  {item.place === 'freezer' ? (
                    <button type="button" className="btn act" onClick={() => move('fridge')}>
                      Thaw it in the fridge
                    </button>
                  ) : (
                    <button type="button" className="btn act" onClick={() => move('freezer')}>
                      Freeze it
                    </button>
                  )}
                  <button type="button" className="link quiet" onClick={() => end('eaten')}>
                    it is eaten
                  </button>
                  <button type="button" className="link quiet" onClick={() => end('thrown away')}>
                    throw it away
                  </button>
                </>
              )}
            </div>
          </div>
        ) : (
          <h1>Nothing is on the shelf</h1>
        )}
        {item && <Doubt item={item} kitchen={kitchen} now={now} />}
        {item && item.batch === undefined && (
          <HoldsField
            holds={item.holds}
            onChange={(holds) => change(`what ${item.name} contains`, (one) => ({ ...one, holds }))}
          />
        )}
        {(['fridge', 'freezer', 'cupboard'] as const).map((place) => {
          const here = items.filter((one) => one.place === place);
          return here.length === 0 ? null : (
            <Board
              key={place}
              place={place}
              items={here.map((one) => ({
                item: one,
                grams: gramsLeft(one),
                days: daysUntil(bestBefore(one, kitchen), now, one.zone),
                useBy: bestBefore(one, kitchen),
              }))}
              chosen={item?.id}
              onChoose={choose}
              onAct={(act) => {
                if (act === 'take') takes.current?.click();
                // Past its day the cold does not make it good again.
                else if (act === 'thaw or freeze' && !isPast)
                  move(item?.place === 'freezer' ? 'fridge' : 'freezer');
                else if (act === 'throw away') end('thrown away');
              }}
            />
          );
        })}
        <AddToShelf />
        <p className="quiet">
          {kitchen.keeps === 'business'
            ? 'Seven days at 5 °C or below, counting the day it was made.'
            : 'Three to four days in the fridge, three to four months frozen.'}{' '}
          When in doubt, throw it out.
        </p>
        <CautionList ids={cautionsAt({ sheet: 'shelf' }, calm)} facts={calm} isSheet />
      </main>
    </>
  );
}

function titleOf(item: ShelfItem, days: number, now: number): string {
  const { name, place } = item;
  if (isFromAhead(item, now)) return `Made on a day to come: ${name}`;
  if (days < 0) return `Past its day: ${name}`;
  if (days === 0) return `Use the ${name} today`;
  if (place === 'freezer') return `Frozen: ${name}, ${String(days)} days left`;
  return `${name.charAt(0).toUpperCase()}${name.slice(1)}: ${days === 1 ? 'until tomorrow' : `${String(days)} days left`}`;
}

interface DoubtProps {
  readonly item: ShelfItem;
  readonly kitchen: Kitchen;
  readonly now: number;
}

/** What speaks against eating it: its day is past, or no clock can tell. */
function Doubt({ item, kitchen, now }: DoubtProps) {
  if (isFromAhead(item, now))
    return (
      <FieldError>
        By the clock of this device the {item.name} is not made yet ({dayWords(item.made, item.zone)}): set
        the clock right before you go by its days.
      </FieldError>
    );
  if (!isPastUse(item, kitchen, now)) return null;
  return (
    <FieldError>
      It was to be used by {dayWords(bestBefore(item, kitchen), item.zone)}; freezing it now does not make it
      safe.
    </FieldError>
  );
}
