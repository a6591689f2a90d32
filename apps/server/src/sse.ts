import type { Request, Response } from 'express';

/** A stream of server-sent events to one page. */
export interface EventStream {
  /** @returns false once the page is gone, or was let go because it does not read */
  readonly send: (event: string, data: unknown) => boolean;
  /** Ends the stream: the browser takes it up again by itself. */
  readonly end: () => void;
}

/** Proxies and phones close a silent line; a comment now and then keeps it, ms. */
const KEPT_ALIVE = 15_000;
/** A page that has so much unread does not read any more, bytes. It takes the stream up again when it does. */
const MOST_UNREAD = 1_000_000;

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
  const write = (text: string): boolean => {
    if (res.destroyed || res.writableEnded) return false;
    if (res.writableLength > MOST_UNREAD) {
      res.destroy();
      return false;
    }
    res.write(text);
    return true;
  };
  const alive = setInterval(() => write(': here\n\n'), KEPT_ALIVE);
  req.once('close', () => {
    clearInterval(alive);
    onClose();
  });
  return {
    send: (event, data) => write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`),
    end: () => {
      res.end();
    },
  };
};
