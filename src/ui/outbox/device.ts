import { type DeviceSequence } from '@/core/cook';

const DEVICE = 'even-ember:device';
const COUNT = 'even-ember:device-count';

/** For as long as the page is open, if the browser stores nothing. */
const own = { device: '', count: 0 };

/** Maker of the next record: this device, and how many it has made before. */
export function nextSequence(): DeviceSequence {
  try {
    const device = localStorage.getItem(DEVICE) ?? crypto.randomUUID();
    const count = Number(localStorage.getItem(COUNT) ?? 0);
    localStorage.setItem(DEVICE, device);
    localStorage.setItem(COUNT, String(count + 1));
    return { device, count };
  } catch {
    own.device ||= crypto.randomUUID();
    return { device: own.device, count: own.count++ };
  }
}
