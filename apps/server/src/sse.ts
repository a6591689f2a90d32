import type { Request, Response } from 'express';

/** A stream of server-sent events to one page. */
export interface EventStream {
  readonly send: (event: string, data: unknown) => void;
}

/** Proxies and phones close a silent line; a comment now and then keeps it, ms. */
const KEPT_ALIVE = 15_000;

/**
 * Opens a stream of server-sent events.
 * @param onClose called once, when the page is gone
 */
export const openStream = (req: Request, res: Response, onClose: () => void): EventStream => {
  res.set({
    'Content-Type': 'text/event-stream',
    'Cache-Control': 'no-store',
    'X-Accel-Buffering': 'no',
  });
  res.flushHeaders();
  const alive = setInterval(() => res.write(': here\n\n'), KEPT_ALIVE);
  req.once('close', () => {
    clearInterval(alive);
    onClose();
  });
  return {
    send: (event, data) => {
      res.write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);
    },
  };
};
