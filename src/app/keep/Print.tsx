import { useState } from 'react';
import type { ShelfItem } from '@/core/batch/index.ts';
import { gramsLeft, onShelf, bestBefore } from '@/core/keep/index.ts';
import { mlOfShelf } from '@/core/questions/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { avoidableWords } from '@/words/index.ts';
import type { Kitchen } from '@/core/batch/index.ts';
import type { Settings } from '@/store/db.ts';
import { saveFile } from '../data/saveText.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { useShelf } from '../data/useShelf.ts';
import { type LabelSize, labelSizes, type LabelText } from '../paper/label.ts';
import { SelectField } from '../parts/fields/SelectField.tsx';
import { dayWords } from './dayWords.ts';
import { PrinterSheet } from './PrinterSheet.tsx';

/** A label a box for what went from this meal to the shelf, printed as a sheet. */
export function Print() {
  const { loaded, units } = useOpenMeal();
  const shelf = useShelf();
  const [size, setSize] = useState<LabelSize>('medium');
  const [open, setOpen] = useState(false);
  const [busy, setBusy] = useState(false);
  const items = onShelf(shelf, loaded.kitchen).filter(({ meal }) => meal === loaded.meal.id);
  const labels = items.flatMap((item) => labelsOf(item, loaded.kitchen, units));
  if (labels.length === 0) return null;
  const pdf = async () => {
    setBusy(true);
    const [{ labelSheet }, { asPdf, paperFonts }] = await Promise.all([
      import('../paper/labels.ts'),
      import('../paper/fonts.ts'),
    ]);
    const bytes = await labelSheet({ labels, size, fonts: await paperFonts() });
    saveFile('labels.pdf', asPdf(bytes));
  };
  return (
    <>
      <div className="choices">
        <button type="button" className="link" aria-expanded={open} onClick={() => setOpen(!open)}>
          {labels.length === 1 ? 'print a label' : `print ${String(labels.length)} labels`}
        </button>
        {open && (
          <>
            <SelectField label="Labels" value={size} onChoose={(next) => setSize(next as LabelSize)}>
              {(Object.keys(labelSizes) as LabelSize[]).map((one) => (
                <option key={one} value={one}>
                  {one}, {labelSizes[one].wide} × {labelSizes[one].high} mm
                </option>
              ))}
            </SelectField>
            <button
              type="button"
              className="btn act"
              disabled={busy}
              onClick={() => {
                pdf()
                  .catch(reportError)
                  .finally(() => setBusy(false));
              }}
            >
              {busy ? 'Writing the sheet' : 'The sheet, PDF'}
            </button>
          </>
        )}
      </div>
      {open && <PrinterSheet labels={labels} size={size} />}
    </>
  );
}

/** A label for each box of it: what, how much, when, until when, what it holds. */
export function labelsOf(
  item: ShelfItem,
  kitchen: Pick<Kitchen, 'keeps'>,
  units: Settings,
): readonly LabelText[] {
  const boxes = item.boxes ?? 1;
  const each = gramsLeft(item) / boxes;
  const { value, unit } =
    item.ml === undefined ? writeMass(each, units) : writeVolume({ mid: mlOfShelf(item, each) }, units);
  const label: LabelText = {
    title: item.name.charAt(0).toUpperCase() + item.name.slice(1),
    amount: `${value} ${unit}`,
    made: `made ${dayWords(item.made)}${item.frozen === undefined ? '' : `, frozen ${dayWords(item.frozen)}`}`,
    useBy: `use by ${dayWords(bestBefore(item, kitchen))}`,
    more: [
      ...(item.holds ?? []).map((held) => avoidableWords(held)),
      item.what === 'fat' ? '' : 'heat to 74 °C',
    ]
      .filter((words) => words !== '')
      .join(' · '),
  };
  return Array.from({ length: boxes }, () => label);
}
