import { useNarrow } from '../../browser/useNarrow.ts';
import { Strip } from './Strip.tsx';
import { Upright } from './Upright.tsx';
import css from './strands.module.scss';

/** The strands of the open pot and the eight stations that are the way through the work: beside the sheet, or on a phone as a strip at its foot. */
export function StrandsPanel() {
  const narrow = useNarrow();
  return narrow ? (
    <Strip />
  ) : (
    <nav className={css.strands} aria-label="The strands and their stations">
      <Upright />
    </nav>
  );
}
