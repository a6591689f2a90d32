import { View } from 'react-native';
import { plateDayChanged, plateHourChanged } from '../../../store/draftSlice';
import { dayAhead, dayOf, hourOf, lastDay, nextDays, plateMoment } from '../../../store/plateTime';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { Text } from '../../../ui/Text';
import { useNow } from '../../../ui/useNow';
import { capital } from '../../../words/cutWords';
import { formatDay, formatMoment } from '../../../words/describePlate';
import { useShow } from '../../../words/useShow';
import { Hint } from './Hint';
import { INK } from '../../../ui/ink';
import { t } from '../t';

/** Days that are offered by name; further ones by the calendar. */
const BY_NAME = 7;

const FIELD = {
  minHeight: 56,
  padding: '0 12px',
  border: `1px solid ${INK.salt300}`,
  borderRadius: 4,
  background: INK.salt0,
  color: INK.iron950,
};

/** The day and the hour on the plate: the browser's own clock and calendar fields. */
export const PlateEditor = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  // Not the sentence's, which gives way: a field must show what was typed at once.
  const plate = useAppSelector((state) => state.draft.plate);
  const now = useNow(15_000);
  const moment = plateMoment(plate, now);
  const day = dayOf(moment);
  const setDay = (text: string): void => {
    const ahead = dayAhead(text, now);
    if (ahead !== undefined) dispatch(plateDayChanged(ahead));
  };
  const named = nextDays(now, BY_NAME).map((value) => ({
    value,
    label: capital(formatDay(plateMoment({ hour: '12:00', day: value }, now), now)),
  }));
  return (
    <View className="gap-3">
      <View className="flex-row flex-wrap items-center gap-3">
        <input
          type="time"
          aria-label={t('on-the-plate-at')}
          value={plate.hour}
          onChange={(event) => {
            const hour = hourOf(event.target.value);
            if (hour !== undefined) dispatch(plateHourChanged(hour));
          }}
          className="font-head text-24"
          style={FIELD}
        />
        <input
          type="date"
          aria-label={t('on-the-plate-on')}
          value={day}
          min={dayOf(now)}
          max={lastDay(now)}
          onChange={(event) => setDay(event.target.value)}
          className="font-head text-18"
          style={FIELD}
        />
      </View>
      <Choice label={t('day')} options={named} value={day} onChange={setDay} />
      {moment < now ? (
        <Text voice="small" role="alert">
          {t('is-past-take-a-later-hour-or', { moment: formatMoment(moment, now, show) })}
        </Text>
      ) : (
        <Hint>{t('everything-is-counted-back-from-here-over')}</Hint>
      )}
    </View>
  );
};
