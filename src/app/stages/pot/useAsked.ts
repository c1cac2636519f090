import { useMemo, useState } from 'react';
import { type Tables, typedLines } from '@/core/pot/index.ts';
import { useDraft } from '../../open/drafts.ts';
import type { Settled } from './RecipeLineRow.tsx';

/** Lines that were typed and not understood, until they are settled: they are there again after a crash, and after another page. */
export function useAsked(
  batch: string,
  tables: Tables,
  isWhole: boolean,
  near: () => void,
): { readonly asked: readonly Settled[]; readonly ask: (lines: readonly Settled[]) => void } {
  const [own, setOwn] = useState<readonly Settled[]>();
  const [back, setBack] = useState('');
  const draft = useDraft(`${batch} asked about`, '', (text) => {
    near();
    setBack(text);
  });
  const brought = useMemo(
    () =>
      (isWhole ? back.split('\n') : [])
        .flatMap((line) => typedLines(line, tables))
        .map((match, i): Settled => ({ id: `${i} ${match.line.text}`, match, choice: undefined })),
    [back, isWhole, tables],
  );
  const ask = (lines: readonly Settled[]) => {
    setOwn(lines);
    if (lines.length > 0) draft.keep(lines.map(({ match }) => match.line.text).join('\n'));
    else draft.drop();
  };
  return { asked: own ?? brought, ask };
}
