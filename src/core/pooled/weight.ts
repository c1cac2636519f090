/** One entry in so many is wrong: bones left in, pounds for kilograms, a bowl not tared, half of it weighed (estimate). */
const ONE_IN = 20;
/** What is wrong is off by so much, as a logarithm (estimate), and by no less than so many times what is usual. */
const WRONG = { sd: 0.5, times: 3 };
/** So near nobody doubts, and less than this is nothing. */
const NEAR = 2;
const NOTHING = 0.05;

/**
 * How much a reading counts: how likely it is right, given how far it lies from what the others foretell, against being one
 * of the wrong ones (mixture of two normals: Box and Tiao 1968, from memory). What is near counts whole.
 * @param z how far off, in standard deviations
 * @param sd of what is foretold and of the reading together, as a logarithm
 */
export function weightOf(z: number, sd: number): number {
  const far = Math.abs(z);
  if (far <= NEAR) return 1;
  const weight = rightAt(far, sd) / rightAt(NEAR, sd);
  return weight < NOTHING ? 0 : weight;
}

function rightAt(z: number, sd: number): number {
  const wide = Math.hypot(WRONG.sd, WRONG.times * sd);
  const right = ((1 - 1 / ONE_IN) * Math.exp(-(z * z) / 2)) / sd;
  const wrong = Math.exp(-((z * sd) ** 2) / (2 * wide * wide)) / wide / ONE_IN;
  return right / (right + wrong);
}
