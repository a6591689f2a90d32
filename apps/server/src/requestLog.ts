import type { RequestHandler } from 'express';
import { pinoHttp, type Options } from 'pino-http';

export type DestinationStream = NonNullable<Options['stream']>;

export const LOG_LEVELS = ['debug', 'info', 'warn', 'error', 'silent'] as const;
export type LogLevel = (typeof LOG_LEVELS)[number];

/**
 * Logs a line per request, at a level by its result: method, path, status and time. Never its body, its query or its
 * credentials: a log contains no note, code or token.
 */
export const requestLog = (level: LogLevel, logTo: DestinationStream | undefined): RequestHandler =>
  pinoHttp({
    level,
    ...(logTo === undefined ? {} : { stream: logTo }),
    customLogLevel: (_req, res, error) => {
      if (error || res.statusCode >= 500) return 'error';
      return res.statusCode === 421 || res.statusCode === 403 ? 'warn' : 'info';
    },
    serializers: {
      req: ({ id, method, url }: { id: unknown; method: string; url: string }) => ({
        id,
        method,
        path: url.split('?')[0],
      }),
      res: ({ statusCode }: { statusCode: number }) => ({ statusCode }),
    },
  });
