import { useState } from 'react';
import { isDue } from '@/store/backup/lastBackup.ts';
import { lastBackupWords, sizeWords } from '@/words/index.ts';
import { backUpToFolder, chooseFolder, hasFolders, leaveFolder } from '../data/backupFolder.ts';
import { saveBackup } from '../data/backups.ts';
import { useKeeping, useLastBackup } from '../data/useKeeping.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { OldCopy } from './OldCopy.tsx';
import { FileButton } from '../../parts/FileButton.tsx';
import { Progress } from '../../parts/Progress.tsx';
import { useCourse } from './useCourse.ts';
import css from './meals.module.scss';

interface Props {
  readonly tell: (words: string) => void;
  readonly report: (error: unknown) => void;
  readonly onBackup: (file: File) => void;
}

/** How much is kept in this browser and how surely, and everything as one file: out, back, and by itself. */
export function Keeping({ tell, report, onBackup }: Props) {
  const [kept, askToKeep] = useKeeping();
  const last = useLastBackup();
  const [now] = useState(() => Date.now());
  const due = last !== undefined && isDue(last, now);
  const { running, run, cancel } = useCourse();
  const save = async () => {
    await run('Everything is being written', async (course) => {
      await saveBackup(course);
      tell('Everything is saved as one file.');
    });
  };
  return (
    <section className={css.keeping} aria-labelledby="kept-title">
      <h2 id="kept-title">Kept in this browser</h2>
      <Room onAsk={() => void askToKeep().catch(report)} kept={kept} />
      {kept.offline && (
        <p>Slow Spoon itself is kept too: it starts without its server, and can be installed.</p>
      )}
      {last && <p className={due ? css.due : undefined}>{lastBackupWords(last, now)}</p>}
      {running ? (
        <Progress {...running} onCancel={cancel} />
      ) : (
        <p className="choices">
          <button
            type="button"
            className={due ? 'btn act is-first' : 'btn act'}
            onClick={() => {
              save().catch(report);
            }}
          >
            Save everything as one file
          </button>
          <FileButton
            words="Bring a backup back"
            label="A backup of everything"
            accept=".jsonl,.json"
            onFile={onBackup}
          />
          {hasFolders() && !last?.folder && (
            <button
              type="button"
              className="btn act"
              onClick={() => {
                chooseFolder().catch((error: unknown) => {
                  // Whoever closes the picker wanted nothing.
                  if (!(error instanceof DOMException && error.name === 'AbortError')) report(error);
                });
              }}
            >
              Into a folder, by itself
            </button>
          )}
        </p>
      )}
      {last?.folder && <IntoFolder name={last.folder.name} report={report} />}
      {last?.failed !== undefined && (
        <FieldError>The folder could not be written: {last.failed}. “Write it now” asks again.</FieldError>
      )}
      <OldCopy report={report} />
    </section>
  );
}

interface RoomProps {
  readonly kept: ReturnType<typeof useKeeping>[0];
  readonly onAsk: () => void;
}

/** How much is kept, and how surely. */
function Room({ kept: { used, quota, promised }, onAsk }: RoomProps) {
  return (
    <p>
      {used !== undefined && (
        <>
          {sizeWords(used)}
          {quota !== undefined && ` of ${sizeWords(quota)} that it allows`}.{' '}
        </>
      )}
      {promised === true && 'It has promised not to clear it by itself. '}
      {promised === false && (
        <>
          It may clear it when it runs short of room.{' '}
          <button type="button" className="link" onClick={onAsk}>
            Ask it to keep it
          </button>
        </>
      )}
    </p>
  );
}

/** What is written by itself. */
function IntoFolder({ name, report }: Pick<Props, 'report'> & { readonly name: string }) {
  return (
    <p>
      Once a day it is written into the folder “{name}”, if something has changed.{' '}
      <button
        type="button"
        className="link"
        onClick={() => {
          backUpToFolder().catch(report);
        }}
      >
        Write it now
      </button>{' '}
      <button
        type="button"
        className="link"
        onClick={() => {
          leaveFolder().catch(report);
        }}
      >
        Leave that
      </button>
    </p>
  );
}
