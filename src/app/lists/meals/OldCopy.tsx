import { useEffect, useState } from 'react';
import { copyAsText, copyKept, dropCopy } from '@/store/copyBefore.ts';
import { db } from '../../browser/db.ts';
import { saveText } from '../../browser/saveText.ts';

/** The copy of everything as it was before the last upgrade: taken out as a file, or let go. */
export function OldCopy({ report }: { readonly report: (error: unknown) => void }) {
  const [copy, setCopy] = useState<string>();
  useEffect(() => {
    copyKept(db).then(setCopy, report);
  }, [report]);
  if (copy === undefined) return null;
  return (
    <p>
      Everything as it was before the last upgrade is kept too.{' '}
      <button
        type="button"
        className="link"
        onClick={() => {
          copyAsText(copy)
            .then((text) => saveText(`${copy}.json`, text))
            .catch(report);
        }}
      >
        Save it as a file
      </button>{' '}
      <button
        type="button"
        className="link quiet"
        onClick={() => {
          dropCopy(copy).then(() => setCopy(undefined), report);
        }}
      >
        Let it go
      </button>
    </p>
  );
}
