import { type Counter, standInCounter } from '@/devices/standIn/counter.ts';
import { counterAtServer, counterHere, type CounterLink, scaleOf } from '@/devices/standIn/here.ts';
import { bluetoothScale, radioHere } from '@/devices/bluetooth/adapter.ts';
import type { Link, Scale, ScaleReading } from '@/devices/device.ts';
import { clockNow } from './clock.ts';
import { watched } from './watched.ts';

/** The scale as the screens see it. */
export interface ScaleNow {
  readonly kind: 'none' | 'stand-in' | 'bluetooth';
  readonly name: string;
  readonly link: Link;
  /** g of one step; whether it streams. */
  readonly stepG: number;
  readonly streams: boolean;
  readonly reading: ScaleReading | undefined;
  /** g that the program takes off, where the scale has no tare of its own. */
  readonly tareG: number;
  /** Why it could not be reached. */
  readonly fault: string | undefined;
}

const NONE: ScaleNow = {
  kind: 'none',
  name: '',
  link: 'off',
  stepG: 1,
  streams: false,
  reading: undefined,
  tareG: 0,
  fault: undefined,
};

/** The one scale of this page. */
export const scaleNow = watched<ScaleNow>(NONE);

let stop: (() => void) | undefined;
let scale: Scale | undefined;
/** What the stand-in’s panel puts things on; undefined while a real scale, or none, is used. */
export const standIn = watched<CounterLink | undefined>(undefined);

let counter: Counter | undefined;

function listenTo(next: Scale, kind: ScaleNow['kind']): void {
  stop?.();
  scale = next;
  const { name, stepG, streams } = next;
  scaleNow.set({ ...NONE, kind, name, stepG, streams, link: 'on' });
  stop = next.listen(({ link, reading }) => {
    const before = scaleNow.now();
    // Most readings of a still scale say nothing new.
    const same =
      before.link === link &&
      before.reading?.grams === reading?.grams &&
      before.reading?.stable === reading?.stable;
    if (!same) scaleNow.set({ ...before, link, reading });
  });
}

/** Whether this page was served by Slow Spoon's own server, which has a counter. */
async function hasServer(): Promise<boolean> {
  try {
    const answer = await fetch('/api/hello', { cache: 'no-store' });
    return answer.ok && answer.headers.get('content-type')?.includes('json') === true;
  } catch {
    return false;
  }
}

/** Takes the stand-in scale: the server's, or where there is none one in the page. */
export async function takeStandIn(): Promise<void> {
  const link = (await hasServer())
    ? counterAtServer()
    : counterHere((counter ??= standInCounter(Math.random)), clockNow);
  standIn.set(link);
  listenTo(scaleOf(link), 'stand-in');
}

/** Takes a real scale; the browser asks which. */
export async function takeBluetooth(): Promise<void> {
  const radio = radioHere();
  if (!radio) {
    scaleNow.set({ ...NONE, fault: 'This browser cannot reach a Bluetooth scale; type the weights.' });
    return;
  }
  try {
    const found = await bluetoothScale(radio, clockNow);
    standIn.set(undefined);
    listenTo(found, 'bluetooth');
  } catch {
    scaleNow.set({ ...scaleNow.now(), fault: 'No scale was chosen; type the weights.' });
  }
}

export function leaveScale(): void {
  stop?.();
  stop = undefined;
  scale = undefined;
  standIn.set(undefined);
  scaleNow.set(NONE);
}

/** Takes off what is on it. */
export function tareScale(): void {
  const now = scaleNow.now();
  if (scale?.tare) scale.tare();
  else scaleNow.set({ ...now, tareG: now.reading?.grams ?? now.tareG });
}

/** What it shows, its tare taken off. */
export const gramsOn = ({ reading, tareG }: ScaleNow): number | undefined =>
  reading?.grams === null || reading === undefined ? undefined : reading.grams - tareG;
