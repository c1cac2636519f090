import { Gone } from '../../../parts/Gone.tsx';

/** Something may be eaten, dropped or found. */
export const FromBowl = () => <Gone what={['eaten', 'thrown', 'foundLate']} />;
