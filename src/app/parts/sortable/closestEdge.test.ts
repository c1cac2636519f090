import { expect, test } from '@jest/globals';
import type { CollisionDetection } from '@dnd-kit/core';
import { closestEdge } from './closestEdge.ts';

type Asked = Parameters<CollisionDetection>[0];
const rect = (top: number, height: number) => ({
  top,
  bottom: top + height,
  left: 0,
  right: 700,
  width: 700,
  height,
});

/** Three tickets under each other; the middle one is unfolded. */
const tickets = { folded: rect(0, 60), open: rect(70, 300), last: rect(380, 60) };

function over(hand: ReturnType<typeof rect>) {
  const asked = {
    collisionRect: hand,
    droppableRects: new Map(Object.entries(tickets)),
    droppableContainers: Object.keys(tickets).map((id) => ({ id })),
  };
  return closestEdge(asked as unknown as Asked)[0]?.id;
}

test('an unfolded ticket is over the one whose edge it has reached, not over itself', () => {
  expect(over(rect(70, 300))).toBe('open');
  // Its upper edge where the first begins, as the arrow key puts it: its middle is still its own.
  expect(over(rect(0, 300))).toBe('folded');
  // Its lower edge where the last ends.
  expect(over(rect(140, 300))).toBe('last');
});

test('a folded ticket pulled down passes the tall one by its edges', () => {
  expect(over(rect(12, 60))).toBe('folded');
  expect(over(rect(300, 60))).toBe('open');
  expect(over(rect(380, 60))).toBe('last');
});
