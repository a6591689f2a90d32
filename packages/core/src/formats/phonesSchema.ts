import { z } from 'zod';
import { id, moment } from './cookEventSchema';

/** Role of a paired phone: everything except pairing, restoring and deleting; or view only for Stove and Service. */
export const PHONE_ROLES = ['cook', 'watcher'] as const;
export type PhoneRole = (typeof PHONE_ROLES)[number];

export const phoneName = z
  .string()
  .trim()
  .min(1, 'must not be empty')
  .max(40, 'must be at most 40 letters');

/** A paired phone, as the owner's machine lists it. */
export const phoneSchema = z.strictObject({
  id,
  name: phoneName,
  role: z.enum(PHONE_ROLES),
  pairedAt: moment,
  /** Its last request; to a minute. */
  seenAt: moment,
});
export type Phone = z.infer<typeof phoneSchema>;

/** Properties of a phone that can be changed. */
export const phoneChangeSchema = z
  .strictObject({ name: phoneName.optional(), role: z.enum(PHONE_ROLES).optional() })
  .refine(({ name, role }) => name !== undefined || role !== undefined, 'must change something');

/** Request for a pairing code. */
export const codeAskedSchema = z.strictObject({ role: z.enum(PHONE_ROLES) });

/** A pairing code: good once, until it ends. */
export const pairingCodeSchema = z.strictObject({
  code: z.string().regex(/^\d{6}$/),
  role: z.enum(PHONE_ROLES),
  issuedAt: moment,
  endsAt: moment,
  /** Address in the QR code, and the code as an SVG document. */
  address: z.url(),
  qr: z.string(),
});
export type PairingCode = z.infer<typeof pairingCodeSchema>;

/** The phones of a kitchen, and where it is found on the network; undefined: loopback only. */
export const phoneListSchema = z.strictObject({
  phones: z.array(phoneSchema),
  /** The pairing code that is good now: after many wrong tries it is another than was asked for. */
  code: pairingCodeSchema.optional(),
  network: z
    .strictObject({
      /** Addresses that phones open, the most likely first. */
      addresses: z.array(z.url()).min(1),
      /** Address at which a phone gets the kitchen's certificate, and its code as an SVG document. */
      welcome: z.url(),
      welcomeQr: z.string(),
    })
    .optional(),
});
export type PhoneList = z.infer<typeof phoneListSchema>;

/** Caller, the owner's machine or a paired phone, and its role. */
export const whoAsksSchema = z.strictObject({
  role: z.enum(['owner', ...PHONE_ROLES]),
  /** Of what build the server is: a page of another one says so. */
  build: z.string(),
  name: phoneName.optional(),
});
export type WhoAsks = z.infer<typeof whoAsksSchema>;
