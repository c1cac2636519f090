import { useRef } from 'react';

interface Props {
  readonly words: string;
  /** What the picker is called where it is read out. */
  readonly label: string;
  readonly accept: string;
  readonly onFile: (file: File) => void;
}

/** A button that lets a file be chosen. */
export function FileButton({ words, label, accept, onFile }: Props) {
  const picker = useRef<HTMLInputElement>(null);
  return (
    <>
      <button type="button" className="btn act" onClick={() => picker.current?.click()}>
        {words}
      </button>
      <input
        ref={picker}
        type="file"
        accept={accept}
        className="visually-hidden"
        aria-label={label}
        tabIndex={-1}
        onChange={({ target }) => {
          const [file] = target.files ?? [];
          target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
