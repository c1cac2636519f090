import { useLocation, useParams } from 'react-router';
import { type Stage, stages } from '@/core/meal/index.ts';

/** The open station; an unknown word opens the meat. */
export function useStage(): Stage {
  const { stage } = useParams();
  const { pathname } = useLocation();
  // The bench has a route of its own, for all pots.
  const word = stage ?? (pathname.endsWith('/bench') ? 'bench' : undefined);
  return stages.find((known) => known === word) ?? 'meat';
}
