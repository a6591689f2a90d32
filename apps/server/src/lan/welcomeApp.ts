import express, { type Express } from 'express';
import helmet from 'helmet';
import { escaped, htmlPage } from '../htmlPage';
import { ownHost } from '../ownRequests';
import { answerProblem, noSuchPath } from '../problems';
import type { Network } from './network';

interface Welcome {
  readonly network: () => Network;
  readonly answersTo: (name: string) => boolean;
  /** The authority's certificate, DER. */
  readonly certificate: () => Buffer;
}

const CERTIFICATE = '/crustan-kitchen.crt';

/** Instructions for trusting a kitchen on each system. Menus of their current versions; they change. */
const STEPS = [
  {
    system: 'iPhone, iPad',
    steps: [
      'Get the certificate above in Safari, and allow the profile.',
      'Settings, General, VPN & Device Management: open the profile, Install.',
      'Settings, General, About, Certificate Trust Settings: switch the kitchen on.',
    ],
  },
  {
    system: 'Android',
    steps: [
      'Get the certificate above.',
      'Settings, search for “CA certificate”, Install anyway, and choose the file.',
    ],
  },
  {
    system: 'Windows',
    steps: [
      'Open the certificate from above: Install Certificate, Current User.',
      'Place it in “Trusted Root Certification Authorities”.',
    ],
  },
  {
    system: 'Mac',
    steps: [
      'Open the certificate from above in Keychain Access.',
      'Open its entry there: Trust, “Always Trust”.',
    ],
  },
  {
    system: 'Linux, and Firefox anywhere',
    steps: ['In the browser’s settings search for “certificates”, Authorities, Import.'],
  },
] as const;

const page = ({ addresses }: Network): string =>
  htmlPage(
    'Welcome to this kitchen',
    `<h1>Get Crustan on this phone</h1>
<p>Three steps, once for each phone: trust this kitchen, open it, pair.</p>
<h2>1. Trust this kitchen</h2>
<p><a class="button" href="${CERTIFICATE}" download>Get the kitchen’s certificate</a></p>
${STEPS.map(
  ({ system, steps }) =>
    `<details><summary>${escaped(system)}</summary><ol>${steps.map((step) => `<li>${escaped(step)}</li>`).join('')}</ol></details>`,
).join('\n')}
<p>It was made on the machine Crustan runs on, and is good for names and addresses of a private network
alone: for no site of the world.</p>
<h2>2. Open it</h2>
<ul>${addresses.map((at) => `<li><a href="${escaped(at)}"><code>${escaped(at)}</code></a></li>`).join('')}</ul>
<h2>3. Pair</h2>
<p>It asks for six digits. The machine Crustan runs on shows them: Kitchen, Phones, “Pair a phone”. Then add
it to the home screen.</p>`,
  );

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
  app.get('/', (_req, res) => {
    res.set('Cache-Control', 'no-store').type('html').send(page(network()));
  });
  app.get(CERTIFICATE, (_req, res) => {
    res.set('Cache-Control', 'no-store').type('application/x-x509-ca-cert').send(certificate());
  });
  app.use(noSuchPath);
  app.use(answerProblem);
  return app;
};
