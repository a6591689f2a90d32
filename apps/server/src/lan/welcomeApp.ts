import express, { type Express } from 'express';
import helmet from 'helmet';
import type { Language } from '@crustan/messages';
import { escaped, htmlPage } from '../htmlPage';
import { ownHost } from '../ownRequests';
import { answerProblem, noSuchPath } from '../problems';
import { SERVER_WORDS } from '../words/serverWords';
import { languageFor } from '../words/wordsFor';
import type { Network } from './network';

interface Welcome {
  readonly network: () => Network;
  readonly answersTo: (name: string) => boolean;
  /** The authority's certificate, DER. */
  readonly certificate: () => Buffer;
}

const CERTIFICATE = '/crustan-kitchen.crt';

/** Instructions for trusting a kitchen on each system, by message. Menus of their current versions; they change. */
const STEPS = [
  {
    system: 'iPhone, iPad',
    steps: ['safari-get', 'safari-install', 'safari-trust'],
  },
  {
    system: 'Android',
    steps: ['get-the-certificate-above', 'android-install'],
  },
  {
    system: 'Windows',
    steps: ['windows-open', 'windows-place'],
  },
  {
    system: 'Mac',
    steps: ['mac-open', 'mac-trust'],
  },
  { system: undefined, steps: ['browser-import'] },
] as const;

const page = (language: Language, { addresses }: Network): string => {
  const t = SERVER_WORDS[language];
  return htmlPage(
    language,
    t('welcome-to-this-kitchen'),
    `<h1>${escaped(t('get-crustan'))}</h1>
<p>${escaped(t('three-steps'))}</p>
<h2>${escaped(t('trust-this-kitchen'))}</h2>
<p><a class="button" href="${CERTIFICATE}" download>${escaped(t('get-the-certificate'))}</a></p>
${STEPS.map(
  ({ system = t('firefox-anywhere'), steps }) =>
    `<details><summary>${escaped(system)}</summary><ol>${steps.map((step) => `<li>${escaped(t(step))}</li>`).join('')}</ol></details>`,
).join('\n')}
<p>${escaped(t('about-the-certificate'))}</p>
<h2>${escaped(t('open-it'))}</h2>
<ul>${addresses.map((at) => `<li><a href="${escaped(at)}"><code>${escaped(at)}</code></a></li>`).join('')}</ul>
<h2>${escaped(t('pair-it'))}</h2>
<p>${escaped(t('asks-for-six-digits'))}</p>`,
  );
};

/** The one page in the clear: how to trust the kitchen. It has nothing of the logbook. */
export const welcomeApp = ({ network, answersTo, certificate }: Welcome): Express => {
  const app = express();
  app.disable('x-powered-by');
  app.use(ownHost(answersTo));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'none'"],
          styleSrc: ["'unsafe-inline'"],
          // This page contains everything; this port has no HTTPS.
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.get('/', (req, res) => {
    const shown = page(languageFor(req), network());
    res.set('Cache-Control', 'no-store').type('html').send(shown);
  });
  app.get(CERTIFICATE, (_req, res) => {
    res.set('Cache-Control', 'no-store').type('application/x-x509-ca-cert').send(certificate());
  });
  app.use(noSuchPath);
  app.use(answerProblem);
  return app;
};
