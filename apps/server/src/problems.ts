import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import type { z } from 'zod';
import { isDiskFull, thrownProperty } from './errorCode';
import { problemOf, PROBLEM_TYPES, type Problem, type ProblemType } from '@crustan/core/formats';

/** A problem on its way to the caller. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

/** @param more what a program needs beyond the status: its type, and the parts that are wrong */
export const problem = (
  status: number,
  title: string,
  detail: string,
  more: { readonly type?: ProblemType; readonly errors?: Problem['errors'] } = {},
): ProblemError => new ProblemError({ type: 'about:blank', title, status, detail, ...more });

export const noSuchCook = (): ProblemError =>
  problem(404, 'No such cook', 'This cook is not in the logbook.', {
    type: PROBLEM_TYPES.noSuchCook,
  });

/** Parses what came in; what is not in range goes back as a problem. */
export const parsed = <T extends z.ZodType>(schema: T, value: unknown): z.output<T> => {
  const result = schema.safeParse(value);
  if (!result.success) throw new ProblemError(problemOf(result.error));
  return result.data;
};

const send = (res: Response, body: Problem): void => {
  res.status(body.status).type('application/problem+json').send(JSON.stringify(body));
};

const nothingHere = (method: string, path: string): ProblemError =>
  problem(404, 'Nothing here', `There is no ${method} ${path} here.`);

/** An address that no decoder takes is answered before anything looks for a file under it. */
export const readableAddress: RequestHandler = (req, _res, next) => {
  try {
    decodeURIComponent(req.path);
    next();
  } catch {
    const detail = 'Invalid % escape in the address.';
    next(problem(400, 'No such address', detail));
  }
};

export const noSuchPath: RequestHandler = (req, res) => {
  send(res, nothingHere(req.method, req.path).problem);
};

const kilobytes = (bytes: number): string =>
  bytes >= 1_000_000 ? `${Math.round(bytes / 1e6)} MB` : `${Math.round(bytes / 1024)} kB`;

/** Errors of Express and its parsers, by their names. */
const SAID: Readonly<Record<string, (status: number) => ProblemError>> = {
  'entity.parse.failed': (status) => problem(status, 'Not understood', 'The message must be JSON.'),
  'encoding.unsupported': (status) =>
    problem(status, 'Not understood', 'The message is compressed in a way that is not read here.'),
  'charset.unsupported': (status) =>
    problem(status, 'Not understood', 'The message must be UTF-8.'),
  'request.aborted': (status) => problem(status, 'Cut off', 'The message did not arrive whole.'),
  'request.size.invalid': (status) =>
    problem(status, 'Cut off', 'The message is not as long as it says.'),
};

const problemFrom = (error: unknown, method: string, path: string): ProblemError | undefined => {
  if (error instanceof ProblemError) return error;
  if (isDiskFull(error)) {
    const detail = 'Disk full: not saved. Free some space.';
    return problem(507, 'The disk is full', detail, { type: PROBLEM_TYPES.diskFull });
  }
  const status = thrownProperty(error, 'status');
  if (typeof status !== 'number' || status < 400 || status >= 500) return undefined;
  if (status === 404) return nothingHere(method, path);
  const limit = thrownProperty(error, 'limit');
  if (status === 413) {
    const most = typeof limit === 'number' ? kilobytes(limit) : 'less';
    return problem(413, 'Too large', `A message to ${path} may be ${most} at most.`);
  }
  const said = SAID[String(thrownProperty(error, 'type'))];
  return said?.(status) ?? problem(status, 'Not understood', 'This request cannot be answered.');
};

/** Every error leaves in one shape, and none leaves with its insides. */
export const answerProblem: ErrorRequestHandler = (error: unknown, req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  const found = problemFrom(error, req.method, req.path);
  if (found) {
    send(res, found.problem);
    return;
  }
  req.log.error(error);
  send(res, problem(500, 'Server error', 'Not saved; see the server log.').problem);
};
