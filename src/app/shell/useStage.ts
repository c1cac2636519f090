import { useParams } from 'react-router';
import { type Stage, stages } from '@/core/batch/index.ts';

/** The open station; an unknown word opens the meat. */
export function useStage(): Stage {
  const { stage } = useParams();
  return stages.find((known) => known === stage) ?? 'meat';
}
