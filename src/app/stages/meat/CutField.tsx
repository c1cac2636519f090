import { useId, useState } from 'react';
import { Link } from 'react-router';
import { cutsMeant } from '@/core/meat/index.ts';
import { type Lot, NAME_MOST, type OwnCut } from '@/core/meal/index.ts';
import { reference } from '@/reference/index.ts';
import { cutNotOne, whichCut } from '@/words/index.ts';
import { editLot } from '../../open/edits/index.ts';
import { FieldError } from '../../parts/FieldError.tsx';
import { CUTS_LISTED } from './CutList.tsx';
import css from './meat.module.scss';

interface Props {
  readonly lot: Lot;
  readonly batchId: string;
  readonly own: readonly OwnCut[];
  readonly hidden: boolean;
}

/** So many that it may be are buttons. */
const LIKELY = 6;

/** The cut of a lot, by any name that cooks have for it; what several are called so is a choice, and asks which. */
export function CutField({ lot, batchId, own, hidden }: Props) {
  const id = useId();
  const all = [...own, ...reference.cuts];
  const cut = all.find((one) => one.id === lot.cut);
  const name = cut?.name ?? (lot.cut === '' ? '' : `${lot.cut} (gone)`);
  // What is typed, until it names a cut; what does not stays in its field.
  const [typed, type] = useState<string>();
  const [isLeft, setLeft] = useState(false);
  const choose = (chosen: string) => {
    type(undefined);
    setLeft(false);
    if (chosen !== lot.cut) editLot(batchId, lot.id, 'the cut of a lot', { cut: chosen });
  };
  const meant = typed === undefined ? [] : cutsMeant(typed, all);
  /** One that is meant alone, or a name that covers them all. */
  const one = ([first, ...more]: typeof meant) =>
    first && (more.length === 0 || 'pools' in first) ? first.id : undefined;
  const change = (text: string) => {
    type(text);
    setLeft(false);
    const exact = all.find((known) => known.name === text);
    if (exact) choose(exact.id);
  };
  const done = () => {
    const chosen = one(meant);
    if (typed === undefined || typed.trim() === '') type(undefined);
    else if (chosen === undefined) setLeft(true);
    else choose(chosen);
  };
  return (
    <>
      <span className="field">
        <label htmlFor={id} className={hidden ? 'visually-hidden' : undefined}>
          Cut
        </label>
        <input
          id={id}
          className="write"
          list={CUTS_LISTED}
          value={typed ?? name}
          title={name}
          placeholder={typed === undefined || name === '' ? 'chuck roast, shin, boston butt …' : name}
          maxLength={NAME_MOST}
          autoComplete="off"
          spellCheck={false}
          aria-invalid={isLeft}
          aria-describedby={isLeft ? `${id}-wrong` : undefined}
          onFocus={({ currentTarget }) => currentTarget.select()}
          onChange={({ currentTarget }) => change(currentTarget.value)}
          onKeyDown={({ key }) => {
            if (key === 'Enter') done();
            if (key === 'Escape') type(undefined);
          }}
          onBlur={done}
        />
      </span>
      {isLeft && <NotOne id={`${id}-wrong`} typed={typed ?? ''} meant={meant} now={cut} onChoose={choose} />}
      {typed === undefined && <Which cut={lot.cut} onChoose={choose} />}
    </>
  );
}

interface NotOneProps {
  readonly id: string;
  readonly typed: string;
  readonly meant: readonly { readonly id: string; readonly name: string }[];
  /** What the lot is still reckoned as. */
  readonly now: { readonly id: string; readonly name: string } | undefined;
  readonly onChoose: (cut: string) => void;
}

/** What is typed names none, or several: it is said, with what may be done, and the lot is still what it was. */
function NotOne({ id, typed, meant, now, onChoose }: NotOneProps) {
  return (
    <div className={css.which}>
      <FieldError id={id}>{cutNotOne(typed, meant.length > 0, now?.name)}</FieldError>
      {meant.slice(0, LIKELY).map((known) => (
        <button key={known.id} type="button" className="btn btn-sm act" onClick={() => onChoose(known.id)}>
          {known.name}
        </button>
      ))}
      {now && (
        <button type="button" className="btn btn-sm act" onClick={() => onChoose(now.id)}>
          leave it as it is
        </button>
      )}
      {meant.length === 0 && <Link to="/cuts">add it as a cut of your own</Link>}
    </div>
  );
}

/** What can be seen of it narrows a name that covers several. */
function Which({ cut, onChoose }: { readonly cut: string; readonly onChoose: (cut: string) => void }) {
  const answers = whichCut(cut);
  if (answers.length === 0) return null;
  return (
    <span className={css.which}>
      <span className="quiet">Which is it?</span>
      {answers.map(([known, words]) => (
        <button key={known} type="button" className="btn btn-sm act" onClick={() => onChoose(known)}>
          {words}
        </button>
      ))}
    </span>
  );
}
