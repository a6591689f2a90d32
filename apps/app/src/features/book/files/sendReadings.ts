import { v5 } from 'uuid';
import type { CookEvent, ReadingEvent } from '@crustan/core/cook/event';
import { LOG_BATCH, type LogEntry } from '@crustan/core/formats/logSchema';
import { bookApi } from '../../../store/bookApi';
import { deviceName } from '../../../store/deviceName';
import type { AppStore } from '../../../store/store';

/** The same reading of the same cook is the same event, however often it is read from a file. */
const READINGS = 'b8a7a0c6-6c55-4b0e-8b0f-0d1f0a0f5e3d';

/** Adds readings from a file to a cook. @returns how many were sent; fewer when stopped */
export const sendReadings = async (
  dispatch: AppStore['dispatch'],
  cook: string,
  readings: readonly Omit<ReadingEvent, 'id'>[],
  { progress, stopped }: { progress: (sent: number) => void; stopped: () => boolean },
): Promise<number> => {
  const events = readings.map((reading): CookEvent => ({
    ...reading,
    id: v5(`${cook} ${reading.at} ${reading.by ?? 'typed'} ${reading.celsius}`, READINGS),
  }));
  let sent = 0;
  while (sent < events.length && !stopped()) {
    const batch = events
      .slice(sent, sent + LOG_BATCH)
      .map((event): LogEntry => ({ of: 'cook', stream: cook, device: deviceName(), event }));
    await dispatch(bookApi.endpoints.addToLog.initiate(batch, { track: false })).unwrap();
    sent += batch.length;
    progress(sent);
  }
  return sent;
};
