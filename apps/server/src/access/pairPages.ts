import { Router, urlencoded, type Request } from 'express';
import { rateLimit } from 'express-rate-limit';
import { phoneName } from '@crustan/core/formats/phonesSchema';
import { z } from 'zod';
import { htmlPage, escaped } from '../htmlPage';
import { languageFor, wordsFor } from '../words/wordsFor';
import { giveToken } from './cookie';
import { phoneOf } from './gate';
import type { PairingCodes } from './pairingCodes';
import { MOST_PHONES, type PhoneList } from './phoneList';
import { isOwners } from './reach';

/** Tries of one address. */
const TRIES = { window: 5 * 60_000, most: 5 } as const;

const CODE = /^\d{6}$/;
const formSchema = z.object({
  code: z.string().transform((text) => text.replace(/\s/g, '')),
  name: phoneName,
});

/** Message about a code that is not accepted. */
const WRONG = {
  wrong: 'wrong-code',
  blocked: 'too-many-wrong-codes',
  none: 'no-code-now',
} as const;

interface Shown {
  readonly code?: string | undefined;
  readonly name?: string | undefined;
  readonly wrong?: string | undefined;
}

const page = (req: Request, { code = '', name = '', wrong }: Shown): string => {
  const t = wordsFor(req);
  return htmlPage(
    languageFor(req),
    t('pair-this-phone'),
    `<h1>${escaped(t('pair-this-phone'))}</h1>
<p>${escaped(t('where-the-digits-are'))}</p>
${wrong === undefined ? '' : `<p role="alert" class="wrong">${escaped(wrong)}</p>`}
<form method="post" action="/pair">
<label>${escaped(t('the-six-digits'))}
<input name="code" inputmode="numeric" autocomplete="one-time-code" pattern="[0-9 ]*" maxlength="8" required value="${escaped(code)}"></label>
<label>${escaped(t('name-of-the-phone'))}
<input name="name" maxlength="40" required value="${escaped(name)}" placeholder="${escaped(t('by-the-stove'))}"></label>
<button>${escaped(t('pair'))}</button>
</form>`,
  );
};

/** The one page of the kitchen that a phone sees before it is paired. */
export const pairPages = (
  phones: PhoneList | undefined,
  codes: PairingCodes | undefined,
  now: () => number,
): Router => {
  const routes = Router();
  routes.use((req, res, next) => {
    if (isOwners(req) || phoneOf(req)) res.redirect(303, '/');
    else next();
  });
  routes.get('/', (req, res) => {
    const { code } = req.query;
    res.set('Cache-Control', 'no-store');
    res.type('html').send(page(req, typeof code === 'string' && CODE.test(code) ? { code } : {}));
  });
  const limit = rateLimit({
    windowMs: TRIES.window,
    limit: TRIES.most,
    keyGenerator: (req) => req.socket.remoteAddress ?? '',
    validate: { keyGeneratorIpFallback: false },
    skipSuccessfulRequests: true,
    legacyHeaders: false,
    handler: (req, res) => {
      const wrong = wordsFor(req)('wait-five-minutes');
      res.status(429).type('html').send(page(req, { wrong }));
    },
  });
  routes.post('/', limit, urlencoded({ extended: false, limit: '2kb' }), (req, res) => {
    res.set('Cache-Control', 'no-store');
    const t = wordsFor(req);
    const form = formSchema.safeParse(req.body);
    const again = (status: number, shown: Shown): void => {
      res.status(status).type('html').send(page(req, shown));
    };
    if (!form.success || !CODE.test(form.data.code)) {
      again(400, { wrong: t('code-and-name') });
      return;
    }
    const { code, name } = form.data;
    const tried = codes?.try(code, req.socket.remoteAddress ?? '', now()) ?? {
      kind: 'none',
    };
    if (tried.kind !== 'right') {
      again(403, { name, wrong: t(WRONG[tried.kind]) });
      return;
    }
    const paired = phones?.pair(name, tried.role, now());
    if (!paired) {
      again(409, { name, wrong: t('phones-paired-already', { most: MOST_PHONES }) });
      return;
    }
    giveToken(res, paired.token);
    res.redirect(303, '/');
  });
  return routes;
};
