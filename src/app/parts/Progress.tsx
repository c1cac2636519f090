interface Props {
  readonly words: string;
  readonly done: number;
  readonly of: number;
  readonly onCancel: () => void;
}

/** How far something has come that takes its time, and what breaks it off. */
export function Progress({ words, done, of, onCancel }: Props) {
  return (
    <p role="status">
      <label>
        {words} <progress value={done} max={Math.max(1, of)} />
      </label>{' '}
      <button type="button" className="btn btn-sm act" onClick={onCancel}>
        Cancel
      </button>
    </p>
  );
}
