import type { ErrorRequestHandler, RequestHandler, Response } from 'express';
import type { z } from 'zod';
import { problemOf, type Problem } from '@crustan/core/formats';

/** A problem on its way to the caller. */
export class ProblemError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

export const problem = (status: number, title: string, detail: string): ProblemError =>
  new ProblemError({ type: 'about:blank', title, status, detail });

/** Parses what came in; what is not in range goes back as a problem. */
export const parsed = <T extends z.ZodType>(schema: T, value: unknown): z.output<T> => {
  const result = schema.safeParse(value);
  if (!result.success) throw new ProblemError(problemOf(result.error));
  return result.data;
};

const send = (res: Response, body: Problem): void => {
  res.status(body.status).type('application/problem+json').send(JSON.stringify(body));
};

export const noSuchPath: RequestHandler = (req, res) => {
  send(res, problem(404, 'Nothing here', `There is no ${req.method} ${req.path} here.`).problem);
};

const statusOf = (error: unknown): number | undefined =>
  typeof error === 'object' &&
  error !== null &&
  'status' in error &&
  typeof error.status === 'number'
    ? error.status
    : undefined;

/** Every error leaves in one shape, and none leaves with its insides. */
export const answerProblem: ErrorRequestHandler = (error: unknown, req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  if (error instanceof ProblemError) {
    send(res, error.problem);
    return;
  }
  const status = statusOf(error);
  if (status === 413) {
    send(res, problem(413, 'Too large', 'A message may be 512 kB at most.').problem);
  } else if (status !== undefined && status >= 400 && status < 500) {
    send(res, problem(status, 'Not understood', 'The message must be JSON.').problem);
  } else {
    req.log.error(error);
    send(
      res,
      problem(500, 'Something broke here', 'It was not stored; the server log says more.').problem,
    );
  }
};
