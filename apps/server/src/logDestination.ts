import pino from 'pino';
import type { DestinationStream } from './requestLog';

/**
 * Destination of the log: stdout, or a file that the system rotates by copying and truncating it, or by moving it and
 * sending SIGHUP.
 */
export const logDestination = (
  file: string | undefined,
): { readonly logTo?: DestinationStream } => {
  if (file === undefined) return {};
  const to = pino.destination({ dest: file, mkdir: true, append: true, sync: true, mode: 0o600 });
  process.on('SIGHUP', () => to.reopen());
  return { logTo: to };
};
