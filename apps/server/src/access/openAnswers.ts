import type { Response } from 'express';

/** Answers that are under way, by the phone that asked: what a revoked phone still had open is cut. */
export interface OpenAnswers {
  readonly add: (phone: string, res: Response) => void;
  /** Number of open answers of a kind for a phone. */
  readonly streams: (phone: string) => number;
  /** Cuts every answer of a phone. */
  readonly cut: (phone: string) => void;
  /** Cuts the answers of every phone that is not among these. */
  readonly keepOnly: (phones: ReadonlySet<string>) => void;
}

const isStream = (res: Response): boolean =>
  String(res.getHeader('Content-Type') ?? '').startsWith('text/event-stream');

export const openAnswers = (): OpenAnswers => {
  const open = new Map<string, Set<Response>>();
  const cut = (phone: string): void => {
    for (const res of open.get(phone) ?? []) res.destroy();
    open.delete(phone);
  };
  return {
    add: (phone, res) => {
      const all = open.get(phone) ?? new Set();
      open.set(phone, all.add(res));
      res.once('close', () => {
        all.delete(res);
        if (all.size === 0 && open.get(phone) === all) open.delete(phone);
      });
    },
    streams: (phone) => [...(open.get(phone) ?? [])].filter(isStream).length,
    cut,
    keepOnly: (phones) => {
      for (const phone of [...open.keys()]) if (!phones.has(phone)) cut(phone);
    },
  };
};
