import { parseThermometer } from '@crustan/core/formats/healthThermometer';
import { kitchenNow } from '../store/clock';
import type { OpenLink } from './deviceLink';
import { t } from '../t';

/** The parts of Web Bluetooth that are used here; not every browser has it. */
interface Characteristic extends EventTarget {
  readonly value?: DataView;
  readonly startNotifications: () => Promise<unknown>;
}
interface Thermometer extends EventTarget {
  readonly gatt?: {
    readonly connect: () => Promise<{
      readonly getPrimaryService: (service: string) => Promise<{
        readonly getCharacteristic: (characteristic: string) => Promise<Characteristic>;
      }>;
    }>;
    readonly disconnect: () => void;
  };
}
interface Bluetooth {
  readonly requestDevice: (wanted: object) => Promise<Thermometer>;
}

const SERVICE = 'health_thermometer';
const MEASUREMENT = 'temperature_measurement';

const hasBluetooth = (from: Navigator): from is Navigator & { readonly bluetooth: Bluetooth } =>
  'bluetooth' in from;

/** Whether this browser can ask for a radio thermometer. */
export const canBluetooth = (): boolean => hasBluetooth(navigator);

/** A thermometer that speaks the standard GATT Health Thermometer service. */
export const bluetoothLink: OpenLink = async (listener) => {
  if (!hasBluetooth(navigator)) throw new Error('This browser has no Web Bluetooth.');
  const device = await navigator.bluetooth.requestDevice({ filters: [{ services: [SERVICE] }] });
  if (!device.gatt) throw new Error('This thermometer does not answer.');
  const server = await device.gatt.connect();
  const measurement = await (
    await server.getPrimaryService(SERVICE)
  ).getCharacteristic(MEASUREMENT);
  const hear = (): void => {
    const reading = measurement.value && parseThermometer(measurement.value);
    // Its own clock is not asked: the kitchen's counts.
    if (reading) listener.said({ by: 'probe', celsius: reading.celsius, at: kitchenNow() });
    else listener.rubbish();
  };
  measurement.addEventListener('characteristicvaluechanged', hear);
  const lost = (): void => listener.failed(t('the-thermometer-is-out-of-reach-bring'));
  device.addEventListener('gattserverdisconnected', lost);
  await measurement.startNotifications();
  return () => {
    measurement.removeEventListener('characteristicvaluechanged', hear);
    // A device that was disconnected on purpose is not out of reach.
    device.removeEventListener('gattserverdisconnected', lost);
    device.gatt?.disconnect();
  };
};
