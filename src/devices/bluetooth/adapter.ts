import type { Link, Probe, Scale, ScaleReading, ProbeReading } from '../device.ts';
import { decodeTemperature } from './temperature.ts';
import { decodeWeight } from './weight.ts';

/** Names that browsers give the services of the Bluetooth SIG, by their numbers. */
const WEIGHT = { service: 0x181d, measurement: 0x2a9d };
const THERMOMETER = { service: 0x1809, measurement: 0x2a1c };

/** What is needed of the browser: real, or a stand-in in a test. */
export type Radio = Pick<Bluetooth, 'requestDevice'>;

/** This browser's radio; undefined where it has none, or none that a page may ask. */
export const radioHere = (): Radio | undefined =>
  'bluetooth' in navigator ? (navigator as Navigator & { readonly bluetooth: Radio }).bluetooth : undefined;

interface Service {
  readonly service: number;
  readonly measurement: number;
}

type Hear<R> = (told: { readonly link: Link; readonly reading: R | undefined }) => void;

/** Asks for a device, and follows what it indicates; a link that is lost is taken up again when it is back. */
async function follow<R>(
  radio: Radio,
  { service, measurement }: Service,
  decode: (bytes: DataView) => R | undefined,
): Promise<{ readonly name: string; readonly listen: (hear: Hear<R>) => () => void }> {
  const device = await radio.requestDevice({ filters: [{ services: [service] }] });
  return {
    name: device.name ?? 'a device without a name',
    listen: (hear) => {
      let reading: R | undefined;
      let over = false;
      const measured = (event: Event) => {
        const { value } = event.target as BluetoothRemoteGATTCharacteristic;
        reading = (value && decode(value)) ?? reading;
        hear({ link: 'on', reading });
      };
      const connect = async () => {
        const server = await device.gatt?.connect();
        const found = await server?.getPrimaryService(service);
        const characteristic = await found?.getCharacteristic(measurement);
        if (!characteristic || over) return;
        characteristic.addEventListener('characteristicvaluechanged', measured);
        await characteristic.startNotifications();
        hear({ link: 'on', reading });
      };
      const again = () => {
        if (!over) connect().catch(() => setTimeout(again, AGAIN_MS));
      };
      const lost = () => {
        hear({ link: 'lost', reading });
        again();
      };
      device.addEventListener('gattserverdisconnected', lost);
      again();
      return () => {
        over = true;
        device.removeEventListener('gattserverdisconnected', lost);
        device.gatt?.disconnect();
      };
    },
  };
}
const AGAIN_MS = 2000;

/**
 * A scale of the Weight Scale service. It tells 5 g apart and sends what has settled, no stream (from memory): good for pots
 * and bowls, not for weighing out.
 * @param now epoch, ms
 */
export async function bluetoothScale(radio: Radio, now: () => number): Promise<Scale> {
  const { name, listen } = await follow<ScaleReading>(radio, WEIGHT, (bytes) => {
    const decoded = decodeWeight(bytes);
    return decoded && { at: now(), grams: decoded.grams, stable: decoded.grams !== null };
  });
  return { name, stepG: 5, streams: false, listen };
}

/** A probe of the Health Thermometer service. */
export async function bluetoothProbe(radio: Radio, now: () => number): Promise<Probe> {
  const { name, listen } = await follow<ProbeReading>(radio, THERMOMETER, (bytes) => {
    const decoded = decodeTemperature(bytes);
    return decoded === undefined || decoded.celsius === null
      ? undefined
      : { at: now(), celsius: decoded.celsius, stable: true };
  });
  return { name, listen };
}
