import { Router } from 'express';
import {
  codeAskedSchema,
  phoneChangeSchema,
  type PairingCode,
  type PhoneList as ListedPhones,
  type WhoAsks,
} from '@crustan/core/formats/phonesSchema';
import QRCode from 'qrcode';
import { idParam } from '../apiRequests';
import { phoneOf } from '../access/gate';
import type { OpenAnswers } from '../access/openAnswers';
import type { IssuedCode, PairingCodes } from '../access/pairingCodes';
import type { PhoneList } from '../access/phoneList';
import type { Network } from '../lan/network';
import { parsed, problem } from '../problems';

/** Means by which phones get access. */
export interface Access {
  readonly phones: PhoneList;
  readonly codes: PairingCodes;
  readonly answers: OpenAnswers;
  /** Address at which phones reach this kitchen; undefined if it listens on loopback only. */
  readonly network: () => Network | undefined;
}

const noSuchPhone = () => problem(404, (t) => [t('no-such-phone'), t('revoked-or-never-paired')]);
const drawn = (text: string): Promise<string> =>
  QRCode.toString(text, { type: 'svg', errorCorrectionLevel: 'M', margin: 2 });

/** A code with the address that its QR code opens. */
const shownCode = async (issued: IssuedCode, { addresses }: Network): Promise<PairingCode> => {
  const address = `${addresses[0] ?? ''}/pair?code=${issued.code}`;
  return { ...issued, address, qr: await drawn(address) };
};

/** Routes of the paired phones, for the owner's machine only; and of the caller's role. */
export const phoneRoutes = (
  { phones, codes, answers, network }: Access,
  now: () => number,
): Router => {
  const routes = Router();
  routes.get('/', async (_req, res) => {
    const found = network();
    const code = codes.current(now());
    const listed: ListedPhones = {
      phones: [...phones.all()],
      ...(found && code ? { code: await shownCode(code, found) } : {}),
      ...(found
        ? {
            network: {
              addresses: [...found.addresses],
              welcome: found.welcome,
              welcomeQr: await drawn(found.welcome),
            },
          }
        : {}),
    };
    res.json(listed);
  });
  routes.post('/codes', async (req, res) => {
    const { role } = parsed(codeAskedSchema, req.body);
    const found = network();
    if (!found) {
      throw problem(409, (t) => [t('not-on-the-network'), t('start-with-lan')]);
    }
    res.json(await shownCode(codes.issue(role, now()), found));
  });
  routes.patch('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    const { name, role } = parsed(phoneChangeSchema, req.body);
    const changed = phones.change(id, {
      ...(name === undefined ? {} : { name }),
      ...(role === undefined ? {} : { role }),
    });
    if (!changed) throw noSuchPhone();
    // Its open answers were opened in its former role.
    if (role !== undefined) answers.cut(id);
    res.json(changed);
  });
  routes.delete('/:id', (req, res) => {
    const { id } = parsed(idParam, req.params);
    if (!phones.revoke(id)) throw noSuchPhone();
    answers.cut(id);
    res.status(204).end();
  });
  return routes;
};

/** Returns the role of a page, and the build of the server. */
export const whoRoutes = (build: string): Router => {
  const routes = Router();
  routes.get('/', (req, res) => {
    const phone = phoneOf(req);
    const asker: WhoAsks = phone
      ? { role: phone.role, name: phone.name, build }
      : { role: 'owner', build };
    res.json(asker);
  });
  return routes;
};
