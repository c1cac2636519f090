import type { Batch, Kitchen } from './schema.ts';

/** The kitchen itself: what stands nowhere else stands there. */
export const OWN_PLACE = '';

/** Where something stands that says where; a place that is not there any more is the kitchen itself. */
export const placeOf = (at: string | undefined, { places }: Pick<Kitchen, 'places'>): string =>
  places?.some(({ id }) => id === at) === true ? (at ?? OWN_PLACE) : OWN_PLACE;

/** Where a pot is cooked: as the cook says, else where its vessel stands. */
export const cookedIn = (
  { at }: Pick<Batch, 'at'>,
  vessel: { readonly at?: string | undefined } | undefined,
  kitchen: Pick<Kitchen, 'places'>,
): string => placeOf(at ?? vessel?.at, kitchen);

type Standing = Pick<Kitchen, 'places' | 'heatSources' | 'fridges'>;

/** A kitchen with what stands at one of its places alone: its ovens, burners, cold. Vessels are carried about. */
export function kitchenAt<K extends Standing>(kitchen: K, place: string): K {
  if (!kitchen.places || kitchen.places.length === 0) return kitchen;
  const { heatSources, fridges } = kitchen;
  const there = <T extends { readonly at?: string | undefined }>(all: readonly T[]): T[] =>
    all.filter(({ at }) => placeOf(at, kitchen) === place);
  // Nothing is taken to be usual elsewhere: what a further kitchen has is written.
  return {
    ...kitchen,
    ...(heatSources || place !== OWN_PLACE ? { heatSources: there(heatSources ?? []) } : {}),
    ...(fridges || place !== OWN_PLACE ? { fridges: there(fridges ?? []) } : {}),
  };
}
