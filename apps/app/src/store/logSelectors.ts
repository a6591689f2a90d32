import { createSelector } from '@reduxjs/toolkit';
import { cookOf, type ActiveCook } from './activeCook';
import type { LogState } from './logState';
import { isWaiting, type KnownBook, type LogStream } from './logStream';

export interface WithLog {
  readonly log: LogState;
}

export const selectStreams = ({ log }: WithLog): LogState['streams'] => log.streams;
export const selectBook = ({ log }: WithLog): KnownBook => log.book;

/** Every piece that is on, in the order they came to this page. */
export const selectCooks: (state: WithLog) => readonly ActiveCook[] = createSelector(
  [selectStreams, selectBook],
  (streams, book) =>
    Object.values(streams).flatMap((stream) =>
      stream.of === 'cook' ? (cookOf(stream, book) ?? []) : [],
    ),
);

/** Whether a stream has entries that are still to be sent. */
export const hasWaiting = (stream: LogStream, book: KnownBook): boolean =>
  stream.entries.some((kept) => isWaiting(kept, book));
