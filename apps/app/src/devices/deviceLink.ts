import type { DeviceSaid } from '../store/devicesSlice';

/** Reports of a link to a device: a reading, an invalid reading, or the end of the link. */
export interface LinkListener {
  readonly said: (reading: DeviceSaid) => void;
  readonly rubbish: () => void;
  readonly failed: (why: string) => void;
}

/** Opens a device; resolves with what closes it. One shape for stand-ins, files and radios. */
export type OpenLink = (listener: LinkListener) => Promise<() => void>;
