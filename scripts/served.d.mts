import type { ChildProcess } from 'node:child_process';

export interface Served {
  readonly url: string;
  readonly port: number;
  readonly folder: string;
  readonly child: ChildProcess;
  readonly kill: (signal?: NodeJS.Signals) => Promise<void>;
  readonly stop: () => Promise<void>;
}
export const freePort: () => Promise<number>;
export const startServed: (options?: {
  readonly demo?: boolean;
  readonly data?: string;
  readonly port?: number;
}) => Promise<Served>;
