import clsx from 'clsx';
import { lazy, Suspense, useState } from 'react';
import type { Level } from '@/core/meal/index.ts';
import { beforePanWords } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { editBatch } from '../../open/edits/index.ts';
import { Cautions } from '../../parts/Cautions.tsx';
import { Choice } from '../../parts/fields/Choice.tsx';
import { Lessons } from '../../parts/Lessons.tsx';
import { NothingYet } from '../../parts/NothingYet.tsx';
import { Problems } from '../../parts/Problems.tsx';
import { BeforePan } from './BeforePan.tsx';
import { ComeOut } from './ComeOut.tsx';
import { FromShelf } from './FromShelf.tsx';
import { Items } from './Items.tsx';
import { LidOn } from './LidOn.tsx';
import { OnWay } from './OnWay.tsx';
import { PotName } from './PotName.tsx';
import { Salt } from './Salt.tsx';
import { Sear } from './Sear.tsx';
import { Vessels } from './Vessels.tsx';
import css from './pot.module.scss';

const Recipe = lazy(() => import('./Recipe.tsx'));

const levels: readonly { value: Level; words: string }[] = [
  { value: 'cover', words: 'cover' },
  { value: 'tops showing', words: 'tops showing' },
  { value: 'half way', words: 'half way' },
  { value: 'own juice', words: 'own juice' },
];
const folds = [
  { value: 'before', words: 'before the pan' },
  { value: 'recipe', words: 'a recipe in or out' },
] as const;

/** What goes into the pot, to which line, and with how much salt. */
export default function Pot() {
  const { batch } = useOpenMeal();
  const { batchReckoning } = useFigures();
  const { pot, meat, salt } = batchReckoning;
  if (meat.rawG.mid === 0) return <NothingYet title="What goes into the pot" />;
  return (
    <>
      <ToTheLine />
      <Problems batch={batch.id} />
      <div className={clsx('two', css.potTwo)}>
        <div>
          {pot ? (
            <Vessels pot={pot} />
          ) : (
            <p className="quiet">
              No time is known at this heat, so nothing after the lid can be worked out. Write the heat or the
              time at the clock.
            </p>
          )}
          {salt && <Salt salt={salt} />}
        </div>
        <Items />
      </div>
      <FromShelf />
      <ComeOut />
      <Sear />
      <LidOn />
      <OnWay />
      <Folds />
      <Lessons step="at the pot" />
      <PotName />
      <Cautions at={{ sheet: 'pot' }} />
    </>
  );
}

/** Whether it fits, and how high its liquid stands. */
function ToTheLine() {
  const { batch } = useOpenMeal();
  const { pot } = useFigures().batchReckoning;
  // What was poured by hand stands where it stands: the words and the lit choice are of that.
  const isSolved = pot?.items.some(({ solved, role }) => solved && role === 'liquid') ?? true;
  const level = pot && !isSolved ? pot.level : batch.level;
  const levelWords = levels.find(({ value }) => value === level)?.words ?? '';
  const fits = pot && [pot, ...pot.also].every((one) => one.fits);
  return (
    <>
      <div className="line">
        <h1>{pot ? `${fits ? 'It fits' : 'Too full'}, ${levelWords}` : 'What goes into the pot'}</h1>
        <Choice
          legend="Liquid"
          hidden
          value={level}
          options={levels}
          onChoose={(level) => {
            editBatch(batch.id, 'how high the liquid stands', (b) => ({ ...b, level }));
          }}
        />
      </div>
      {pot && !isSolved && pot.level !== batch.level && (
        <p className="quiet">You wrote the amounts. Clear one to pour to the line.</p>
      )}
    </>
  );
}

/** What unfolds: before the pan, and a recipe. */
function Folds() {
  const { batch } = useOpenMeal();
  const [open, setOpen] = useState<(typeof folds)[number]['value']>();
  return (
    <>
      <p className="asks">
        {folds.map(({ value, words }) => (
          <button
            key={value}
            type="button"
            className="link"
            aria-expanded={open === value}
            onClick={() => {
              setOpen(open === value ? undefined : value);
            }}
          >
            {words}
          </button>
        ))}
        {open !== 'before' && <span className="quiet">{beforePanWords(batch)}</span>}
      </p>
      {open === 'before' && <BeforePan />}
      {open === 'recipe' && (
        <Suspense fallback={<p className="quiet">One moment.</p>}>
          <Recipe />
        </Suspense>
      )}
    </>
  );
}
