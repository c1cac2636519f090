import { useState } from 'react';
import { Link } from 'react-router';
import {
  becameOf,
  type Became,
  type Closing,
  leftThings,
  type LeftThing,
  verdicts,
} from '@/core/meal/index.ts';
import { becameWords, leftThingWords, verdictWords } from '@/words/index.ts';
import { clockNow } from '../../browser/clock.ts';
import { db } from '../../browser/db.ts';
import { editBatch } from '../../open/edits/index.ts';
import { useFigures, useOpenMeal } from '../../open/MealContext.ts';
import { smallPicture } from '../../browser/smallPicture.ts';
import { mendLog } from '../../open/taught.ts';
import { useWall } from '../../open/useWall.ts';
import { Photo } from '../../parts/Photo.tsx';
import { CameOut } from './CameOut.tsx';
import { FileButton } from '../../parts/FileButton.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { Choice } from '../../parts/fields/Choice.tsx';
import { QuantityField } from '../../parts/fields/QuantityField.tsx';
import { OneOfField } from '../../parts/fields/OneOfField.tsx';
import { TextField } from '../../parts/fields/TextField.tsx';
import css from './keep.module.scss';

const ends = verdicts.map((value) => ({ value, words: verdictWords[value] }));
const ratings = ['1', '2', '3', '4', '5'].map((value) => ({ value, words: value }));

/** The batch is closed in a tap: what became of all of it can be said then, or later, or never. */
export function CloseIt() {
  const { batch, loaded } = useOpenMeal();
  const { reckoning } = useFigures();
  const wall = useWall();
  const [fault, setFault] = useState('');
  const { closed } = batch;
  const say = (words: string, recipe: (one: Closing) => Closing, field?: string) =>
    editBatch(batch.id, words, (b) => ({ ...b, closed: recipe(b.closed ?? { at: clockNow() }) }), field);
  const close = () => {
    say('closing the batch', (one) => one);
    mendLog().catch(reportError);
  };
  if (!closed)
    return (
      <section aria-labelledby="close-title" className={css.pack}>
        <h2 id="close-title">Close the batch</h2>
        <p>
          <button type="button" className="btn act is-first" onClick={close}>
            Close it
          </button>{' '}
          <span className="quiet">It goes into the log, and the next estimate is this kitchen’s own.</span>
        </p>
      </section>
    );
  const missing = reckoning.unaccounted.filter(({ flow }) => flow.batch === batch.id);
  const became = (what: LeftThing, went: Became | undefined) =>
    say('what became of it', ({ became: before = [], ...one }) => {
      const rest = before.filter((other) => other.what !== what);
      return { ...one, became: went === undefined ? rest : [...rest, { what, went }] };
    });
  return (
    <section aria-labelledby="close-title" className={css.pack}>
      <div className="line">
        <h2 id="close-title">Closed {wall.clock(closed.at)}</h2>
        <p className="choices">
          <Link to="/log">to the log</Link>
          <button
            type="button"
            className="link quiet"
            onClick={() => editBatch(batch.id, 'opening the batch again', ({ closed: _, ...b }) => b)}
          >
            open it again
          </button>
        </p>
      </div>
      <CameOut />
      {missing.length > 0 && (
        <p className="quiet">
          What does not add up stays in the log as missing or too much; it is not counted twice.
        </p>
      )}
      <HowItWas closed={closed} say={say} />
      <div className={css.became}>
        {leftThings.map((what) => (
          <OneOfField
            key={what}
            label={leftThingWords[what]}
            among={becameOf}
            value={closed.became?.find((one) => one.what === what)?.went}
            say={(went) => becameWords[went]}
            none="not said"
            onChoose={(went) => became(what, went)}
          />
        ))}
      </div>
      <div className="choices">
        <TextField
          label="No time for"
          value={closed.noTime ?? ''}
          onChange={(noTime) =>
            say(
              'what there was no time for',
              ({ noTime: _, ...one }) => (noTime === '' ? one : { ...one, noTime }),
              'no time',
            )
          }
        />
        <TakePicture batch={batch.id} onFault={setFault} />
      </div>
      {fault !== '' && <FieldError>{fault}</FieldError>}
      <Photo batch={batch.id} name={loaded.meal.name} />
    </section>
  );
}

type Say = (words: string, recipe: (one: Closing) => Closing, field?: string) => void;

interface HowProps {
  readonly closed: Closing;
  readonly say: Say;
}

/** Whether it was enough, and what the eaters gave it. */
function HowItWas({ closed, say }: HowProps) {
  return (
    <div className="choices">
      <Choice
        legend="The plates"
        value={closed.verdict ?? 'none'}
        options={[...ends, { value: 'none' as const, words: 'not said' }]}
        onChoose={(verdict) =>
          say('how the plates came out', ({ verdict: _, by, ...one }) =>
            verdict === 'none'
              ? one
              : { ...one, verdict, ...(by !== undefined && verdict !== 'just enough' && { by }) },
          )
        }
      />
      {(closed.verdict === 'short' || closed.verdict === 'over') && (
        <QuantityField
          label="by so many plates"
          quantity={
            closed.by === undefined ? undefined : { text: String(closed.by), lo: closed.by, hi: closed.by }
          }
          measure="count"
          placeholder="a few"
          chars={6}
          onChange={({ lo }) =>
            say(
              'by how many plates',
              ({ by: _, ...one }) => (lo === undefined ? one : { ...one, by: lo }),
              'by',
            )
          }
        />
      )}
      <Choice
        legend="The eaters gave it"
        value={String(closed.rating ?? 'none')}
        options={[...ratings, { value: 'none', words: 'nothing' }]}
        onChoose={(rating) =>
          say('what the eaters gave it', ({ rating: _, ...one }) =>
            rating === 'none' ? one : { ...one, rating: Number(rating) },
          )
        }
      />
    </div>
  );
}

interface PictureProps {
  readonly batch: string;
  readonly onFault: (words: string) => void;
}

/** A picture of it, kept small. */
function TakePicture({ batch, onFault }: PictureProps) {
  return (
    <FileButton
      words="A picture of it"
      label="A picture of the batch"
      accept="image/*"
      onFile={(file) => {
        onFault('');
        smallPicture(file)
          .then((picture) => db.photos.put({ id: batch, picture }))
          .catch(() =>
            onFault(`“${file.name}” is not a picture that can be read, or there is no room for it.`),
          );
      }}
    />
  );
}
