import { useParams } from 'react-router';
import { stages, type Stage } from '@/core/batch/stages.ts';

/** The open station; an unknown word opens the meat. */
export function useStage(): Stage {
  const { stage } = useParams();
  return stages.find((known) => known === stage) ?? 'meat';
}
