import type { Request, RequestHandler } from 'express';
import { rateLimit } from 'express-rate-limit';
import { PROBLEM_TYPES } from '@crustan/core/formats';
import type { Phone } from '@crustan/core/formats/phonesSchema';
import { API_ROOT, routeFor, type ApiRoute } from '../apiTable';
import { problem } from '../problems';
import { tokenOf } from './cookie';
import type { OpenAnswers } from './openAnswers';
import type { PhoneList } from './phoneList';
import { isInTheClear, isOwners } from './reach';

/** Streams that one phone may have open: a few pages, each on its cooks and its service. */
const MOST_STREAMS = 12;
/** Requests of one phone, or of one address that is not paired. */
const MOST_REQUESTS = { window: 10_000, phone: 600, stranger: 60 } as const;

const asked = new WeakMap<Request, Phone>();

/** The phone that a request came from; undefined: the owner's machine. */
export const phoneOf = (req: Request): Phone | undefined => asked.get(req);

const MAY: Readonly<Record<ApiRoute['who'], readonly Phone['role'][]>> = {
  owner: [],
  cook: ['cook'],
  watcher: ['cook', 'watcher'],
};

const tooMany = problem(429, (t) => [t('too-many-at-once'), t('wait-a-moment')], {
  type: PROBLEM_TYPES.tooMany,
});

/** Counts requests by phone, or by address; the owner's own are not counted. */
export const requestLimit = (): RequestHandler =>
  rateLimit({
    windowMs: MOST_REQUESTS.window,
    limit: (req) => (phoneOf(req) ? MOST_REQUESTS.phone : MOST_REQUESTS.stranger),
    keyGenerator: (req) => phoneOf(req)?.id ?? req.socket.remoteAddress ?? '',
    validate: { keyGeneratorIpFallback: false },
    skip: isOwners,
    legacyHeaders: false,
    handler: (_req, _res, next) => next(tooMany),
  });

/** Knows the phone that asks by its token; what can be overheard is not listened to. */
export const knowPhone =
  (phones: PhoneList | undefined, now: () => number): RequestHandler =>
  (req, _res, next) => {
    if (isInTheClear(req)) {
      next(
        problem(403, (t) => [t('not-in-the-clear'), t('only-by-https')], {
          type: PROBLEM_TYPES.unpaired,
        }),
      );
      return;
    }
    const token = isOwners(req) ? undefined : tokenOf(req);
    const phone = token === undefined ? undefined : phones?.seen(token, now());
    if (phone) asked.set(req, phone);
    next();
  };

/** Methods that change nothing: requests for the interface's own files are checked for nothing else. */
const READS: readonly string[] = ['GET', 'HEAD'];

/** Whether a path belongs to the API, in any spelling: the narrower reading is the safe one. */
const isApi = (path: string): boolean =>
  path
    .toLowerCase()
    .split('/')
    .filter((part) => part !== '')[0] === API_ROOT.slice(1);

const wantsPage = (req: Request): boolean =>
  req.method === 'GET' && !isApi(req.path) && req.accepts(['json', 'html']) === 'html';

/** Message with the reason why a paired phone may not send a request; undefined if it may. */
const refusal = (
  req: Request,
  phone: Phone,
  route: ApiRoute | undefined,
): 'only-watches' | 'only-the-owner' | undefined => {
  const mayAsk = route ? MAY[route.who].includes(phone.role) : !isApi(req.path);
  if (mayAsk && (route !== undefined || READS.includes(req.method))) return undefined;
  return phone.role === 'watcher' ? 'only-watches' : 'only-the-owner';
};

/**
 * Over the network only paired phones are answered: what the API's table lets their role ask, and the
 * interface's files. A page that is opened unpaired is the pairing page.
 */
export const gate =
  (answers: OpenAnswers): RequestHandler =>
  (req, res, next) => {
    if (isOwners(req)) {
      next();
      return;
    }
    const phone = phoneOf(req);
    if (!phone) {
      if (wantsPage(req)) {
        res.redirect(303, '/pair');
        return;
      }
      next(
        problem(401, (t) => [t('not-paired'), t('open-pair')], { type: PROBLEM_TYPES.unpaired }),
      );
      return;
    }
    const route = routeFor(req.method, req.path);
    const refused = refusal(req, phone, route);
    if (refused !== undefined) {
      next(
        problem(403, (t) => [t('not-from-this-phone'), t(refused)], { type: PROBLEM_TYPES.role }),
      );
      return;
    }
    if (route?.stream === true && answers.streams(phone.id) >= MOST_STREAMS) {
      next(tooMany);
      return;
    }
    answers.add(phone.id, res);
    next();
  };
