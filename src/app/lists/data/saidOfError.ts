import { storageFaultOf } from '@/store/faults.ts';
import { storageWords } from '@/words/index.ts';

/** What went wrong, as a cook reads it: a fault of the store by its sentence, whatever the browser calls it. */
export function saidOfError(error: unknown): string {
  const fault = storageFaultOf(error);
  if (fault !== undefined) {
    const { what, todo } = storageWords(fault);
    return `${what} ${todo}`;
  }
  return error instanceof Error ? error.message : String(error);
}
