interface Props {
  readonly text: string;
  readonly onEnter: () => void;
}

/** Beside a field to which something was brought back that had not been entered. */
export function Unentered({ text, onEnter }: Props) {
  return (
    <span className="offers">
      <button type="button" className="btn btn-sm act" onClick={onEnter}>
        Enter {text.trim() === '' ? 'nothing' : text}
      </button>
    </span>
  );
}
