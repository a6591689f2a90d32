import type { ErrorRequestHandler, Request, RequestHandler, Response } from 'express';
import type { z } from 'zod';
import { isDiskFull, thrownProperty } from './errorCode';
import { problemOf, PROBLEM_TYPES, type Problem, type ProblemType } from '@crustan/core/formats';
import { SERVER_WORDS, type ServerWords } from './words/serverWords';
import { wordsFor } from './words/wordsFor';

/** A problem on its way to the caller. It is put into words in the language of the caller. */
export class ProblemError extends Error {
  constructor(readonly problemIn: (t: ServerWords) => Problem) {
    super(problemIn(SERVER_WORDS.en).detail);
  }
}

/** Parts of a problem by which a program decides: its type, and the parts of the message that are wrong. */
interface More {
  readonly type?: ProblemType;
  readonly errors?: Problem['errors'];
}

/** @param say its title, and a sentence that says what would be right */
export const problem = (
  status: number,
  say: (t: ServerWords) => readonly [title: string, detail: string],
  more: More | ((t: ServerWords) => More) = {},
): ProblemError =>
  new ProblemError((t) => {
    const [title, detail] = say(t);
    const rest = typeof more === 'function' ? more(t) : more;
    return { type: 'about:blank', title, status, detail, ...rest };
  });

export const noSuchCook = (): ProblemError =>
  problem(404, (t) => [t('no-such-cook'), t('cook-not-in-the-logbook')], {
    type: PROBLEM_TYPES.noSuchCook,
  });

/** The id of an address differs from that of the message. */
export const twoIds = (): ProblemError =>
  problem(400, (t) => [t('two-names'), t('ids-must-be-the-same')]);

/** Parses what came in; what is not in range goes back as a problem. */
export const parsed = <T extends z.ZodType>(schema: T, value: unknown): z.output<T> => {
  const result = schema.safeParse(value);
  if (!result.success) {
    const { error } = result;
    throw new ProblemError((t) => ({ ...problemOf(error), title: t('not-in-range') }));
  }
  return result.data;
};

const send = (req: Request, res: Response, { problemIn }: ProblemError): void => {
  const body = problemIn(wordsFor(req));
  res.vary('Accept-Language');
  res.status(body.status).type('application/problem+json').send(JSON.stringify(body));
};

const nothingHere = (method: string, path: string): ProblemError =>
  problem(404, (t) => [t('nothing-here'), t('no-such-route', { method, path })]);

/** An address that no decoder takes is answered before anything looks for a file under it. */
export const readableAddress: RequestHandler = (req, _res, next) => {
  try {
    decodeURIComponent(req.path);
    next();
  } catch {
    next(problem(400, (t) => [t('no-such-address'), t('invalid-escape')]));
  }
};

export const noSuchPath: RequestHandler = (req, res) => {
  send(req, res, nothingHere(req.method, req.path));
};

const kilobytes = (bytes: number): string =>
  bytes >= 1_000_000 ? `${Math.round(bytes / 1e6)} MB` : `${Math.round(bytes / 1024)} kB`;

/** Errors of Express and its parsers, by their names. */
const SAID: Readonly<Record<string, (status: number) => ProblemError>> = {
  'entity.parse.failed': (status) =>
    problem(status, (t) => [t('not-understood'), t('must-be-json')]),
  'encoding.unsupported': (status) =>
    problem(status, (t) => [t('not-understood'), t('unknown-compression')]),
  'charset.unsupported': (status) =>
    problem(status, (t) => [t('not-understood'), t('must-be-utf-8')]),
  'request.aborted': (status) => problem(status, (t) => [t('cut-off'), t('did-not-arrive-whole')]),
  'request.size.invalid': (status) =>
    problem(status, (t) => [t('cut-off'), t('not-as-long-as-it-says')]),
};

const problemFrom = (error: unknown, method: string, path: string): ProblemError | undefined => {
  if (error instanceof ProblemError) return error;
  if (isDiskFull(error)) {
    return problem(507, (t) => [t('disk-is-full'), t('not-saved-free-some-space')], {
      type: PROBLEM_TYPES.diskFull,
    });
  }
  const status = thrownProperty(error, 'status');
  if (typeof status !== 'number' || status < 400 || status >= 500) return undefined;
  if (status === 404) return nothingHere(method, path);
  const limit = thrownProperty(error, 'limit');
  if (status === 413) {
    const size = typeof limit === 'number' ? kilobytes(limit) : undefined;
    return problem(413, (t) => [
      t('too-large'),
      t('may-be-at-most', { path, size: size ?? t('less') }),
    ]);
  }
  const said = SAID[String(thrownProperty(error, 'type'))];
  return said?.(status) ?? problem(status, (t) => [t('not-understood'), t('cannot-be-answered')]);
};

/** Every error leaves in one shape, and none leaves with its insides. */
export const answerProblem: ErrorRequestHandler = (error: unknown, req, res, next) => {
  if (res.headersSent) {
    next(error);
    return;
  }
  const found = problemFrom(error, req.method, req.path);
  if (found) {
    send(req, res, found);
    return;
  }
  req.log.error(error);
  send(
    req,
    res,
    problem(500, (t) => [t('server-error'), t('see-the-server-log')]),
  );
};
