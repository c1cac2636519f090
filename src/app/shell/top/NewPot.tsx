import { useNewPot } from './useNewPot.ts';

/** Another pot for the open meal. */
export function NewPot({ onDone }: { readonly onDone: () => void }) {
  const newPot = useNewPot();
  return (
    <button
      type="button"
      className="btn act"
      onClick={() => {
        newPot();
        onDone();
      }}
    >
      + a pot
    </button>
  );
}
