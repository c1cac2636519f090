import type { Vessel } from '@/core/meal/index.ts';

/** Names the draft of a vessel's empty weight, which is asked for in several places. */
export const emptyDraft = ({ id }: Vessel): string => `vessel ${id} empty`;
