import { memo } from 'react';
import { View } from 'react-native';
import type { Ticket, TicketPiece } from '@crustan/core/pass/serviceTickets';
import { textScale } from '../../ui/textScale';
import { Terms } from '../../ui/Meanings';
import { Text } from '../../ui/Text';
import type { Show } from '../../words/show';
import { useShow } from '../../words/useShow';
import { placedIn } from './placedIn';
import { optionOf, type PassNow } from './usePass';
import { t } from './t';

/** Range of the displayed clock: from the past to the future, s. */
const PAST = 300;
const AHEAD = 2700;
/** Marks on the clock, ms. */
const TICK = 600_000;
/** A label further along than this would be cut off, share of the width. */
const LAST_LABEL = 0.9;

/** Data of the lanes. */
type Drawn = Pick<PassNow, 'state' | 'dishes' | 'schedule'> & { readonly epoch: number };

/** The lanes move by steps of this, s: less than a pixel of a phone's screen. */
const STEP = 10;

/** Tables with their pieces as lanes along the clock. */
export const ClockLanes = ({ pass }: { readonly pass: PassNow }) => {
  const { state, dishes, schedule, line } = pass;
  const now = STEP * Math.floor((line.now - line.epoch) / 1000 / STEP);
  return <Lanes state={state} dishes={dishes} schedule={schedule} epoch={line.epoch} now={now} />;
};

const Lanes = memo(function Lanes({ now, ...pass }: Drawn & { readonly now: number }) {
  const show = useShow();
  const { epoch } = pass;
  const tickets = pass.state.tickets.filter(({ state }) => state === 'open');
  if (tickets.length === 0) return null;
  const share = (seconds: number): number =>
    Math.min(1, Math.max(0, (seconds - now + PAST) / (PAST + AHEAD)));
  const from = Math.ceil((epoch + (now - PAST) * 1000) / TICK) * TICK;
  const ticks = Array.from(
    { length: Math.floor(((PAST + AHEAD) * 1000) / TICK) },
    (_, i) => from + i * TICK,
  );
  /** Larger text leaves room for fewer labels. */
  const apart = Math.ceil(textScale());
  const lastLabel = 1 - (1 - LAST_LABEL) * textScale();
  return (
    <View className="gap-2">
      <Text voice="head" tone="text-salt-50" heading={2}>
        {t('along-the-clock')}
      </Text>
      <Text voice="note" tone="text-iron-400">
        {t('filled-in-the-pan-framed-in-the')}
      </Text>
      <View className="flex-row">
        <View className="w-[96px]" />
        <View className="relative h-5 flex-1">
          {ticks
            .filter((tick, i) => i % apart === 0 && share((tick - epoch) / 1000) < lastLabel)
            .map((tick) => (
              <Text
                key={tick}
                voice="note"
                tone="text-iron-400"
                className="absolute"
                style={{ left: `${100 * share((tick - epoch) / 1000)}%` }}
              >
                {show.clock(tick)}
              </Text>
            ))}
        </View>
      </View>
      <View role="list" aria-label={t('tables-along-the-clock')} className="gap-3">
        {tickets.map((ticket) => {
          const lanes = lanesOf(ticket, pass, show, now);
          return <Table key={ticket.id} lanes={lanes} text={JSON.stringify(lanes)} />;
        })}
      </View>
      <Terms of={['ready']} onIron />
    </View>
  );
});

/** A bar of a lane, by its place on the displayed clock: shares of the width, %. */
interface Bar {
  readonly of: 'pan' | 'away' | 'rest';
  readonly left: number;
  readonly width: number;
}

/** Drawing of one table: its lanes have a list of bars each. */
interface TableLanes {
  readonly table: string;
  readonly says: string;
  readonly now: number;
  readonly ready:
    { readonly clock: string; readonly left: number; readonly late: boolean } | undefined;
  readonly pieces: readonly (readonly Bar[])[];
}

/** Lateness from which a table is marked late, s. */
const LATE = 90;

/** Share of the displayed clock at a second of the service, %, within it. */
const shareAt = (seconds: number, now: number): number => {
  const share = (seconds - now + PAST) / (PAST + AHEAD);
  return Math.round(10_000 * Math.min(1, Math.max(0, share))) / 100;
};

const barsOf = (
  piece: TicketPiece,
  pass: Drawn,
  now: number,
  readyAt: number | undefined,
): readonly Bar[] => {
  const placed = placedIn(pass.schedule).pieces.get(piece.id);
  const option = optionOf(pass, piece);
  if (!placed || !option) return [];
  const steps = placed.full ? option.steps.full : option.steps.alone;
  const bar = (of: Bar['of'], from: number, to: number): Bar => {
    const left = shareAt(from, now);
    return { of, left, width: Math.max(0, shareAt(to, now) - left) };
  };
  const out = placed.start + steps.heatSeconds;
  return [
    ...steps.stays.map(({ place, at, seconds }) => {
      const from = placed.start + at;
      return bar(place === 'pan' ? 'pan' : 'away', from, from + seconds);
    }),
    bar('rest', out, readyAt ?? placed.readyAt),
  ];
};

const lanesOf = (
  { id, table, pieces }: Ticket,
  pass: Drawn,
  show: Pick<Show, 'clock'>,
  now: number,
): TableLanes => {
  const scheduled = placedIn(pass.schedule).tickets.get(id);
  const clock = scheduled && show.clock(pass.epoch + scheduled.landsAt * 1000);
  return {
    table,
    now: shareAt(now, now),
    says:
      clock === undefined
        ? t('table-not-placed-yet', { table })
        : t('table-ready', { table, clockAt: clock }),
    ready:
      scheduled && clock !== undefined
        ? { clock, left: shareAt(scheduled.landsAt, now), late: scheduled.late > LATE }
        : undefined,
    pieces: pieces.map((piece) => barsOf(piece, pass, now, scheduled?.landsAt)),
  };
};

const BAR_CLASSES = {
  pan: 'absolute h-4 bg-salt-300',
  away: 'absolute h-4 border border-salt-300',
  rest: 'absolute top-2 h-[1px] bg-salt-300',
} as const satisfies Record<Bar['of'], string>;

interface TableProps {
  readonly lanes: TableLanes;
  /** The same as text: most tables of a new schedule are as before and are not drawn again. */
  readonly text: string;
}

const Table = memo(
  function Table({ lanes: { table, says, now, ready, pieces } }: TableProps) {
    return (
      <View role="listitem" aria-label={says} className="offscreen-free-row flex-row">
        <View className="w-[96px] pr-2">
          <Text voice="label" tone="text-salt-50">
            {table}
          </Text>
          {ready ? (
            <Text voice="note" tone="text-iron-400">
              {ready.clock}
            </Text>
          ) : null}
        </View>
        <View className="relative flex-1 gap-1 border-l border-iron-700 py-1">
          <View
            className="absolute bottom-0 top-0 w-[1px] bg-iron-500"
            style={{ left: `${now}%` }}
          />
          {pieces.map((bars, i) => (
            <View key={i} className="relative h-4">
              {bars.map(({ of, left, width }, nth) => (
                <View
                  key={nth}
                  className={BAR_CLASSES[of]}
                  style={{ left: `${left}%`, width: `${width}%` }}
                />
              ))}
            </View>
          ))}
          {ready ? (
            <View
              className={`absolute bottom-0 top-0 w-1 ${ready.late ? 'bg-hazard' : 'bg-flame-dark'}`}
              style={{ left: `${ready.left}%` }}
            />
          ) : null}
        </View>
      </View>
    );
  },
  (before, after) => before.text === after.text,
);
