/** The materials of the two strands: each has its colour, its pattern and its name. */
export const materials = ['meat', 'bone', 'fat', 'broth', 'steam', 'solids', 'pickings', 'served'] as const;
export type MaterialName = (typeof materials)[number];

/** Fill of a material: full where it was weighed or bought, pale where it is planned. */
export const fillOf = (material: MaterialName, weighed: boolean) =>
  `url(#${material}${weighed ? '' : '-planned'})`;
export const edgeOf = (material: MaterialName) => `var(--${material}-edge)`;
