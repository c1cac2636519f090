import fc from 'fast-check';
import { reference } from '@/reference/index.ts';
import { type AfterStep, afterWhats, type Field, traitsOf } from '../work/index.ts';

/** Names under which parts of a liquid stand apart; the pot's own is none of them, and yet may be written. */
const APART = ['dip', 'gravy', 'pot'] as const;
/** Anything of the table may be stirred in or stretched with, and what the kitchen no longer has. */
const refs = [...reference.ingredients.map(({ id }) => id), 'gone from the kitchen'];

/** A few of a unit, and as many as nobody would write. */
const quantity = (unit: string, most: number) =>
  fc
    .oneof(fc.double({ min: 0.001, max: most, noNaN: true }), fc.constantFrom(0.001, 1, 149_999))
    .map((n) => ({ text: `${String(n)} ${unit}`, lo: n, hi: n }));
const minutes = fc.integer({ min: 1, max: 90 }).map((n) => ({ text: `${String(n)} min`, lo: n, hi: n }));

/** Anything that a field may hold. */
function anyOf(field: Field): fc.Arbitrary<unknown> {
  switch (field.of) {
    case 'one of':
      return fc.constantFrom(...field.among);
    case 'volume':
      return quantity('ml', 20_000);
    case 'measured':
      return quantity('g', 20_000);
    case 'name':
      return fc.constantFrom(...APART);
    case 'id':
      return fc.constantFrom(...refs);
    case 'share':
      return fc.double({ min: 0, max: 1, noNaN: true });
  }
}

const anyStep: fc.Arbitrary<AfterStep> = fc.constantFrom(...afterWhats).chain((what) => {
  const fields = Object.fromEntries(
    Object.entries(traitsOf(what).fields).map(([key, field]) => [key, anyOf(field)]),
  );
  return (
    fc
      .record(
        { id: fc.uuid(), what: fc.constant(what), minutes, ...fields },
        { requiredKeys: ['id', 'what'] },
      )
      // Made of the kind's own fields it is a step of that kind.
      .map((step) => step as unknown as AfterStep)
  );
});

/** A list as a cook may write it for after the lid: kinds in whatever order, each with some of its fields. */
export const anyAfter: fc.Arbitrary<AfterStep[]> = fc.uniqueArray(anyStep, {
  maxLength: 14,
  selector: ({ id }) => id,
});
