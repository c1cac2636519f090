import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  arrayMove,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { Plus } from 'lucide-react';
import { dishName } from '@/core/order/index.ts';
import { writeMass, writeVolume } from '@/core/quantity/index.ts';
import { useOpenMeal } from '../data/MealContext.ts';
import { addDish, editMeal } from '../data/edits.ts';
import { Enough } from '../plates/Enough.tsx';
import { Avoid } from './Avoid.tsx';
import { closestEdge } from './closestEdge.ts';
import { DishTicket } from './DishTicket.tsx';
import { Occasion } from './Occasion.tsx';

/** Who eats what: the dishes of the meal as tickets, and what they want of the pots. */
export default function Order() {
  const { loaded, reckoning, units } = useOpenMeal();
  const { meal } = loaded;
  const { needG, needMl } = reckoning.meal;
  const set = ({ value, unit }: { value: string; unit: string }) => `${value} ${unit}`;
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = meal.dishes.map(({ id }) => id);
  const placeOf = (id: string) => `${ids.indexOf(id) + 1} of ${ids.length}`;
  const nameOf = (id: unknown) => {
    const dish = meal.dishes.find((d) => d.id === id);
    return dish ? dishName(dish) : '';
  };
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over || over.id === active.id) return;
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over.id))];
    editMeal(meal.id, 'the order of the dishes', (m) => ({ ...m, dishes: arrayMove(m.dishes, from, to) }));
  };
  const { tickets } = reckoning.meal;
  return (
    <>
      <div className="line">
        <h1>Who eats what</h1>
        {needG + needMl > 0 && (
          <p className="quiet">
            wants <b className="num">{set(writeMass(needG, units))}</b> of shred and{' '}
            <b className="num">{set(writeVolume(needMl, units))}</b> of liquid
          </p>
        )}
      </div>
      <Occasion />
      <DndContext
        sensors={sensors}
        collisionDetection={closestEdge}
        onDragEnd={drop}
        accessibility={{
          announcements: {
            onDragStart: ({ active }) => `Picked up ${nameOf(active.id)}, ${placeOf(String(active.id))}.`,
            onDragOver: ({ active, over }) =>
              over ? `${nameOf(active.id)} is at place ${placeOf(String(over.id))}.` : undefined,
            onDragEnd: ({ active, over }) =>
              over
                ? `Put ${nameOf(active.id)} down at place ${placeOf(String(over.id))}.`
                : `${nameOf(active.id)} stays where it was.`,
            onDragCancel: ({ active }) => `${nameOf(active.id)} stays where it was.`,
          },
          screenReaderInstructions: {
            draggable: 'Space picks the ticket up, the arrows move it, Space puts it down, Escape leaves it.',
          },
        }}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ul className="tickets">
            {meal.dishes.map((dish) => (
              <DishTicket key={dish.id} dish={dish} ticket={tickets.find(({ id }) => id === dish.id)} />
            ))}
          </ul>
        </SortableContext>
      </DndContext>
      <p className="line">
        <button
          type="button"
          className="btn act"
          onClick={() => {
            addDish(meal.id);
          }}
        >
          <Plus size={16} aria-hidden /> Another dish
        </button>
        {meal.dishes.length > 1 && (
          <span className="quiet">Served from the top: what runs short, runs short at the last ticket.</span>
        )}
      </p>
      <Avoid />
      <Enough />
    </>
  );
}
