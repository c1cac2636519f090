import { bluetoothProbe, radioHere } from '@/devices/bluetooth/adapter.ts';
import type { Link, ProbeReading } from '@/devices/device.ts';
import { clockNow } from './clock.ts';
import { standIn } from './scale.ts';
import { watched } from './watched.ts';

export interface ProbeNow {
  readonly name: string;
  readonly link: Link;
  readonly reading: ProbeReading | undefined;
}

/** The probes of this page, the stand-in’s or real ones. */
export const probesNow = watched<readonly ProbeNow[]>([]);

let stop: (() => void) | undefined;

/** Listens to the stand-in’s probes while they are shown; it returns what ends that. */
export function listenToProbes(): () => void {
  const follow = () => {
    stop?.();
    stop = standIn.now()?.listen(({ link, probes }) => {
      const before = probesNow.now();
      const same = probes.every(
        ({ celsius }, i) => before[i]?.reading?.celsius === celsius && before[i].link === link,
      );
      if (same && before.length === probes.length) return;
      probesNow.set(probes.map((reading, i) => ({ name: `stand-in probe ${String(i + 1)}`, link, reading })));
    });
  };
  follow();
  const leave = standIn.subscribe(follow);
  return () => {
    leave();
    stop?.();
    stop = undefined;
  };
}

/** Takes a real probe; the browser asks which. */
export async function takeProbe(): Promise<void> {
  const radio = radioHere();
  if (!radio) return;
  const probe = await bluetoothProbe(radio, clockNow);
  stop?.();
  stop = probe.listen(({ link, reading }) => probesNow.set([{ name: probe.name, link, reading }]));
}
