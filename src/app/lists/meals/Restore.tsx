import { useEffect, useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import type { BackupChanges } from '@/core/meal/file/index.ts';
import { backupChangesWords, broughtInWords, unreadWords } from '@/words/index.ts';
import { saidOfError } from '../data/saidOfError.ts';
import { type Backup, bringBack, compareBackup, openBackup, type Way } from '../data/backups.ts';
import { Choice } from '../../parts/fields/Choice.tsx';
import { FieldError } from '../../parts/FieldError.tsx';
import { Progress } from '../../parts/Progress.tsx';
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
  const [found, setFound] = useState<{ readonly backup: Backup; readonly changes: BackupChanges }>();
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
    // oxlint-disable-next-line react-hooks/exhaustive-deps
  }, [file]);
  const take = async ({ backup }: { readonly backup: Backup }) => {
    const words = 'It is being brought in';
    const done = await run(words, (course) => bringBack(backup, way, course).then(() => true));
    if (done) onDone(broughtInWords(backup.meals.length));
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
            <ul className={css.changes}>
              {backupChangesWords(found.changes, way).map(({ words, isLoss }) => (
                <li key={words}>{isLoss ? <b>{words}</b> : words}</li>
              ))}
            </ul>
            {found.backup.unread.length > 0 && <FieldError>{unreadWords(found.backup.unread)}</FieldError>}
            {!isEmpty(found.changes) && (
              <p>This cannot be undone; save what is here as one file first, if you may want it back.</p>
            )}
            <button
              type="button"
              className="btn act is-first"
              disabled={way === 'merge' && found.changes.clashes.length > 0}
              onClick={() => {
                take(found).catch((error: unknown) =>
                  onFault(new Error(`${saidOfError(error)} Nothing has been changed here.`)),
                );
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
const isEmpty = ({ changed, same, here }: BackupChanges) => changed.length + same + here.length === 0;
