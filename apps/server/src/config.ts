import path from 'node:path';
import { z } from 'zod';
import { LOG_LEVELS } from './requestLog';

const port = z.coerce
  .number('must be a port from 1 to 65535')
  .int('must be a port from 1 to 65535')
  .min(0, 'must be a port from 1 to 65535')
  .max(65_535, 'must be a port from 1 to 65535');

/** Variables of the environment, with their defaults: the table in the README. */
export const environmentSchema = z.object({
  CRUSTAN_PORT: port.default(4680),
  CRUSTAN_HOST: z.string().trim().min(1).default('127.0.0.1'),
  CRUSTAN_DATA: z.string().trim().min(1).optional(),
  CRUSTAN_HOSTS: z
    .string()
    .default('')
    .transform((names) =>
      names
        .split(',')
        .map((name) => name.trim())
        .filter((name) => name !== ''),
    ),
  CRUSTAN_LAN_PORT: port.default(4681),
  CRUSTAN_WELCOME_PORT: port.default(4682),
  CRUSTAN_LAN_HOST: z.string().trim().min(1).default('0.0.0.0'),
  CRUSTAN_LOG: z.enum(LOG_LEVELS, `must be one of ${LOG_LEVELS.join(', ')}`).default('warn'),
  CRUSTAN_LOG_FILE: z.string().trim().min(1).optional(),
  CRUSTAN_BACKUPS: z.coerce
    .number('must be a number of days, 0 for none')
    .int('must be a whole number of days')
    .min(0, 'must be a number of days, 0 for none')
    .max(365, 'must be at most 365 days')
    .default(14),
});

/** Settings of a server. */
export interface Config {
  readonly demo: boolean;
  readonly lan: boolean;
  readonly host: string;
  readonly port: number;
  readonly folder: string;
  readonly hosts: readonly string[];
  readonly lanHost: string;
  readonly lanPort: number;
  readonly welcomePort: number;
  readonly logLevel: (typeof LOG_LEVELS)[number];
  readonly logFile: string | undefined;
  /** Number of daily backups to keep; 0: no backups. */
  readonly backups: number;
}

export type ConfigRead =
  { readonly ok: true; readonly config: Config } | { readonly ok: false; readonly why: string };

/**
 * Reads how a server is to be run.
 * @param data the folder in which books lie, unless the environment names one
 */
export const readConfig = (
  args: readonly string[],
  environment: Readonly<Record<string, string | undefined>>,
  data: string,
): ConfigRead => {
  const found = environmentSchema.safeParse(environment);
  if (!found.success) {
    const why = found.error.issues.map(({ path: [name], message }) => {
      const said = environment[String(name)];
      return `${String(name)} is "${said ?? ''}"; it ${message}.`;
    });
    return { ok: false, why: why.join('\n') };
  }
  const demo = args.includes('--demo');
  const { data: said } = found;
  return {
    ok: true,
    config: {
      demo,
      lan: args.includes('--lan'),
      host: said.CRUSTAN_HOST,
      port: said.CRUSTAN_PORT,
      folder: path.resolve(said.CRUSTAN_DATA ?? path.join(data, demo ? 'demo' : 'own')),
      hosts: said.CRUSTAN_HOSTS,
      lanHost: said.CRUSTAN_LAN_HOST,
      lanPort: said.CRUSTAN_LAN_PORT,
      welcomePort: said.CRUSTAN_WELCOME_PORT,
      logLevel: said.CRUSTAN_LOG,
      logFile: said.CRUSTAN_LOG_FILE,
      backups: said.CRUSTAN_BACKUPS,
    },
  };
};
