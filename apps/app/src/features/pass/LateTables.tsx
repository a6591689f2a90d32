import { View } from 'react-native';
import type { ToldSchedule } from '@crustan/core/formats/serviceSchema';
import { WAY_NAMES } from '../../words/wayWords';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { sayDuration } from '@crustan/core/units';
import { sayPiece, sayTable, sayTaken } from './passWords';
import type { PassNow } from './usePass';
import type { Presses } from './usePressed';

interface Props {
  readonly pass: PassNow;
  readonly presses: Presses;
}

/** So much after its time a table is said to be late, s. */
const LATE = 90;
/** A piece that rests so much longer than it keeps is said to, s. */
const OVER_RESTED = 60;
/** A table's pieces this far apart are said to be, s. */
const APART = 60;

/** Tables that will be late or apart: said at once, why, and what can be done. */
export const LateTables = ({ pass, presses }: Props) => {
  const { schedule } = pass;
  if (!schedule) return null;
  const late = schedule.tickets.filter((ticket) => ticket.late > LATE || ticket.apart > APART);
  const overRested = schedule.pieces.filter((piece) => piece.overRested > OVER_RESTED);
  const moved = schedule.moved.filter(({ id }) => !pass.on.has(id));
  if ([late, overRested, moved, schedule.unplaced].every((all) => all.length === 0)) return null;
  return (
    <View className="gap-3" role="group" aria-label="Late tables">
      {late.map((ticket) => (
        <LateTable key={ticket.id} ticket={ticket} pass={pass} presses={presses} />
      ))}
      {schedule.unplaced.map((id) => (
        <Text key={id} tone="text-salt-50">
          {`${sayTable(pass, id)} finds no place in the hours to come: change what it has ordered.`}
        </Text>
      ))}
      {overRested.map((piece) => (
        <Text key={piece.id} voice="small" tone="text-salt-200">
          {`${sayPiece(pass, piece.id)} for ${sayTable(pass, piece.ticket)} waits ${sayDuration(piece.overRested)} longer than it stays hot: keep it warm under a loose cover, or give the table another moment.`}
        </Text>
      ))}
      {moved.map(({ id, taken }) => (
        <Moved key={id} id={id} taken={taken} pass={pass} />
      ))}
    </View>
  );
};

const Moved = ({
  id,
  taken,
  pass,
}: {
  readonly id: string;
  readonly taken: ToldSchedule['moved'][number]['taken'];
  readonly pass: PassNow;
}) => {
  const show = useShow();
  return (
    <Text voice="small" tone="text-salt-200">
      {`${sayPiece(pass, id)} was told for now and is put off: ${sayTaken(taken, show)}.`}
    </Text>
  );
};

const LateTable = ({
  ticket,
  pass,
  presses,
}: Props & { readonly ticket: ToldSchedule['tickets'][number] }) => {
  const show = useShow();
  const { id, late, landsAt, apart, hindered } = ticket;
  const table = sayTable(pass, id);
  const why = hindered ? `: ${sayTaken(hindered.taken, show)}` : '';
  const piece = pass.state.tickets
    .flatMap(({ pieces }) => pieces)
    .find((one) => one.id === hindered?.piece);
  const portion = pass.dishes
    .find((dish) => dish.id === piece?.dish)
    ?.portions.find(({ doneness }) => doneness === piece?.doneness);
  const others = piece?.begun
    ? []
    : (portion?.options ?? []).map((option, nth) => ({ option, nth })).slice(1);
  return (
    <View className="gap-2 rounded bg-hazard px-4 py-3" role="alert">
      <Text voice="label">
        {late > LATE
          ? `${table} will be ${sayDuration(late)} late, at ${show.clock(pass.momentOf(landsAt))}${why}.`
          : `${table}’s pieces cannot be there together: the last comes ${sayDuration(apart)} after the first.`}
      </Text>
      {piece ? (
        <View className="flex-row flex-wrap gap-2">
          {others.map(({ option, nth }) => (
            <Button
              key={nth}
              kind="plain"
              label={`${sayPiece(pass, piece.id)}: ${WAY_NAMES[option.plan.request.way].toLowerCase()}`}
              onPress={() =>
                presses.say(
                  { kind: 'way', piece: piece.id, option: nth },
                  `another way for ${table}`,
                )
              }
            />
          ))}
          <Button
            kind="plain"
            label={`Tell the table ${show.clock(pass.momentOf(landsAt))}`}
            onPress={() =>
              presses.say(
                { kind: 'moved', of: id, wanted: Math.round(pass.momentOf(landsAt)) },
                `a later time for ${table}`,
              )
            }
          />
        </View>
      ) : null}
    </View>
  );
};
