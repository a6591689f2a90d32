import { useState } from 'react';
import { View } from 'react-native';
import type { PublishedSchedule } from '@crustan/core/formats/serviceSchema';
import { portionOf } from '@crustan/core/pass/menuDish';
import { kitchenChanged } from '../../store/kitchenSlice';
import { newId } from '../../store/newId';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { WAY_NAMES } from '../../words/wayWords';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { formatDuration } from '@crustan/core/units';
import { nameSome } from './nameSome';
import { describePiece, describeTable, describeTaken } from './passWords';
import { noticesOf, ScheduleNotices } from './ScheduleNotices';
import { useFixes, withAnotherPan } from './useFixes';
import type { PassNow } from './usePass';
import type { Presses } from './usePressed';
import { t } from './t';

interface Props {
  readonly pass: PassNow;
  readonly presses: Presses;
}

/** Lateness from which a table is reported, s. */
const LATE = 90;
/** Tables that are said with what can be done; the others are named in a line, until they are asked for. */
const MOST_SAID = 4;
/** A table's pieces this far apart are said to be, s. */
const APART = 60;

/** Tables that will be late or apart: said at once, why, and what can be done. */
export const LateTables = ({ pass, presses }: Props) => {
  const { schedule } = pass;
  const [all, setAll] = useState(false);
  if (!schedule) return null;
  const late = schedule.tickets
    .filter((ticket) => ticket.late > LATE || ticket.apart > APART)
    .toSorted((a, b) => a.landsAt - b.landsAt);
  const others = all ? [] : late.slice(MOST_SAID);
  const notices = noticesOf(schedule, pass.on);
  if ([late, ...Object.values(notices)].every((some) => some.length === 0)) return null;
  return (
    <View className="gap-3" role="group" aria-label={t('late-tables')}>
      {late.slice(0, all ? late.length : MOST_SAID).map((ticket) => (
        <LateTable key={ticket.id} ticket={ticket} pass={pass} presses={presses} />
      ))}
      {others.length === 0 ? null : (
        <View className="items-start gap-2 rounded bg-hazard px-4 py-3" role="alert">
          <Text voice="label">{describeOthers(pass, others)}</Text>
          <Button kind="plain" label={t('what-can-be-done')} onPress={() => setAll(true)} />
        </View>
      )}
      <ScheduleNotices pass={pass} notices={notices} />
    </View>
  );
};

/** Tables beyond those that are said in full: `54 more: table 22 by 11 min, …, and 46 others`. */
const describeOthers = (pass: PassNow, others: PublishedSchedule['tickets']): string =>
  t('more-will-be-late', {
    othersCount: others.length,
    value: nameSome(
      others.map(({ id, late }) => {
        const by =
          late > LATE ? t('by-min', { value: Math.round(late / 60) }) : t('not-all-at-once');
        return `${describeTable(pass, id)} ${by}`;
      }),
    ),
  });

const LateTable = ({
  ticket,
  pass,
  presses,
}: Props & { readonly ticket: PublishedSchedule['tickets'][number] }) => {
  const show = useShow();
  const dispatch = useAppDispatch();
  const kitchen = useAppSelector((state) => state.kitchen);
  const { id, late, landsAt, apart, hindered } = ticket;
  const table = describeTable(pass, id);
  const why = hindered ? `: ${describeTaken(hindered.taken, show)}` : '';
  const piece = pass.state.tickets
    .flatMap(({ pieces }) => pieces)
    .find((one) => one.id === hindered?.piece);
  const watches = useWatches();
  const ways = useFixes(pass, ticket, watches ? undefined : piece?.id);
  return (
    <View className="gap-2 rounded bg-hazard px-4 py-3" role="alert">
      <Text voice="label">
        {late > LATE
          ? t('will-be-late-at', {
              table,
              duration: formatDuration(late),
              clock: show.clock(pass.momentOf(landsAt)),
              why,
            })
          : t('s-pieces-cannot-be-there-together-the', { table, duration: formatDuration(apart) })}
      </Text>
      {piece && !watches ? (
        <View className="flex-row flex-wrap gap-2">
          {ways.map(({ by, landsAt: then }) => {
            const at = show.clock(pass.momentOf(then));
            if (by.kind === 'pan') {
              return (
                <Button
                  key="pan"
                  kind="plain"
                  label={t('put-another-pan-on-ready', { at })}
                  onPress={() =>
                    dispatch(kitchenChanged({ pans: withAnotherPan(kitchen, newId()).pans }))
                  }
                />
              );
            }
            const plan = portionOf(pass.dishes, piece)?.options.at(by.option)?.plan;
            return plan ? (
              <Button
                key={by.option}
                kind="plain"
                label={t('ready', {
                  piece: describePiece(pass, piece.id),
                  words: WAY_NAMES[plan.request.way].toLowerCase(),
                  at,
                })}
                onPress={() =>
                  presses.say(
                    { kind: 'way', piece: piece.id, option: by.option },
                    t('another-way-for', { table }),
                  )
                }
              />
            ) : null;
          })}
          <Button
            kind="plain"
            label={t('tell-the-table', { clock: show.clock(pass.momentOf(landsAt)) })}
            onPress={() =>
              presses.say(
                { kind: 'moved', of: id, wanted: Math.round(pass.momentOf(landsAt)) },
                t('a-later-time-for', { table }),
              )
            }
          />
        </View>
      ) : null}
    </View>
  );
};
