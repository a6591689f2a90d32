import type { ChildProcess } from 'node:child_process';

export interface Served {
  readonly url: string;
  readonly port: number;
  /** Of the network, where it is on one. */
  readonly lanPort: number | undefined;
  readonly welcomePort: number | undefined;
  readonly folder: string;
  readonly child: ChildProcess;
  readonly kill: (signal?: NodeJS.Signals) => Promise<void>;
  readonly stop: () => Promise<void>;
}
export const LAN_NAME: string;
export const freePort: () => Promise<number>;
export const startServed: (options?: {
  readonly demo?: boolean;
  readonly data?: string;
  readonly port?: number;
  readonly lan?: boolean;
}) => Promise<Served>;
