import os from 'node:os';
import type { Request, RequestHandler } from 'express';
import { PROBLEM_TYPES } from '@crustan/core/formats';
import { problem } from './problems';

/** Names this machine always has for itself. */
const LOOPBACK = ['localhost', '127.0.0.1', '::1'] as const;
const EVERYWHERE = ['0.0.0.0', '::'] as const;

const bare = (name: string): string => name.toLowerCase().replace(/^\[|\]$/g, '');

/** Name in a Host header, without its port; undefined if it is invalid. */
const nameOf = (host: string | undefined): string | undefined => {
  if (host === undefined || !URL.canParse(`http://${host}`)) return undefined;
  return bare(new URL(`http://${host}`).hostname);
};

const ownAddresses = (): readonly string[] =>
  Object.values(os.networkInterfaces()).flatMap((all) => (all ?? []).map(({ address }) => address));

/**
 * The names a server answers to: its loopback names, the address it listens on (every address of the
 * machine where it listens on all), and those that were given to it.
 */
export const hostsOf = (listensOn: string, given: readonly string[]): ReadonlySet<string> => {
  const everywhere = EVERYWHERE.some((name) => name === bare(listensOn));
  return new Set([...LOOPBACK, ...(everywhere ? ownAddresses() : [listensOn]), ...given].map(bare));
};

/**
 * Answers only under the server's own names: a foreign name that was made to point here is a foreign
 * page's way to read the logbook as if it were its own.
 * @param answersTo asked at every request: addresses change
 */
export const ownHost =
  (answersTo: (name: string) => boolean): RequestHandler =>
  (req, _res, next) => {
    const hosts = req.rawHeaders.filter((header, i) => i % 2 === 0 && /^host$/i.test(header));
    if (hosts.length > 1) {
      next(problem(400, (t) => [t('two-hosts'), t('names-one-host')]));
      return;
    }
    const name = nameOf(req.headers.host);
    if (name !== undefined && answersTo(name)) {
      next();
      return;
    }
    next(
      problem(421, (t) => [t('name-of-another-server'), t('does-not-answer-to-that-name')], {
        type: PROBLEM_TYPES.foreign,
      }),
    );
  };

const CHANGES_NOTHING = ['GET', 'HEAD', 'OPTIONS'];

/** Whether a request comes from a page of this server, or from no page at all. */
const isOwn = ({ headers }: Request): boolean => {
  const site = headers['sec-fetch-site'];
  if (site !== undefined) return site === 'same-origin';
  const { origin } = headers;
  if (origin === undefined) return true;
  return URL.canParse(origin) && new URL(origin).host === headers.host;
};

/** Lets no other site's page change anything here. */
export const ownPages: RequestHandler = (req, _res, next) => {
  if (CHANGES_NOTHING.includes(req.method) || isOwn(req)) {
    next();
    return;
  }
  next(
    problem(403, (t) => [t('page-of-another-site'), t('only-own-pages')], {
      type: PROBLEM_TYPES.foreign,
    }),
  );
};

/** A message that says anything says it in one of these types. */
export const bodyOf =
  (...types: readonly string[]): RequestHandler =>
  (req, _res, next) => {
    const says = req.headers['content-length'] !== '0' && 'content-length' in req.headers;
    if ((!says && !('transfer-encoding' in req.headers)) || req.is([...types])) {
      next();
      return;
    }
    next(
      problem(415, (t) => [t('not-understood'), t('must-be-of-type', { types: types.join(', ') })]),
    );
  };
