import type { CollisionDetection } from '@dnd-kit/core';

/**
 * The ticket whose upper or lower edge is nearest to that of the one in the hand. Centres will not
 * do: an unfolded ticket is so tall that its own centre stays nearest wherever it goes.
 */
export const closestEdge: CollisionDetection = ({ collisionRect, droppableRects, droppableContainers }) =>
  droppableContainers
    .flatMap((droppableContainer) => {
      const rect = droppableRects.get(droppableContainer.id);
      if (!rect) return [];
      const value = Math.min(
        Math.abs(rect.top - collisionRect.top),
        Math.abs(rect.bottom - collisionRect.bottom),
      );
      return [{ id: droppableContainer.id, data: { droppableContainer, value } }];
    })
    .sort((a, b) => a.data.value - b.data.value);
