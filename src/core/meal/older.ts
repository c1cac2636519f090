import { usualAfter } from './after.ts';
import { afterWhats, type AfterWhat, traitsOf } from '../work/index.ts';

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

/** Two steps of a list could bear one id: the first keeps it. */
function idsApart(steps: readonly unknown[]): readonly unknown[] {
  const taken = new Set<unknown>();
  return steps.map((step) => {
    if (!isRecord(step) || typeof step['id'] !== 'string') return step;
    let id = step['id'];
    for (let n = 2; taken.has(id); n += 1) id = `${step['id']} ${String(n)}`;
    taken.add(id);
    return id === step['id'] ? step : { ...step, id };
  });
}

/** The list of a batch: what was chosen for the liquid stood beside it, and counted where there was none. */
function listOf({ after, strain, skim, reduceTo }: Record<string, unknown>): readonly unknown[] {
  if (Array.isArray(after)) return idsApart(after.map(ownFields));
  const nothing = isRecord(reduceTo) && reduceTo['lo'] === undefined;
  // Whatever was written there is asked by the schema in its new place, and refused by its value.
  return usualAfter({
    strain: strain === true,
    skim: skim === 'leave' ? skim : 'hot',
    reduceTo: reduceTo === undefined || nothing ? undefined : { text: '', lo: 0 },
  }).map((step) =>
    step.what === 'skim'
      ? { ...step, way: skim }
      : step.what === 'boil down'
        ? { ...step, to: reduceTo }
        : step,
  );
}

/** A phase was known by its place alone. */
const withId = (phase: unknown, at: number): unknown =>
  isRecord(phase) && !('id' in phase) ? { id: `phase ${at + 1}`, ...phase } : phase;

/**
 * A batch as it may have been written before: whether its liquid is strained, skimmed and boiled down stood beside the list of
 * what is done once the meat is tender, and counted only where there was none; a step could hold what another kind reads;
 * a phase had no id. What was never read is lost.
 */
export function newerBatch<T>(batch: T): T {
  if (!isRecord(batch)) return batch;
  const { strain, skim, reduceTo, ...rest } = batch;
  const stoodBeside = strain !== undefined && skim !== undefined;
  const after = stoodBeside || Array.isArray(rest['after']) ? listOf(batch) : undefined;
  const phases: unknown = rest['cook'];
  const cook = Array.isArray(phases) ? phases.map(withId) : phases;
  // Only what the schema asks of it now is another, and the schema is asked next.
  return {
    ...(stoodBeside ? rest : batch),
    // Refused by its name.
    ...(stoodBeside && typeof strain !== 'boolean' && { strain }),
    ...(cook !== undefined && { cook }),
    ...(after !== undefined && { after }),
  } as T;
}

/** The same of all that a file holds. */
export function newer(json: unknown): unknown {
  if (!isRecord(json) || !Array.isArray(json['batches'])) return json;
  return { ...json, batches: json['batches'].map(newerBatch) };
}
