import { useState } from 'react';

interface Props {
  readonly words: string;
  /** Writes the sheet and hands it to the browser. */
  readonly write: () => Promise<void>;
}

/** A sheet of paper at a press; while it is written it says so. */
export function PdfButton({ words, write }: Props) {
  const [busy, setBusy] = useState(false);
  return (
    <button
      type="button"
      className="btn act"
      disabled={busy}
      onClick={() => {
        setBusy(true);
        write()
          .catch(reportError)
          .finally(() => setBusy(false));
      }}
    >
      {busy ? 'Writing the sheet' : words}
    </button>
  );
}
