import { describe, expect, test } from '@jest/globals';
import { usualKitchen, type Vessel } from '../../meal/index.ts';
import { mayStand, outerCm, pansOf, sourcesOf, standsOn, vesselsFor } from './stands.ts';

const { vessels } = usualKitchen;
const vessel = (id: string): Vessel => {
  const found = vessels.find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};

describe('what may stand on what', () => {
  test('a pot on a burner and in the oven, a slow cooker on its base alone, unless the cook says', () => {
    expect(standsOn(vessel('pot-28'))).toEqual(['burner', 'oven']);
    expect(mayStand(vessel('slow-cooker'), 'oven')).toBe(false);
    expect(mayStand({ ...vessel('slow-cooker'), on: ['oven'] }, 'oven')).toBe(true);
    expect(mayStand({ ...vessel('pot-28'), on: [] }, 'stove')).toBe(false);
  });

  test('vessels come smallest first, pots before trays, pans never to braise in', () => {
    const forOven = vesselsFor('oven', vessels);
    expect(forOven.map(({ kind }) => kind)).not.toContain('pan');
    const pots = forOven.filter(({ kind }) => kind === 'pot').map(({ widthCm }) => widthCm);
    expect(pots).toEqual(pots.toSorted((a, b) => a - b));
    const firstTray = forOven.findIndex(({ kind }) => kind === 'roasting pan');
    const lastPot = forOven.findLastIndex(({ kind }) => kind === 'pot');
    expect(firstTray).toBeGreaterThan(lastPot);
  });

  test('after a smoke the covered pot goes where pots go, if nothing may stand in the smoker', () => {
    const onlyPots = vessels.filter(({ kind }) => kind === 'pot');
    expect(vesselsFor('smoker', onlyPots)).toHaveLength(onlyPots.length);
    expect(vesselsFor('smoker', vessels).every((one) => mayStand(one, 'smoker'))).toBe(true);
  });

  test('to sear in, pans come first and the widest of them', () => {
    const [first, second] = pansOf(usualKitchen);
    expect([first?.kind, second?.kind]).toEqual(['pan', 'pan']);
    expect(first?.widthCm).toBeGreaterThanOrEqual(second?.widthCm ?? Infinity);
    expect(pansOf({ vessels: [] })).toEqual([]);
  });

  test('a lid adds its height, the usual or the measured, and a tray has none', () => {
    const pot = vessel('pot-28');
    expect(outerCm(pot, true) - outerCm(pot, false)).toBe(4);
    expect(outerCm({ ...pot, lidCm: 7 }, true) - outerCm(pot, false)).toBe(7);
    const tray: Vessel = { ...pot, kind: 'tray' };
    expect(outerCm(tray, true)).toBe(outerCm(tray, false));
  });

  test('a kitchen that has named no heat has the usual; one that has, only what it named', () => {
    expect(sourcesOf({}, 'burner')).toHaveLength(4);
    const one = [{ id: 'o', name: 'hall oven', kind: 'oven' as const }];
    expect(sourcesOf({ heatSources: one }, 'burner')).toEqual([]);
    expect(sourcesOf({ heatSources: one }, 'oven')).toEqual(one);
  });
});
