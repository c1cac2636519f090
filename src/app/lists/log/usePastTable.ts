import { useEffect, useRef, useState } from 'react';
import type { CsvMapping, CsvUnits } from '@/core/log/index.ts';
import { csvNeeds } from '@/core/log/index.ts';
import { putPastMeals } from '@/store/past.ts';
import type { TableRead } from '@/workers/pastTable.ts';
import { type OpenedTable, startTable } from '@/workers/tables.ts';
import { db } from '../../browser/db.ts';
import { onDisk } from '../../open/memory.ts';
import { useKitchen } from '../../open/useKitchen.ts';
import type { CsvTable } from './csvTable.ts';

const MOST_BYTES = 20_000_000;
/** So many past cooks come in as one act: the page draws between two of them, and undo takes back one. */
const ONE_ACT = 500;

interface Running {
  readonly words: string;
  readonly done: number;
  readonly of: number;
}

/** A table of past cooks, read in a thread of its own with every choice, and brought in from there. */
export function usePastTable() {
  const kitchen = useKitchen();
  const thread = useRef<OpenedTable | undefined>(undefined);
  const [table, setTable] = useState<CsvTable>();
  const [mapping, map] = useState<CsvMapping>({});
  const [units, setUnits] = useState<CsvUnits>({ mass: 'g', volume: 'ml' });
  const [said, say] = useState<Readonly<Record<string, string>>>({});
  const [reading, setReading] = useState<TableRead>();
  const [running, run] = useState<Running>();
  const [fault, setFault] = useState('');
  const [done, setDone] = useState('');

  const close = () => {
    thread.current?.stop();
    thread.current = undefined;
    setTable(undefined);
    setReading(undefined);
    run(undefined);
  };
  useEffect(() => () => thread.current?.stop(), []);

  const open = async (file: File) => {
    close();
    setDone('');
    setFault('');
    if (file.size > MOST_BYTES) {
      setFault(
        `“${file.name}” is ${String(Math.round(file.size / 1e6))} MB; a table of past cooks is never more than 20 MB.`,
      );
      return;
    }
    try {
      const text = await file.text();
      const started = await startTable();
      thread.current = started;
      const opened = await started.table.open(text);
      if (thread.current !== started) return;
      if (!opened) {
        setFault(`“${file.name}” has no rows under a heading; fill in the template, or choose another.`);
        close();
        return;
      }
      map(opened.mapping);
      setTable({ name: file.name, heads: opened.heads, rows: opened.rows });
    } catch (error) {
      setFault(`“${file.name}” cannot be read: ${messageOf(error)}`);
    }
  };

  const lacks = csvNeeds.filter((column) => mapping[column] === undefined);
  const isWhole = lacks.length === 0;
  useEffect(() => {
    const started = thread.current;
    if (!table || !started || !isWhole) return;
    let isOver = false;
    const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
    started.table
      .read({ mapping, units, said, kitchen, zone }, (rows) => {
        if (!isOver && rows < table.rows) run({ words: 'reading its rows', done: rows, of: table.rows });
      })
      .then((read) => {
        if (isOver || !read) return;
        run(undefined);
        setReading(read);
      })
      .catch((error: unknown) => {
        if (!isOver) setFault(`“${table.name}” cannot be read: ${messageOf(error)}`);
      });
    return () => {
      isOver = true;
    };
  }, [table, mapping, units, said, kitchen, isWhole]);

  const bringIn = async () => {
    const started = thread.current;
    if (!reading || !table || !started) return;
    const of = reading.cooks;
    let [cooks, acts] = [0, 0];
    for (; cooks < of && thread.current === started; acts += 1) {
      if (of > ONE_ACT) run({ words: 'bringing them in', done: cooks, of });
      const some = await started.table.some(cooks, cooks + ONE_ACT);
      const which =
        of > ONE_ACT
          ? `past cooks ${count(cooks + 1)} to ${count(cooks + some.length)}`
          : `${count(of)} past cooks`;
      await onDisk(() => putPastMeals(db, some, `${which} from “${table.name}”`));
      cooks += some.length;
    }
    close();
    setDone(
      `${count(cooks)} past cooks are in the log. Undo takes them out again${acts > 1 ? ', five hundred at a time' : ''}.`,
    );
  };

  return {
    table,
    mapping,
    map,
    units,
    setUnits,
    said,
    say,
    reading,
    lacks,
    running,
    fault,
    done,
    open,
    close,
    bringIn,
  };
}

const count = (of: number): string => of.toLocaleString('en');
const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));
