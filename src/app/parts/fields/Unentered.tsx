interface Props {
  readonly text: string;
  readonly onEnter: () => void;
  /** What was entered in another tab meanwhile. */
  readonly elsewhere?: string | undefined;
  readonly onTake?: (elsewhere: string) => void;
}

/** Beside a field in which something stands that was not entered: brought back, or there while another tab entered something else. */
export function Unentered({ text, onEnter, elsewhere, onTake }: Props) {
  return (
    <span className="offers" aria-live="polite">
      {elsewhere !== undefined && (
        <>
          Elsewhere {elsewhere === '' ? 'it was taken back' : `${elsewhere} was entered`}.{' '}
          <button type="button" className="btn btn-sm act" onClick={() => onTake?.(elsewhere)}>
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
