import type { Call } from '@/core/day/index.ts';
import { doingWords } from './doing.ts';

const cooling = { liquid: 'The liquid', shred: 'The shred', both: 'What cools' } as const;

/** What a cook is called to, in words that can be read aloud: "Test with a fork: pot one". */
export function callWords(call: Call, pot: string): string {
  switch (call.what) {
    case 'line':
      return `${doingWords(call.does)}: ${pot}`;
    case 'held long':
      return `Held hot for four hours: serve it, or cool it fast: ${pot}`;
    case 'cools':
      return `${cooling[call.of]} must be below ${String(call.celsius)} °C in ${String(call.leftMin)} minutes: ${pot}`;
  }
}
