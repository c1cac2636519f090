import type { Draft } from '../../open/drafts.ts';

interface Props {
  readonly text: string;
  readonly draft: Draft;
  /** What was entered in another tab meanwhile. */
  readonly elsewhere: string | undefined;
  readonly onType: (text: string) => void;
  readonly onEnter: () => void;
}

/** Beside a field in which something stands that was not entered: brought back, or there while another tab entered something else. */
export function Unentered({ text, draft, elsewhere, onType, onEnter }: Props) {
  if (!draft.isBack && elsewhere === undefined) return null;
  return (
    <span className="offers" aria-live="polite">
      {elsewhere !== undefined && (
        <>
          Elsewhere {elsewhere === '' ? 'it was taken back' : `${elsewhere} was entered`}.{' '}
          <button
            type="button"
            className="btn btn-sm act"
            onClick={() => {
              onType(elsewhere);
              draft.drop();
            }}
          >
            Take {elsewhere === '' ? 'nothing' : elsewhere}
          </button>
        </>
      )}
      <button type="button" className="btn btn-sm act" onClick={onEnter}>
        Enter {text.trim() === '' ? 'nothing' : text}
      </button>
    </span>
  );
}
