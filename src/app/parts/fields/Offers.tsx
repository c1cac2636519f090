interface OffersProps {
  readonly choices: readonly string[];
  readonly onChoose: (words: string) => void;
}

/** What it may have meant, each in a press. */
export const Offers = ({ choices, onChoose }: OffersProps) => (
  <span className="offers">
    {choices.map((choice) => (
      <button
        key={choice}
        type="button"
        className="btn btn-sm act"
        onClick={() => {
          onChoose(choice);
        }}
      >
        {choice}
      </button>
    ))}
  </span>
);
