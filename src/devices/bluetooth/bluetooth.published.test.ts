import { describe, expect, jest, test } from '@jest/globals';
import { bluetoothProbe, bluetoothScale, type Radio } from './adapter.ts';
import { decodeTemperature } from './temperature.ts';
import { decodeWeight } from './weight.ts';

const view = (...bytes: number[]) => new DataView(new Uint8Array(bytes).buffer);

/** By the layout of the Weight Scale Service 1.0 of the Bluetooth SIG (from memory). */
describe('a Weight Measurement, 0x2A9D', () => {
  test.each([
    ['70 kg: 14,000 × 5 g', [0x00, 0xb0, 0x36], 70_000],
    ['5 g', [0x00, 0x01, 0x00], 5],
    ['nothing', [0x00, 0x00, 0x00], 0],
    ['1 lb, imperial', [0x01, 0x64, 0x00], 453.59237],
    ['with a time stamp behind it', [0x02, 0xc8, 0x00, 0xea, 0x07, 0x0b, 0x1b, 0x0f, 0x10, 0x00], 1000],
  ])('%s', (_, bytes, grams) => {
    expect(decodeWeight(view(...bytes))?.grams).toBeCloseTo(grams, 6);
  });

  test('what could not be measured has no figure, and a cut-off message is none', () => {
    expect(decodeWeight(view(0x00, 0xff, 0xff))).toEqual({ grams: null });
    expect(decodeWeight(view(0x00, 0xff))).toBeUndefined();
  });
});

/** By the layout of the Health Thermometer Service 1.0, with a FLOAT of ISO/IEEE 11073-20601 (from memory). */
describe('a Temperature Measurement, 0x2A1C', () => {
  test.each([
    ['36.4 °C: 364 × 10⁻¹', [0x00, 0x6c, 0x01, 0x00, 0xff], 36.4],
    ['212 °F', [0x01, 0xd4, 0x00, 0x00, 0x00], 100],
    ['−18.25 °C: −1825 × 10⁻²', [0x00, 0xdf, 0xf8, 0xff, 0xfe], -18.25],
    ['100 °C: 1 × 10²', [0x00, 0x01, 0x00, 0x00, 0x02], 100],
  ])('%s', (_, bytes, celsius) => {
    expect(decodeTemperature(view(...bytes))?.celsius).toBeCloseTo(celsius, 6);
  });

  test.each([0x7fffff, 0x800000, 0x7ffffe, 0x800002])('the special mantissa %p is no figure', (mantissa) => {
    const bytes = [0, mantissa & 0xff, (mantissa >> 8) & 0xff, (mantissa >> 16) & 0xff, 0];
    expect(decodeTemperature(view(...bytes))).toEqual({ celsius: null });
  });

  test('a cut-off message is none', () => expect(decodeTemperature(view(0, 1, 2, 3))).toBeUndefined());
});

/** A radio with one device, whose messages and link a test has in its hand. */
function radioOf() {
  const device = new EventTarget();
  const characteristic = Object.assign(new EventTarget(), {
    value: undefined as DataView | undefined,
    startNotifications: () => Promise.resolve(),
  });
  const service = { getCharacteristic: () => Promise.resolve(characteristic) };
  const connect = jest.fn(() => Promise.resolve({ getPrimaryService: () => Promise.resolve(service) }));
  const gatt = { connect, disconnect: () => undefined };
  const found = Object.assign(device, { name: 'a scale', gatt });
  const radio = { requestDevice: () => Promise.resolve(found) } as unknown as Radio;
  const send = (...bytes: number[]) => {
    characteristic.value = view(...bytes);
    characteristic.dispatchEvent(new Event('characteristicvaluechanged'));
  };
  const drop = () => device.dispatchEvent(new Event('gattserverdisconnected'));
  return { radio, send, drop, connect };
}
const soon = () => new Promise((resolve) => setTimeout(resolve, 5));

describe('a real device', () => {
  test('what a scale sends is heard; a lost link is said, and taken up again', async () => {
    const { radio, send, drop, connect } = radioOf();
    const scale = await bluetoothScale(radio, () => 7);
    expect(scale).toMatchObject({ name: 'a scale', stepG: 5, streams: false });
    const told: unknown[] = [];
    const stop = scale.listen((one) => told.push(one));
    await soon();
    send(0x00, 0xc8, 0x00);
    expect(told.at(-1)).toEqual({ link: 'on', reading: { at: 7, grams: 1000, stable: true } });
    drop();
    expect(told.at(-1)).toMatchObject({ link: 'lost', reading: { grams: 1000 } });
    await soon();
    expect(told.at(-1)).toMatchObject({ link: 'on' });
    expect(connect).toHaveBeenCalledTimes(2);
    stop();
  });

  test('a probe too', async () => {
    const { radio, send } = radioOf();
    const probe = await bluetoothProbe(radio, () => 9);
    const told: unknown[] = [];
    const stop = probe.listen((one) => told.push(one));
    await soon();
    send(0x00, 0x6c, 0x01, 0x00, 0xff);
    expect(told.at(-1)).toEqual({ link: 'on', reading: { at: 9, celsius: 36.4, stable: true } });
    stop();
  });
});
