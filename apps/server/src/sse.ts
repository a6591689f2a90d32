import type { Request, Response } from 'express';

/** A stream of server-sent events to one page. */
export interface EventStream {
  /**
   * @param id what the browser says it had last when it takes the stream up again
   * @returns false once the page is gone, or was let go because it does not read
   */
  readonly send: (event: string, data: unknown, id?: string) => boolean;
  /** Sends a message that `eventText` has written. */
  readonly write: (text: string) => boolean;
  /** Bytes that the page has not read yet. */
  readonly unread: () => number;
  /** Resolves once the page has read what was sent, or is gone. @returns whether it is still there */
  readonly drained: () => Promise<boolean>;
  /** Ends the stream: the browser takes it up again by itself. */
  readonly end: () => void;
}

/** Proxies and phones close a silent line; a comment now and then keeps it, ms. */
const KEPT_ALIVE = 15_000;
/** Unread bytes above which a page is cut off. It opens the stream again when it reads. */
const MOST_UNREAD = 1_000_000;
/** Wait of a browser before it opens a broken line again, ms. */
const TAKEN_UP_AFTER = 1000;
/** Time without reading after which a page counts as gone, ms. */
const READS_WITHIN = 60_000;

/** Text of a stream's message. */
export const eventText = (event: string, data: unknown, id?: string): string =>
  `${id === undefined ? '' : `id: ${id}\n`}event: ${event}\ndata: ${JSON.stringify(data)}\n\n`;

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
  res.write(`retry: ${TAKEN_UP_AFTER}\n\n`);
  const gone = (): boolean => res.destroyed || res.writableEnded;
  const write = (text: string): boolean => {
    if (gone()) return false;
    if (res.writableLength > MOST_UNREAD) {
      res.destroy();
      return false;
    }
    res.write(text);
    return true;
  };
  const drained = (): Promise<boolean> => {
    if (gone() || !res.writableNeedDrain) return Promise.resolve(!gone());
    return new Promise((resolve) => {
      const timer = setTimeout(() => res.destroy(), READS_WITHIN);
      const done = (): void => {
        clearTimeout(timer);
        res.off('drain', done);
        res.off('close', done);
        resolve(!gone());
      };
      res.once('drain', done);
      res.once('close', done);
    });
  };
  const alive = setInterval(() => write(': here\n\n'), KEPT_ALIVE);
  req.once('close', () => {
    clearInterval(alive);
    onClose();
  });
  return {
    send: (event, data, id) => write(eventText(event, data, id)),
    write,
    unread: () => res.writableLength,
    drained,
    end: () => {
      res.end();
    },
  };
};
