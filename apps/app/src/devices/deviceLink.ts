import type { DeviceSaid } from '../store/devicesSlice';

/** What a link tells: a reading, something that is none, or that it cannot go on. */
export interface LinkListener {
  readonly said: (reading: DeviceSaid) => void;
  readonly rubbish: () => void;
  readonly failed: (why: string) => void;
}

/** Opens a device; resolves with what closes it. One shape for stand-ins, files and radios. */
export type OpenLink = (listener: LinkListener) => Promise<() => void>;
