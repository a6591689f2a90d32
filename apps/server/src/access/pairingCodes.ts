import { randomInt } from 'node:crypto';
import type { PhoneRole } from '@crustan/core/formats/phonesSchema';

/** A code is good for so long, ms, and only once. */
export const CODE_LASTS = 5 * 60_000;
/** After so many wrong codes in all the right one is void: a new one is needed. */
export const MOST_WRONG = 10;

export interface IssuedCode {
  readonly code: string;
  readonly role: PhoneRole;
  readonly endsAt: number;
}

/** What a code that was tried came to. */
export type CodeTried =
  | { readonly kind: 'right'; readonly role: PhoneRole }
  | { readonly kind: 'wrong' }
  /** None is shown at present, or it has ended, or too many were wrong. */
  | { readonly kind: 'none' };

export interface PairingCodes {
  /** A new code; the one before is void. */
  readonly issue: (role: PhoneRole, now: number) => IssuedCode;
  readonly try: (code: string, now: number) => CodeTried;
}

/** The one code that is good at a time. */
export const pairingCodes = (): PairingCodes => {
  let issued: IssuedCode | undefined;
  let wrong = 0;
  return {
    issue: (role, now) => {
      wrong = 0;
      issued = {
        code: String(randomInt(1_000_000)).padStart(6, '0'),
        role,
        endsAt: now + CODE_LASTS,
      };
      return issued;
    },
    try: (code, now) => {
      if (!issued || now >= issued.endsAt) return { kind: 'none' };
      if (code !== issued.code) {
        wrong += 1;
        if (wrong < MOST_WRONG) return { kind: 'wrong' };
        issued = undefined;
        return { kind: 'none' };
      }
      const { role } = issued;
      issued = undefined;
      return { kind: 'right', role };
    },
  };
};
