import { arrayMove } from '@dnd-kit/sortable';
import { useState } from 'react';
import {
  afterBy,
  type AfterStep,
  afterWhats,
  type AfterWhat,
  type Batch,
  type DishKind,
  isStrained,
  isUsualAfter,
  type School,
  schoolFor,
  schools,
  usualAgain,
} from '@/core/meal/index.ts';
import { makesLiquid } from '@/core/work/index.ts';
import { actWords, schoolWords, stepsWords } from '@/words/index.ts';
import { hasBones } from '@/core/reckoning/index.ts';
import { useFigures, useOpenMeal } from '../../../open/MealContext.ts';
import { editBatch } from '../../../open/edits/index.ts';
import { SelectField } from '../../../parts/fields/SelectField.tsx';
import { SortableList } from '../../../parts/sortable/SortableList.tsx';
import { StepRow } from './StepRow.tsx';
import css from './steps.module.scss';

/** What is done once the meat is tender: the cook's list, to reorder, repeat and drop; one line while it is closed. */
export function Steps() {
  const { batch, loaded } = useOpenMeal();
  const boneIn = hasBones(useFigures().batchReckoning);
  const [open, setOpen] = useState(false);
  const steps = batch.after;
  const edit = (
    words: string,
    change: (before: readonly AfterStep[]) => readonly AfterStep[],
    field?: string,
  ) =>
    editBatch(
      batch.id,
      words,
      (b): Batch => ({ ...b, after: [...change(b.after)] }),
      field && `${batch.id} ${field}`,
    );
  const offered = offeredFor(
    batch,
    loaded.meal.dishes.map(({ kind }) => kind),
  );
  return (
    <section className={css.steps} aria-label="Once it is tender">
      <p className={css.line}>
        <button type="button" className="link" aria-expanded={open} onClick={() => setOpen(!open)}>
          once it is tender
        </button>
        {!open && (
          <span className="quiet">
            {stepsWords(boneIn ? steps : steps.filter(({ what }) => what !== 'bone'))}
          </span>
        )}
      </p>
      {offered && (
        <p className="quiet">
          {schoolWords[offered].why}{' '}
          <button
            type="button"
            className="btn btn-sm act"
            onClick={() => edit('the order of the steps', () => afterBy(offered))}
          >
            Use this order
          </button>
        </p>
      )}
      {open && (
        <>
          <BeginFrom onChoose={(school) => edit('the order of the steps', () => afterBy(school))} />
          <SortableList
            ids={steps.map(({ id }) => id)}
            nameOf={(id) => actWords(steps.find((step) => step.id === id)?.what ?? 'lift')}
            thing="the step"
            onMove={(from, to) => edit('the order of the steps', (all) => arrayMove([...all], from, to))}
          >
            <ol className={css.list}>
              {steps.map((step) => (
                <StepRow
                  key={step.id}
                  step={step}
                  liquids={steps.flatMap((one) => makesLiquid(one) ?? [])}
                  onChange={(words, changes, field) =>
                    edit(words, (all) => all.map((one) => (one.id === step.id ? changes(one) : one)), field)
                  }
                  onDrop={() => edit(`dropping a step`, (all) => all.filter(({ id }) => id !== step.id))}
                />
              ))}
            </ol>
          </SortableList>
          <SelectField
            label="One more step"
            value=""
            onChoose={(name) => {
              const what = afterWhats.find((one) => one === name);
              if (what) edit('one more step', (all) => [...all, added(what)]);
            }}
          >
            <option value="">+ a step</option>
            {afterWhats.map((what) => (
              <option key={what} value={what}>
                {actWords(what)}
              </option>
            ))}
          </SelectField>
        </>
      )}
    </section>
  );
}

const added = (what: AfterWhat): AfterStep => ({
  id: crypto.randomUUID(),
  ...(what === 'set apart' ? { what, as: 'dip' } : { what }),
});

/** The order that the dishes ask for, where the cook has not written one and the usual is another. */
function offeredFor(batch: Batch, kinds: readonly DishKind[]): School | undefined {
  const school = isUsualAfter(batch) ? schoolFor(kinds) : undefined;
  return school === 'sauce' && !isStrained(batch) ? undefined : school;
}

/** A school's order to begin from, and back to the usual one. */
function BeginFrom({ onChoose }: { readonly onChoose: (school: School) => void }) {
  const { batch } = useOpenMeal();
  return (
    <div className="choices">
      <SelectField
        label="Begin from"
        value=""
        onChoose={(name) => {
          const school = schools.find((one) => one === name);
          if (school) onChoose(school);
        }}
      >
        <option value="">as it is</option>
        {schools.map((school) => (
          <option key={school} value={school}>
            {schoolWords[school].name}
          </option>
        ))}
      </SelectField>
      {!isUsualAfter(batch) && (
        <button
          type="button"
          className="link"
          onClick={() => editBatch(batch.id, 'the usual order', (b) => ({ ...b, after: [...usualAgain(b)] }))}
        >
          the usual order again
        </button>
      )}
    </div>
  );
}
