import clsx from 'clsx';
import { useState } from 'react';
import { problemWords } from '@/words/index.ts';
import { useNarrow } from '../../browser/useNarrow.ts';
import { lotScale } from '../../figures/LotCutApart.tsx';
import { Towers } from '../../figures/Towers.tsx';
import { useDrawnSize } from '../../figures/useDrawnSize.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { CutList } from './CutList.tsx';
import { LotRow } from './LotRow.tsx';
import css from './meat.module.scss';

/** Until the page has been measured, px; and what stands right of a drawing. */
const USUAL = { width: 780, height: 300 };
const SHRED = 200;
/** A drawing is no narrower than can be read, and no wider than the eye follows, px. */
const [NARROWEST, WIDEST] = [300, 860] as const;
/** More lots than this scroll in a list of their own, so that the answer stays in sight. */
const MANY = 6;

/** The lots of the open pot, each cut apart beside its words; on a phone all of them on one board under their words. */
export function Lots() {
  const { batch, units, loaded } = useOpenMeal();
  const { batchReckoning, reckoning } = useFigures();
  const narrow = useNarrow();
  const [list, setList] = useState<HTMLElement | null>(null);
  const { width } = useDrawnSize(narrow ? null : list, USUAL);
  const { lots } = batchReckoning;
  const drawing = Math.max(NARROWEST, Math.min(WIDEST, width - SHRED));
  const scale = lotScale(lots, drawing);
  // The first of each lot is said in its row.
  const wrong = new Map(
    reckoning.problems
      .flatMap((found) =>
        found.lot === undefined || found.guest ? [] : [[found.lot, problemWords(found)] as const],
      )
      .reverse(),
  );
  return (
    <>
      <CutList own={loaded.kitchen.cuts} />
      <ul ref={setList} className={batch.lots.length > MANY ? clsx(css.lots, css.isMany) : css.lots}>
        {batch.lots.map((lot, i) => (
          <LotRow
            key={lot.id}
            lot={lot}
            figures={lots.find((known) => known.lot === lot.id)}
            scale={scale}
            width={drawing}
            first={i === 0}
            bare={narrow}
            batchId={batch.id}
            units={units}
            own={loaded.kitchen.cuts}
            problem={wrong.get(lot.id)}
          />
        ))}
      </ul>
      {narrow && lots.length > 0 && <Towers lots={lots} units={units} />}
    </>
  );
}
