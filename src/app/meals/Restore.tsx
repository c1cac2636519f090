import { useEffect, useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { namesWords } from '@/words/index.ts';
import {
  type Backup,
  bringBack,
  type Changes,
  compareBackup,
  openBackup,
  type Way,
} from '../data/backups.ts';
import { Choice } from '../parts/fields/Choice.tsx';
import { FieldError } from '../parts/FieldError.tsx';
import { Progress } from './Progress.tsx';
import { useCourse } from './useCourse.ts';
import css from './meals.module.scss';

interface Props {
  readonly file: File;
  /** It is closed; with words if the backup is in. */
  readonly onDone: (words?: string) => void;
  readonly onFault: (error: unknown) => void;
}

const ways = [
  { value: 'merge', words: 'beside what is here' },
  { value: 'replace', words: 'in the place of all that is here' },
] as const;

/** What a backup would change here, before anything does; then it comes in whole, or not at all. */
export default function Restore({ file, onDone, onFault }: Props) {
  const [found, setFound] = useState<{ readonly backup: Backup; readonly changes: Changes }>();
  const [way, setWay] = useState<Way>('merge');
  const { running, run, cancel } = useCourse();
  useEffect(() => {
    const look = async () => {
      const reading = await run('The file is being read', (course) => openBackup(file, course));
      if (reading && !reading.ok) throw new Error(reading.error);
      const changes =
        reading &&
        (await run('It is compared with what is here', (course) => compareBackup(reading.backup, course)));
      if (changes) setFound({ backup: reading.backup, changes });
      else onDone();
    };
    look().catch(onFault);
    // A file is read once; the page that asked stays the same.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [file]);
  const take = async ({ backup }: { readonly backup: Backup }) => {
    const words = 'It is being brought in';
    const done = await run(words, (course) => bringBack(backup, way, course).then(() => true));
    const { length } = backup.meals;
    if (done) onDone(length === 1 ? 'One meal is in.' : `${length} meals are in.`);
  };
  return (
    <Modal
      show
      centered
      backdrop="static"
      onHide={() => {
        cancel();
        onDone();
      }}
      aria-labelledby="restore-title"
    >
      <Modal.Header closeButton>
        <Modal.Title id="restore-title" as="h2">
          Bring a backup back
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p className="quiet">{file.name}</p>
        {running && <Progress {...running} onCancel={cancel} />}
        {found && !running && (
          <>
            {!isEmpty(found.changes) && (
              <Choice legend="It comes in" value={way} options={ways} onChoose={setWay} />
            )}
            <ChangesList changes={found.changes} way={way} />
            {found.backup.unread.length > 0 && (
              <FieldError>
                {found.backup.unread.length === 1 ? 'One part' : `${found.backup.unread.length} parts`} of it
                cannot be read and would be left out. {found.backup.unread[0]}
              </FieldError>
            )}
            {!isEmpty(found.changes) && (
              <p>This cannot be undone; save what is here as one file first, if it is dear to you.</p>
            )}
            <button
              type="button"
              className="btn act is-first"
              onClick={() => {
                take(found).catch(onFault);
              }}
            >
              {way === 'merge' ? 'Bring it in' : 'Replace everything'}
            </button>{' '}
            <button type="button" className="btn act" onClick={() => onDone()}>
              Leave it as it is
            </button>
          </>
        )}
      </Modal.Body>
    </Modal>
  );
}

/** Nothing is here that a backup could touch. */
const isEmpty = ({ changed, same, here }: Changes) => changed.length + same + here.length === 0;

/** What would be new, another, gone, and as it was. */
function ChangesList({ changes, way }: { readonly changes: Changes; readonly way: Way }) {
  const { added, changed, same, here, otherKitchen } = changes;
  const meals = (count: number) => (count === 1 ? 'One meal' : `${count} meals`);
  return (
    <ul className={css.changes}>
      {added.length > 0 && (
        <li>
          {meals(added.length)} would be new: {namesWords(added)}.
        </li>
      )}
      {changed.length > 0 && (
        <li>
          {meals(changed.length)} would become what the file has: {namesWords(changed)}.
        </li>
      )}
      {here.length > 0 && way === 'replace' && (
        <li>
          <b>
            {meals(here.length)} would be gone: {namesWords(here)}.
          </b>
        </li>
      )}
      {here.length > 0 && way === 'merge' && <li>{meals(here.length)} would stay that the file has not.</li>}
      {same > 0 && (
        <li>
          {meals(same)} {same === 1 ? 'is' : 'are'} the same here and there.
        </li>
      )}
      {otherKitchen && (
        <li>
          {way === 'replace'
            ? 'The kitchen would be that of the file.'
            : 'The kitchen here stays; meals of the file that shared another keep theirs.'}
        </li>
      )}
    </ul>
  );
}
