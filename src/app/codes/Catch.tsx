import { useCallback, useRef, useState } from 'react';
import { type Caught, textOf, withCode } from '@/core/handout/index.ts';
import { caughtWords } from '@/words/index.ts';
import { bytesIn } from './decode.ts';
import { type NoCamera, useCamera } from './useCamera.ts';
import css from './codes.module.scss';

interface Props {
  /** Once all of it is caught. */
  readonly onText: (text: string) => void;
}

const noCamera: Readonly<Record<NoCamera, string>> = {
  'not secure': 'A browser gives the camera only to a page that came by https. Bring the file instead.',
  refused: 'This page may not use the camera. Allow it in the browser’s settings, or bring the file instead.',
  none: 'There is no camera on this device. Bring the file instead.',
};

/** The camera, and what it has caught of the codes that are shown to it: any order, a missed one comes round again. */
export default function Catch({ onText }: Props) {
  const [caught, show] = useState<Caught>();
  const [failed, fail] = useState<string>();
  // Looks come faster than drawings: each goes on from the last one's.
  const so = useRef<Caught | undefined>(undefined);
  const done = useRef(false);
  const look = useCallback(
    async (picture: ImageData) => {
      if (done.current) return;
      try {
        const bytes = await bytesIn(picture);
        const next = bytes && withCode(so.current, bytes);
        if (!next || next === so.current) return;
        so.current = next;
        show(next);
        const text = textOf(next);
        if (text === undefined) return;
        done.current = true;
        onText(text);
      } catch (error) {
        done.current = true;
        fail(error instanceof Error ? error.message : String(error));
      }
    },
    [onText],
  );
  const { video, fault } = useCamera(look);
  if (fault) return <p className="wrong">{noCamera[fault]}</p>;
  return (
    <div className={css.catch}>
      <h2 aria-live="polite">{caughtWords(caught?.pieces.size ?? 0, caught?.count)}</h2>
      <video ref={video} muted playsInline aria-label="What the camera sees" />
      {caught && (
        <div className={css.pieces} aria-hidden>
          {Array.from({ length: caught.count }, (_, i) => (
            <i key={i} data-on={caught.pieces.has(i) || undefined} />
          ))}
        </div>
      )}
      <p className="quiet">Any order will do; a missed code comes round again.</p>
      {failed !== undefined && (
        <p className="wrong">The codes could not be read ({failed}). Bring the file.</p>
      )}
    </div>
  );
}
