import { importMeal } from '@/store/meals.ts';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { type Compared, type Copy, type MealFile, undecided } from '@/core/meal/index.ts';
import { db } from '../../browser/db.ts';
import { onDisk } from '../../open/memory.ts';
import { AskReplace } from './AskReplace.tsx';
import { FileButton } from '../../parts/FileButton.tsx';

interface Props {
  readonly tell: (words: string) => void;
  readonly report: (error: unknown) => void;
  /** The file is a backup of everything. */
  readonly onBackup: (file: File) => void;
}

/** Brings in the file of a meal; one that is here already is asked about. */
export function BringIn({ tell, report, onBackup }: Props) {
  const [asked, setAsked] = useState<{ readonly file: MealFile; readonly copies: Compared }>();
  const navigate = useNavigate();
  const take = async (file: MealFile) => {
    await onDisk(() => importMeal(db, file));
    tell(`“${file.meal.name}” is in.`);
    setAsked(undefined);
  };
  const join = async (both: Copy, file: MealFile) => {
    const { keepTogether } = await import('@/store/together.ts');
    await onDisk(() => keepTogether(db, both, file));
    tell(`“${both.meal.name}” and the file’s copy of it are one.`);
    setAsked(undefined);
    const { clashesOf } = await import('@/core/handout/index.ts');
    const twice = clashesOf(both.entries, file.kitchen.vessels).length + undecided(both).length;
    // What they say otherwise is chosen one at a time.
    if (twice > 0) await navigate(`/meals/${both.meal.id}/handout`);
  };
  const open = async (source: File) => {
    if (source.name.endsWith('.jsonl')) {
      onBackup(source);
      return;
    }
    const { readIncoming } = await import('@/store/files.ts');
    const incoming = await readIncoming(db, source);
    if (!incoming.ok) report(incoming.error);
    else if (incoming.known) setAsked({ file: incoming.file, copies: incoming.known });
    else await take(incoming.file);
  };
  return (
    <>
      <FileButton
        words="Bring in a file"
        label="A meal file"
        accept=".json,.jsonl,application/json"
        onFile={(file) => {
          open(file).catch(report);
        }}
      />
      {asked && (
        <AskReplace
          {...asked}
          onTogether={(both) => {
            join(both, asked.file).catch(report);
          }}
          onReplace={() => {
            take(asked.file).catch(report);
          }}
          onLeave={() => {
            setAsked(undefined);
          }}
        />
      )}
    </>
  );
}
