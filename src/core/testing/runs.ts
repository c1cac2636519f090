import fc from 'fast-check';

/** `./slow-spoon check` tries all of it with seeds of its own; the test run a sample, the same each time. */
export const isCheck = process.env['SLOW_SPOON_CHECK'] === '1';

/** The test run's seed, so that what fails there fails again. */
const SEED = 20;
if (!isCheck) fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: SEED });

/**
 * How often something random is tried.
 * @param full in the check
 * @param sample in the test run; absent: a fifth
 */
export const runs = (full: number, sample = Math.ceil(full / 5)): number => (isCheck ? full : sample);
