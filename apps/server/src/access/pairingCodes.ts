import { randomInt } from 'node:crypto';
import type { PhoneRole } from '@crustan/core/formats/phonesSchema';

/** A code is good for this long, ms, and only once. */
export const CODE_LASTS = 5 * 60_000;
/** Wrong codes of one address, after which that address waits for the next code. */
export const MOST_WRONG_OF_ADDRESS = 5;
/** Wrong codes of all addresses, after which another code takes the place of this one. */
export const MOST_WRONG = 20;

export interface IssuedCode {
  readonly code: string;
  readonly role: PhoneRole;
  readonly issuedAt: number;
  readonly endsAt: number;
}

/** Result of an attempt to use a code. */
export type CodeTried =
  | { readonly kind: 'right'; readonly role: PhoneRole }
  | { readonly kind: 'wrong' }
  /** This address has tried too many wrong ones. */
  | { readonly kind: 'blocked' }
  /** None is shown at present, or it has ended. */
  | { readonly kind: 'none' };

export interface PairingCodes {
  /** A new code; the one before is void. */
  readonly issue: (role: PhoneRole, now: number) => IssuedCode;
  /** The code that is good now. */
  readonly current: (now: number) => IssuedCode | undefined;
  /** @param address where the try came from */
  readonly try: (code: string, address: string, now: number) => CodeTried;
}

/**
 * The one code that is good at a time. Strangers who guess void nothing of the owner's: each address has a few tries,
 * and after many wrong ones of all a new code is shown in place of the old.
 */
export const pairingCodes = (): PairingCodes => {
  let issued: IssuedCode | undefined;
  let wrong = new Map<string, number>();
  const issue = (role: PhoneRole, now: number): IssuedCode => {
    wrong = new Map();
    const code = String(randomInt(1_000_000)).padStart(6, '0');
    issued = { code, role, issuedAt: now, endsAt: now + CODE_LASTS };
    return issued;
  };
  const current = (now: number): IssuedCode | undefined =>
    issued && now < issued.endsAt ? issued : undefined;
  return {
    issue,
    current,
    try: (code, address, now) => {
      const good = current(now);
      if (!good) return { kind: 'none' };
      const tries = wrong.get(address) ?? 0;
      if (tries >= MOST_WRONG_OF_ADDRESS) return { kind: 'blocked' };
      if (code === good.code) {
        issued = undefined;
        return { kind: 'right', role: good.role };
      }
      wrong.set(address, tries + 1);
      const all = [...wrong.values()].reduce((sum, count) => sum + count, 0);
      if (all >= MOST_WRONG) issue(good.role, now);
      return { kind: 'wrong' };
    },
  };
};
