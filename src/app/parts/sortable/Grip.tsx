import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from 'lucide-react';
import type { CSSProperties } from 'react';
import css from './sortable.module.scss';

interface Row {
  /** Goes on the row itself. */
  readonly row: {
    readonly ref: (node: HTMLElement | null) => void;
    readonly style: CSSProperties;
  };
  readonly isLifted: boolean;
  readonly grip: Pick<ReturnType<typeof useSortable>, 'attributes' | 'listeners'>;
}

/** A row of a sortable list. */
export function useRow(id: string): Row {
  const { setNodeRef, attributes, listeners, transform, transition, isDragging } = useSortable({ id });
  return {
    row: { ref: setNodeRef, style: { transform: CSS.Translate.toString(transform), transition } },
    isLifted: isDragging,
    grip: { attributes, listeners },
  };
}

/** Where a row is taken hold of. */
export function Grip({
  name,
  thing,
  grip: { attributes, listeners },
}: {
  readonly name: string;
  readonly thing: string;
  readonly grip: Row['grip'];
}) {
  return (
    <button
      type="button"
      className={css.ticketGrip}
      aria-label={`Move ${name}`}
      {...attributes}
      {...listeners}
      aria-roledescription={`${thing} to move`}
    >
      <GripVertical size={18} aria-hidden />
    </button>
  );
}
