import type { Material } from '@/core/ledger/index.ts';

/** Fill of a material: full where it was weighed or bought, pale where it is planned. */
export const fillOf = (material: Material, weighed: boolean) =>
  `url(#${material}${weighed ? '' : '-planned'})`;
export const edgeOf = (material: Material) => `var(--${material}-edge)`;
