import type { Quantity } from '@/core/quantity/index.ts';

/** The row with this quantity, or without it where nothing is written: what is empty is the usual again. */
export function withOrWithout<T extends object>(row: T, key: keyof T, value: Quantity): T {
  const next = { ...row, [key]: value };
  if (value.text === '') Reflect.deleteProperty(next, key);
  return next;
}

/** The row without a key. */
export function without<T extends object, K extends keyof T>(row: T, key: K): Omit<T, K> {
  const next = { ...row };
  Reflect.deleteProperty(next, key);
  return next;
}

/** The row with a key, or without it where there is nothing to be under it. */
export const withKey = <T extends object, K extends keyof T>(row: T, key: K, value: T[K] | undefined): T =>
  value === undefined ? (without(row, key) as T) : { ...row, [key]: value };
