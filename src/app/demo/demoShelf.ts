import type { ShelfItem } from '@/core/meal/index.ts';

const DAY = 86_400_000;

/** What stands on the demo's shelf, by how many days it has stood there: invented, in the hall's own scene. */
export function demoShelf(scene: number): readonly ShelfItem[] {
  const ago = (days: number) => scene - days * DAY;
  const item = (
    id: string,
    what: ShelfItem['what'],
    name: string,
    grams: number,
    days: number,
    more: Partial<ShelfItem> = {},
  ): ShelfItem => ({ id: `demo-${id}`, what, name, grams, made: ago(days), place: 'fridge', ...more });
  return [
    item('lamb-broth', 'broth', 'lamb broth', 1414, 4, {
      ml: 1400,
      boxes: 2,
      saltG: 11,
      fatG: 20,
      waterG: 1360,
      proteinG: 20,
      holds: ['celery'],
    }),
    item('lamb-sauce', 'meat in sauce', 'lamb in its sauce', 600, 3, {
      saltG: 6,
      fatG: 60,
      holds: ['celery'],
    }),
    item('beef-broth', 'broth', 'beef broth', 2727, 1, {
      ml: 2700,
      boxes: 3,
      saltG: 21,
      fatG: 30,
      waterG: 2620,
      proteinG: 50,
      holds: ['beef', 'celery'],
    }),
    item('shank-fat', 'fat', 'beef shank fat', 285, 1, { saltG: 0, fatG: 256, waterG: 26, holds: ['beef'] }),
    item('blade', 'meat in sauce', 'blade in its sauce', 900, 20, {
      place: 'freezer',
      frozen: ago(19),
      boxes: 2,
      holds: ['beef', 'celery'],
    }),
    item('rinds', 'other', 'cheese rinds', 180, 40, { place: 'freezer', frozen: ago(40), holds: ['milk'] }),
  ];
}
