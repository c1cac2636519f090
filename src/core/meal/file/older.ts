import { afterWhats, type AfterWhat, traitsOf } from '../../work/index.ts';

/** What any kind of step may hold. */
const anyField = new Set(afterWhats.flatMap((what) => Object.keys(traitsOf(what).fields)));
const isKind = (what: unknown): what is AfterWhat => afterWhats.some((one) => one === what);
const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A step with what its own kind may hold. What no kind knows stays, to be refused by its name. */
function ownFields(step: unknown): unknown {
  if (!isRecord(step) || !isKind(step['what'])) return step;
  const own = traitsOf(step['what']).fields;
  const foreign = (key: string) => !(key in own) && anyField.has(key);
  return Object.keys(step).some(foreign)
    ? Object.fromEntries(Object.entries(step).filter(([key]) => !foreign(key)))
    : step;
}

/**
 * A batch as it may have been written before each kind of step had fields of its own: a skim could carry the tool that it was
 * pulled with. What a step never read it loses.
 */
export function newerBatch<T>(batch: T): T {
  if (!isRecord(batch) || !Array.isArray(batch['after'])) return batch;
  const after: readonly unknown[] = batch['after'];
  const own = after.map(ownFields);
  return own.some((step, i) => step !== after[i]) ? { ...batch, after: own } : batch;
}

/** The same of all that a file holds. */
export function newer(json: unknown): unknown {
  if (!isRecord(json) || !Array.isArray(json['batches'])) return json;
  return { ...json, batches: json['batches'].map(newerBatch) };
}
