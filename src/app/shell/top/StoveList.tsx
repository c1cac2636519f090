import clsx from 'clsx';
import { lazy, Suspense, useState } from 'react';
import Modal from 'react-bootstrap/Modal';
import { Link } from 'react-router';
import { wantWords, untilWords } from '@/words/index.ts';
import { SmallPot } from '../../figures/SmallPot.tsx';
import type { StovePot } from '../../open/useStove.ts';
import { useWall } from '../../open/useWall.ts';
import { useStage } from '../useStage.ts';
import { NewPot } from './NewPot.tsx';
import { Pages } from './Pages.tsx';
import { DemoClock } from './DemoClock.tsx';
import css from './list.module.scss';

const KeysDialog = lazy(() => import('../KeysDialog.tsx'));

interface Props {
  readonly pots: readonly StovePot[];
  readonly now: number;
  readonly onClose: () => void;
}

/** The stove as a list, dropped from the pot’s name: each pot, what it wants and when; under it the other pages, once. */
export default function StoveList({ pots, now, onClose }: Props) {
  const stage = useStage();
  const wall = useWall();
  const [keys, setKeys] = useState(false);
  return (
    <Modal
      show
      onHide={onClose}
      backdrop={false}
      animation={false}
      className={css.list ?? ''}
      dialogClassName={css.listDialog ?? ''}
      aria-labelledby="stove-title"
    >
      <Modal.Body>
        <h2 id="stove-title">{pots.length > 0 ? 'On the stove' : 'Where to'}</h2>
        <ul className={clsx(css.rows, pots.length > MANY && css.isMany)} aria-label="Pots">
          {pots.map((pot) => (
            <li key={pot.id}>
              <Link
                to={pot.href(stage)}
                className={clsx(pot.isOpen && css.isOpen, pot.wantsYou && css.wantsYou)}
                aria-current={pot.isOpen ? 'true' : undefined}
                onClick={onClose}
              >
                <SmallPot level={pot.level} slow={pot.slow} lifted={pot.wantsYou} />
                <span>
                  <b>{pot.name}</b> <small>{pot.next ? wantWords(pot.next) : ''}</small>
                </span>
                <span className={css.when}>{untilWords(pot.at, now, wall.clock)}</span>
              </Link>
            </li>
          ))}
        </ul>
        {pots.length > 0 && <NewPot onDone={onClose} />}
        <nav className={css.places} aria-label="Kept for all meals" onClick={onClose}>
          <Pages />
        </nav>
        <p className={css.foot}>
          <DemoClock />
          {pots.length > 0 && (
            <button type="button" className="link" onClick={() => setKeys(true)}>
              keys
            </button>
          )}
        </p>
        {keys && (
          <Suspense>
            <KeysDialog onClose={() => setKeys(false)} />
          </Suspense>
        )}
      </Modal.Body>
    </Modal>
  );
}

/** More than this are listed in one line each. */
const MANY = 5;
