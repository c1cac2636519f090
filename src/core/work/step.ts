import type { FlowId, Weighable } from '../ledger/index.ts';
import type { Quantity } from '../quantity/index.ts';
import { type Scum, scum } from './during/scum.ts';
import { type SkimOnWay, skimOnWay } from './during/skimOnWay.ts';
import type { Fields, ValuesOf } from './fields.ts';
import type { StepKind, StepRun, StepSetting } from './kind.ts';
import { stepKinds } from './steps/index.ts';

type Kinds = typeof stepKinds;
export type AfterWhat = keyof Kinds;
export const afterWhats = Object.keys(stepKinds) as readonly AfterWhat[];

/** A step of one kind as a cook wrote it. */
export type AfterStepOf<W extends AfterWhat> = {
  readonly id: string;
  readonly what: W;
  /** How long it takes, where that is written. */
  readonly minutes?: Quantity | undefined;
} & ValuesOf<Kinds[W]['fields']>;
/** One thing that is done once the meat is tender, each as often as the cook likes. */
export type AfterStep = { readonly [W in AfterWhat]: AfterStepOf<W> }[AfterWhat];

/** Whether a step is of a kind, for the compiler too. */
export const isStep =
  <W extends AfterWhat>(what: W) =>
  (step: AfterStep): step is Extract<AfterStep, { readonly what: W }> =>
    step.what === what;

/** What of a kind hangs on no figures: the same questions of each. */
export const traitsOf = (what: AfterWhat): Omit<StepKind<Fields, never>, 'apart' | 'liquid'> =>
  stepKinds[what];

/** Kinds that leave a field of this name open. */
export type StepsWith<K extends string> = {
  [W in AfterWhat]: K extends keyof Kinds[W]['fields'] ? W : never;
}[AfterWhat];

/** Kinds at which something is put on the scale. */
export type WeighedStep = { [W in AfterWhat]: Kinds[W]['weighs'] extends undefined ? never : W }[AfterWhat];

/** The liquid that a step names; undefined: the pot's, or none. */
export const liquidOf = (step: AfterStep): string | undefined => ('liquid' in step ? step.liquid : undefined);

/** What a kind does to a liquid, with its figures. */
type PlanOf<K> = K extends { readonly liquid?: { readonly run: (planned: infer P, run: StepRun) => void } }
  ? P
  : never;
/** Every step has its own id, since each kind may be repeated, and the liquid that it works on. */
interface OnLiquid {
  readonly id: string;
  readonly of: string;
}
type Planned<W, P> = [P] extends [never] ? never : OnLiquid & { readonly what: W } & P;
/** One thing that is done to a liquid after the lid is on, in the order in which the batch holds them. */
export type LiquidStep =
  | Planned<'skim on the way', SkimOnWay>
  | Planned<'scum', Scum>
  | { [W in AfterWhat]: Planned<W, PlanOf<Kinds[W]>> }[AfterWhat];

/** What is done while it cooks. */
const during = { 'skim on the way': skimOnWay, scum } as const;
interface Does {
  readonly flow: FlowId | undefined;
  /** What was put on the scale of what it took. */
  readonly weighs: Weighable | undefined;
  readonly run: (planned: LiquidStep, run: StepRun) => void;
}
// Each is filed under the kind that it takes; the compiler cannot follow a union through that.
const does = new Map<string, Does>([
  ...Object.entries(during).map(([what, one]) => [what, { ...one, weighs: undefined } as Does] as const),
  ...Object.entries(stepKinds).flatMap(([what, { liquid, weighs }]) =>
    // Meat that is weighed as it is lifted is no reading of its liquid.
    liquid
      ? [[what, { ...liquid, weighs: weighs === liquid.flow ? weighs : undefined } as Does] as const]
      : [],
  ),
]);
function doesOf(what: LiquidStep['what']): Does {
  const found = does.get(what);
  if (!found) throw new Error(`“${what}” does nothing to a liquid.`);
  return found;
}

/** The flow that carries what a step took. */
export const flowOfStep = ({ what }: Pick<LiquidStep, 'what'>): FlowId | undefined => doesOf(what).flow;

/** The reading of what a step took; undefined where nobody weighs that. */
export const weighedOfStep = ({ what }: Pick<LiquidStep, 'what'>): Weighable | undefined =>
  doesOf(what).weighs;

/** What does a step to its liquid: looked up once for thousands of draws. */
export const runnerOf = ({ what }: LiquidStep): ((step: LiquidStep, run: StepRun) => void) =>
  doesOf(what).run;

/** The liquid that a step makes beside the pot's, of what was in no pot. */
export function broughtIn(step: AfterStep): string | undefined {
  const kind = stepKinds[step.what] as StepKind<Fields, object>;
  return kind.apart?.(step);
}

/** What a step does to a liquid; undefined where it does nothing, or too much is open. */
export function plannedStep(step: AfterStep, setting: StepSetting): LiquidStep | undefined {
  const kind = stepKinds[step.what] as StepKind<Fields, object>;
  const plan = kind.liquid?.plan(step, setting);
  return plan && ({ id: step.id, of: setting.of, what: step.what, ...plan } as LiquidStep);
}

/** The name of the liquid that a step makes beside the pot's; undefined where it makes none. */
export const makesLiquid = (step: AfterStep): string | undefined =>
  traitsOf(step.what).makes && 'as' in step && step.as !== '' ? step.as : undefined;
