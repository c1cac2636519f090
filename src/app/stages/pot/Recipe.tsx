import clsx from 'clsx';
import { useEffect, useState } from 'react';
import { asksWeight, firstChoice, matchLine, putRecipeIn, readLine, readRecipe } from '@/core/pot/index.ts';
import { ingredientsOf } from '@/core/model/index.ts';
import { recipeOut } from '@/core/answers/index.ts';
import { noRecipeWords, recipeFile } from '@/words/index.ts';
import { reference } from '@/reference/index.ts';
import type { Ingredient } from '@/reference/types.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { putRecipe } from '../../open/edits/index.ts';
import { saveText } from '../../browser/saveText.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { RecipeLineRow, type Settled } from './RecipeLineRow.tsx';
import css from './pot.module.scss';

/** A recipe pasted or opened: its lines as ingredients, what was not understood settled by the cook; and out again. */
export default function Recipe() {
  const { loaded, batch } = useOpenMeal();
  const { kitchen, meal } = loaded;
  const known = ingredientsOf({ kitchen, reference });
  const [large, setLarge] = useState<readonly Ingredient[]>();
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const [lines, setLines] = useState<readonly Settled[]>([]);
  useEffect(() => {
    import('@/reference/pantry.ts').then(
      ({ pantry }) => {
        setLarge(pantry);
      },
      (fault: unknown) => {
        reportError(fault);
      },
    );
  }, []);
  const cuts = [...reference.cuts, ...kitchen.cuts];
  const others = (large ?? []).filter((one) => !known.some(({ id }) => id === one.id));
  const read = (source: string) => {
    const recipe = readRecipe(source);
    setError(recipe.ok ? undefined : noRecipeWords(recipe.why));
    if (!recipe.ok) return;
    setLines(
      recipe.lines.map((line, i) => {
        const match = matchLine(readLine(line), known, others, cuts);
        return { id: `${i} ${line}`, match, choice: firstChoice(match) };
      }),
    );
  };
  const putIn = () => {
    putRecipe(meal.id, batch.id, (before) =>
      putRecipeIn(before, lines, known, others, () => crypto.randomUUID()),
    );
    setLines([]);
    setText('');
  };
  const all = [...known, ...others];
  return (
    <section className={clsx('panel', css.recipe)} aria-label="A recipe in or out">
      <label htmlFor="recipe-text">Paste its lines, or its JSON-LD</label>
      <textarea
        id="recipe-text"
        className="write"
        rows={5}
        spellCheck={false}
        placeholder={'2 large onions, sliced\n800 g tin tomatoes\n3 bay leaves'}
        value={text}
        onChange={({ target }) => {
          setText(target.value);
        }}
      />
      <Bar isReady={large !== undefined} onRead={() => read(text)} onText={read} />
      {error !== undefined && <FieldError>{error}</FieldError>}
      {lines.length > 0 && (
        <Lines lines={lines} names={all} cuts={cuts} onChange={setLines} onPutIn={putIn} />
      )}
    </section>
  );
}

interface BarProps {
  /** The large table is there. */
  readonly isReady: boolean;
  readonly onRead: () => void;
  readonly onText: (text: string) => void;
}

/** Read what is pasted, open a file, or save the pot as a recipe. */
function Bar({ isReady, onRead, onText }: BarProps) {
  const { opened, batch } = useOpenMeal();
  const { reckoning } = useFigures();
  return (
    <p className="line">
      <button type="button" className="btn act" disabled={!isReady} onClick={onRead}>
        Read it
      </button>
      <label className="link">
        open a file
        <input
          type="file"
          className="visually-hidden"
          accept=".json,.jsonld,.html,.txt,application/ld+json"
          onChange={({ target }) => {
            const file = target.files?.[0];
            target.value = '';
            file?.text().then(onText, (fault: unknown) => {
              reportError(fault);
            });
          }}
        />
      </label>
      <button
        type="button"
        className="link"
        onClick={() => {
          saveText(
            `${batch.name}.recipe.json`,
            recipeFile(recipeOut(opened, reckoning, batch.id)),
            'application/ld+json',
          );
        }}
      >
        save this pot as a recipe
      </button>
    </p>
  );
}

interface LinesProps {
  readonly lines: readonly Settled[];
  readonly names: readonly Ingredient[];
  readonly cuts: readonly { readonly id: string; readonly name: string }[];
  readonly onChange: (lines: readonly Settled[]) => void;
  readonly onPutIn: () => void;
}

/** Its lines, each settled by the cook where it was not understood. */
function Lines({ lines, names, cuts, onChange, onPutIn }: LinesProps) {
  const unsettled = lines.filter((line) => line.choice === undefined || asksWeight(line, names)).length;
  return (
    <>
      <ul className={css.recipeLines}>
        {lines.map((line) => (
          <RecipeLineRow
            key={line.id}
            line={line}
            names={names}
            cuts={cuts}
            asks={asksWeight(line, names)}
            onWeight={(weight) => {
              onChange(lines.map((other) => (other.id === line.id ? { ...other, weight } : other)));
            }}
            onChoose={(choice) => {
              onChange(lines.map((other) => (other.id === line.id ? { ...other, choice } : other)));
            }}
          />
        ))}
      </ul>
      <p className="line">
        <button type="button" className="btn act" disabled={unsettled > 0} onClick={onPutIn}>
          Put it in
        </button>
        {unsettled > 0 && (
          <span className="quiet">
            {unsettled} {unsettled === 1 ? 'line is' : 'lines are'} still to be settled.
          </span>
        )}
      </p>
    </>
  );
}
