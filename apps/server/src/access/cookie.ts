import type { Request, Response } from 'express';

/** The prefix binds it to this host, to TLS and to every path. */
const NAME = '__Host-crustan';
const KEPT = new RegExp(`(?:^|;\\s*)${NAME}=([A-Za-z0-9_-]{20,100})(?:;|$)`);
/** Browsers keep no cookie longer, ms. */
const LASTS = 400 * 86_400_000;
const TRAITS = { httpOnly: true, secure: true, sameSite: 'strict', path: '/' } as const;

export const tokenOf = ({ headers }: Request): string | undefined =>
  KEPT.exec(headers.cookie ?? '')?.[1];

export const giveToken = (res: Response, token: string): void => {
  res.cookie(NAME, token, { ...TRAITS, maxAge: LASTS });
};
