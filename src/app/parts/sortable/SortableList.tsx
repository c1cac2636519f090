import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, sortableKeyboardCoordinates, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { ReactNode } from 'react';
import { closestEdge } from './closestEdge.ts';

interface Props {
  readonly ids: readonly string[];
  /** What one of them is called, to be read out. */
  readonly nameOf: (id: string) => string;
  /** "the ticket", "the line". */
  readonly thing: string;
  readonly onMove: (from: number, to: number) => void;
  readonly children: ReactNode;
}

/** A list whose rows are dragged into another order, by mouse, finger or key. */
export function SortableList({ ids, nameOf, thing, onMove, children }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const name = (id: unknown) => nameOf(String(id));
  const placeOf = (id: unknown) => `${ids.indexOf(String(id)) + 1} of ${ids.length}`;
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return;
    onMove(ids.indexOf(String(active.id)), ids.indexOf(String(over.id)));
  };
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestEdge}
      onDragEnd={drop}
      accessibility={{
        announcements: {
          onDragStart: ({ active }) => `Picked up ${name(active.id)}, ${placeOf(active.id)}.`,
          onDragOver: ({ active, over }) =>
            over ? `${name(active.id)} is at place ${placeOf(over.id)}.` : undefined,
          onDragEnd: ({ active, over }) =>
            over
              ? `Put ${name(active.id)} down at place ${placeOf(over.id)}.`
              : `${name(active.id)} stays where it was.`,
          onDragCancel: ({ active }) => `${name(active.id)} stays where it was.`,
        },
        screenReaderInstructions: {
          draggable: `Space picks ${thing} up, the arrows move it, Space puts it down, Escape leaves it.`,
        },
      }}
    >
      <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  );
}
