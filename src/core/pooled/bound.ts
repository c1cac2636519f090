import { phi } from '../tender/index.ts';

/**
 * What a bound says of a normal about nought, as a message of its own: the mean and variance of the normal cut off there
 * (published: Johnson, Kotz and Balakrishnan, Continuous Univariate Distributions 1, ch. 13, from memory), with the
 * normal itself taken out again.
 * @param at the bound; side on which side of it the value lies; sd of the normal before
 */
export function boundOf(
  at: number,
  side: 'above' | 'below',
  sd: number,
): { readonly value: number; readonly sd: number } {
  const a = (side === 'above' ? at : -at) / sd;
  const tail = Math.max(1e-12, 1 - phi(a));
  const lambda = Math.exp(-(a * a) / 2) / Math.sqrt(2 * Math.PI) / tail;
  const [mean, variance] = [sd * lambda, sd * sd * Math.max(1e-6, 1 - lambda * (lambda - a))];
  const precision = Math.max(1e-6, 1 / variance - 1 / (sd * sd));
  const value = mean / variance / precision;
  return { value: side === 'above' ? value : -value, sd: 1 / Math.sqrt(precision) };
}
