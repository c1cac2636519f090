import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { type Logged, unaccountedG } from '@/core/log/index.ts';
import { becameWords, cutShort, lastTimeWords, leftThingWords, verdictWords } from '@/words/index.ts';
import { leaveOut } from '../../open/edits/index.ts';
import { useWhole } from '../data/useLog.ts';
import { useSaid } from '../../open/useSaid.ts';
import { Checkbox } from '../../parts/fields/Checkbox.tsx';
import { CookAgain } from './CookAgain.tsx';
import { dayShort } from './dayShort.ts';
import { Photo } from '../../parts/Photo.tsx';
import { StrandFlow } from '../../figures/flow/StrandFlow.tsx';
import css from './log.module.scss';

interface Props {
  readonly digest: Logged;
  readonly isCompared: boolean;
  readonly onCompare: (on: boolean) => void;
}

/** One past batch whole: planned beside weighed, how it ended, what was noted, and how to cook it again. */
export function PastBatch({ digest, isCompared, onCompare }: Props) {
  const said = useSaid();
  const navigate = useNavigate();
  const [opened, setOpened] = useState(false);
  const whole = useWhole(digest);
  const pots = `/meals/${digest.meal}/batches/${digest.batch}/keep`;
  return (
    <section aria-labelledby="past-title" className={css.past}>
      <div className="line">
        <h2 id="past-title">
          {digest.name}, {digest.pot.toLowerCase()}
        </h2>
        <span className="quiet">outlined: by the tables, filled: weighed</span>
      </div>
      {whole ? (
        <StrandFlow strands={whole.strands} liquidMl={digest.liquidMl} />
      ) : (
        <div className={css.barsToCome} />
      )}
      <Facts digest={digest} />
      <Photo batch={digest.batch} name={digest.name} />
      <div className="choices">
        <Checkbox checked={isCompared} onTick={onCompare}>
          compare it
        </Checkbox>
        <Checkbox checked={digest.leftOut} onTick={(on) => leaveOut(digest.meal, digest.batch, on)}>
          leave it out of the learning
        </Checkbox>
        <Link to={pots}>open it</Link>
        <button type="button" className="link" aria-expanded={opened} onClick={() => setOpened(!opened)}>
          cook it again
        </button>
      </div>
      {opened && (
        <CookAgain
          meal={digest.meal}
          lastTime={lastTimeWords(digest, said.mass)}
          onCooked={({ mealId, batchId }) => {
            void navigate(`/meals/${mealId}/batches/${batchId}/meat`);
          }}
        />
      )}
    </section>
  );
}

/** Less than this was found where it had fallen, g. */
const FOUND_G = 15;

/** When and of what, how it ended and what was noted. */
function Facts({ digest }: Pick<Props, 'digest'>) {
  const said = useSaid();
  const { closed, minutes } = digest;
  const missing = unaccountedG(digest);
  return (
    <ul className={css.facts}>
      <li>
        {dayShort(digest.at)}
        {digest.cuts.map(({ name, rawG }) => `, ${said.mass(rawG)} ${cutShort(name).toLowerCase()}`)}
        {digest.heat === undefined ? '' : `, ${digest.heat}`}
      </li>
      {minutes && (
        <li>
          tender after {said.minutes(minutes.took)}, foretold {said.minutes(minutes.foretold)}
        </li>
      )}
      {missing > FOUND_G && <li>{said.mass(missing)} was not accounted for</li>}
      {closed?.verdict && (
        <li>
          {verdictWords[closed.verdict]}
          {closed.by === undefined || closed.by === 0 ? '' : `, by ${String(closed.by)}`}
          {closed.rating === undefined ? '' : `; the eaters gave it ${String(closed.rating)} of 5`}
        </li>
      )}
      {closed?.became?.map(({ what, went }) => (
        <li key={what}>
          {leftThingWords[what]} {becameWords[went]}
        </li>
      ))}
      {closed?.noTime !== undefined && <li>No time for {closed.noTime}</li>}
      {digest.notes !== '' && (
        <li className={css.lesson}>
          <span className="quiet">Lesson</span> {digest.notes}
        </li>
      )}
    </ul>
  );
}
