import type { Quantity } from '../quantity/index.ts';

/*
 * What a step leaves open, said once: the type of the step, the schema of a file and its words follow from it. No library
 * stands here, so that a screen which needs the steps needs no reader of files.
 */

/** One word of several. */
export interface OneOf<W extends string> {
  readonly of: 'one of';
  readonly among: readonly W[];
  readonly says?: string;
}
interface Plain<K extends string> {
  readonly of: K;
  readonly says?: string;
}
export type Field =
  | OneOf<string>
  | Plain<'volume'>
  | Plain<'measured'>
  | Plain<'name'>
  | Plain<'id'>
  | Plain<'share'>;
export type Fields = Readonly<Record<string, Field>>;

export const oneOf = <const W extends string>(among: readonly W[], says?: string): OneOf<W> => ({
  of: 'one of',
  among,
  ...(says !== undefined && { says }),
});

type ValueOf<F extends Field> =
  F extends OneOf<infer W>
    ? W
    : F extends Plain<'name' | 'id'>
      ? string
      : F extends Plain<'share'>
        ? number
        : Quantity;

/** What a step of such fields holds: each may be left open. */
export type ValuesOf<F extends Fields> = { readonly [K in keyof F]?: ValueOf<F[K]> | undefined };
