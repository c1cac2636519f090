import clsx from 'clsx';
import { useEffect, useState } from 'react';
import { firstChoice, matchLine, putRecipeIn, readLine, readRecipe } from '@/core/pot/index.ts';
import { recipeOut } from '@/core/answers/index.ts';
import { noRecipeWords, recipeFile } from '@/words/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { putLines } from '../../open/edits/index.ts';
import { saveText } from '../../browser/saveText.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import type { Settled } from './RecipeLineRow.tsx';
import { SettleLines } from './SettleLines.tsx';
import { useTables } from './useTables.ts';
import css from './pot.module.scss';

/** A recipe pasted or opened: its lines as ingredients, what was not understood settled by the cook; and out again. */
export default function Recipe() {
  const { loaded, batch } = useOpenMeal();
  const { meal } = loaded;
  const { tables, isWhole, near } = useTables();
  const { usual, large, cuts } = tables;
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const [lines, setLines] = useState<readonly Settled[]>([]);
  useEffect(near, [near]);
  const read = (source: string) => {
    const recipe = readRecipe(source);
    setError(recipe.ok ? undefined : noRecipeWords(recipe.why));
    if (!recipe.ok) return;
    setLines(
      recipe.lines.map((line, i) => {
        const match = matchLine(readLine(line), tables);
        return { id: `${i} ${line}`, match, choice: firstChoice(match) };
      }),
    );
  };
  const putIn = () => {
    putLines(meal.id, batch.id, 'a recipe', (before) =>
      putRecipeIn(before, lines, usual, large, () => crypto.randomUUID()),
    );
    setLines([]);
    setText('');
  };
  const all = [...usual, ...large];
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
      <Bar isReady={isWhole} onRead={() => read(text)} onText={read} />
      {error !== undefined && <FieldError>{error}</FieldError>}
      {lines.length > 0 && (
        <SettleLines lines={lines} names={all} cuts={cuts} onChange={setLines} onPutIn={putIn} />
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
