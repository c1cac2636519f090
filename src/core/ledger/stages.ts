/** The stages in the order of the work. Order and plates belong to the meal, the rest to a batch. */
export const stages = ['order', 'meat', 'pot', 'clock', 'bench', 'broth', 'plates', 'keep'] as const;
export type Stage = (typeof stages)[number];
