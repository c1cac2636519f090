import clsx from 'clsx';
import { ShieldAlert } from 'lucide-react';
import { useEffect, useMemo } from 'react';
import {
  type CareFacts,
  careOf,
  type CarePlace,
  cautionRows,
  cautionsAt,
  type CautionId,
} from '@/core/care/index.ts';
import { cautionWords, LOCAL_CODE } from '@/words/index.ts';
import { foldCaution, followReadCautions, readCautions } from '../browser/readCautions.ts';
import { useWatched } from '../browser/watched.ts';
import { useOpenMeal } from '../open/MealContext.ts';
import css from './cautions.module.scss';

export interface CautionsProps {
  readonly at: CarePlace;
  /** Whose task or card it is; absent: of the pot that is open, or of all on the sheets of the meal. */
  readonly batch?: string | undefined;
}

/** The sheets of the whole meal; all others are of one pot. */
const OF_ALL: ReadonlySet<string> = new Set(['order', 'plates', 'keep']);

/** The cautions of a place in the open meal. */
export default function CautionsHere({ at, batch }: CautionsProps) {
  const { opened, batch: here } = useOpenMeal();
  const of = batch ?? ('sheet' in at && OF_ALL.has(at.sheet) ? undefined : here.id);
  const facts = useMemo(() => careOf(opened, of), [opened, of]);
  return <CautionList ids={cautionsAt(at, facts)} facts={facts} isSheet={'sheet' in at} />;
}

/** Cautions as a list, with what they are second to. */
export function CautionList({
  ids,
  facts,
  isSheet = false,
}: {
  readonly ids: readonly CautionId[];
  readonly facts: CareFacts;
  readonly isSheet?: boolean;
}) {
  useEffect(followReadCautions, []);
  const read = useWatched(readCautions);
  if (ids.length === 0) return null;
  // One landmark a sheet: those of an opened task or a card are a group in it.
  const Around = isSheet ? 'aside' : 'div';
  return (
    <Around
      className={clsx('caution', css.cautions)}
      aria-label="Caution"
      role={isSheet ? undefined : 'group'}
    >
      <ul>
        {ids.map((id) => {
          const { short, full } = cautionWords(id, facts);
          const isFolded = cautionRows[id].folds && read.has(id);
          return (
            <li key={id} className={isFolded ? css.isFolded : undefined}>
              <ShieldAlert size={16} aria-hidden />
              {cautionRows[id].folds ? (
                <button type="button" aria-expanded={!isFolded} onClick={() => foldCaution(id, !isFolded)}>
                  {isFolded ? short : full}
                </button>
              ) : (
                <span>{full}</span>
              )}
            </li>
          );
        })}
      </ul>
      {isSheet && <p className="quiet">{LOCAL_CODE}</p>}
    </Around>
  );
}
