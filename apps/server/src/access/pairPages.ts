import { Router, urlencoded } from 'express';
import { rateLimit } from 'express-rate-limit';
import { phoneName } from '@crustan/core/formats/phonesSchema';
import { z } from 'zod';
import { htmlPage, escaped } from '../htmlPage';
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

/** Answer to a code that is not accepted. */
const WRONG = {
  wrong: 'Wrong code. Look at the code in Kitchen again: it may have changed.',
  blocked: 'Too many wrong codes from this phone. Ask for a new code in Kitchen.',
  none: 'No code is good at present: ask for a new one in Kitchen.',
} as const;

interface Shown {
  readonly code?: string | undefined;
  readonly name?: string | undefined;
  readonly wrong?: string | undefined;
}

const page = ({ code = '', name = '', wrong }: Shown): string =>
  htmlPage(
    'Pair this phone',
    `<h1>Pair this phone</h1>
<p>On the machine that Crustan runs on: Kitchen, Phones, “Pair a phone”. It shows six digits.</p>
${wrong === undefined ? '' : `<p role="alert" class="wrong">${escaped(wrong)}</p>`}
<form method="post" action="/pair">
<label>The six digits
<input name="code" inputmode="numeric" autocomplete="one-time-code" pattern="[0-9 ]*" maxlength="8" required value="${escaped(code)}"></label>
<label>What this phone is called
<input name="name" maxlength="40" required value="${escaped(name)}" placeholder="By the stove"></label>
<button>Pair</button>
</form>`,
  );

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
    res.type('html').send(page(typeof code === 'string' && CODE.test(code) ? { code } : {}));
  });
  const limit = rateLimit({
    windowMs: TRIES.window,
    limit: TRIES.most,
    keyGenerator: (req) => req.socket.remoteAddress ?? '',
    validate: { keyGeneratorIpFallback: false },
    skipSuccessfulRequests: true,
    legacyHeaders: false,
    handler: (_req, res) => {
      const wrong = 'Too many wrong codes from here. Wait five minutes, then ask for a new one.';
      res.status(429).type('html').send(page({ wrong }));
    },
  });
  routes.post('/', limit, urlencoded({ extended: false, limit: '2kb' }), (req, res) => {
    res.set('Cache-Control', 'no-store');
    const form = formSchema.safeParse(req.body);
    const again = (status: number, shown: Shown): void => {
      res.status(status).type('html').send(page(shown));
    };
    if (!form.success || !CODE.test(form.data.code)) {
      again(400, { wrong: 'A code is six digits, and the phone needs a name of 1 to 40 letters.' });
      return;
    }
    const { code, name } = form.data;
    const tried = codes?.try(code, req.socket.remoteAddress ?? '', now()) ?? {
      kind: 'none',
    };
    if (tried.kind !== 'right') {
      again(403, { name, wrong: WRONG[tried.kind] });
      return;
    }
    const paired = phones?.pair(name, tried.role, now());
    if (!paired) {
      again(409, {
        name,
        wrong: `${MOST_PHONES} phones are paired already: revoke one in Kitchen.`,
      });
      return;
    }
    giveToken(res, paired.token);
    res.redirect(303, '/');
  });
  return routes;
};
