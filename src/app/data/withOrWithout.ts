import type { Quantity } from '@/core/quantity/index.ts';

/** The row with this quantity, or without it where nothing is written: what is empty is the usual again. */
export function withOrWithout<T extends object, K extends keyof T>(row: T, key: K, value: Quantity): T {
  const { [key]: _, ...rest } = row;
  return (value.text === '' ? rest : { ...row, [key]: value }) as T;
}
