import { memo } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import type { Ticket, TicketPiece } from '@crustan/core/pass/serviceTickets';
import { INK } from '../../ui/ink';
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
          const lanes = lanesOf(ticket, pass, show);
          return <Table key={ticket.id} lanes={lanes} text={JSON.stringify(lanes)} now={now} />;
        })}
      </View>
      <Terms of={['ready']} onIron />
    </View>
  );
});

/** A bar of a lane: s of the service, from and to. */
type Bar = readonly [number, number];

/** One piece: in the pan, in the oven or on the board, and its rest. */
interface PieceLane {
  readonly pan: readonly Bar[];
  readonly away: readonly Bar[];
  readonly rest: readonly Bar[];
}

/** Drawing of one table. It does not change as the clock goes on. */
interface TableLanes {
  readonly table: string;
  readonly says: string;
  readonly ready:
    { readonly clock: string; readonly at: number; readonly late: boolean } | undefined;
  readonly pieces: readonly PieceLane[];
}

/** Lateness from which a table is marked late, s. */
const LATE = 90;

const laneOf = (piece: TicketPiece, pass: Drawn, readyAt: number | undefined): PieceLane => {
  const placed = placedIn(pass.schedule).pieces.get(piece.id);
  const option = optionOf(pass, piece);
  if (!placed || !option) return { pan: [], away: [], rest: [] };
  const { start } = placed;
  const steps = placed.full ? option.steps.full : option.steps.alone;
  const staysIn = (inPan: boolean): readonly Bar[] =>
    steps.stays
      .filter(({ place }) => (place === 'pan') === inPan)
      .map(({ at, seconds }) => [start + at, start + at + seconds]);
  const out = start + steps.heatSeconds;
  return {
    pan: staysIn(true),
    away: staysIn(false),
    rest: [[out, Math.max(out, readyAt ?? placed.readyAt)]],
  };
};

const lanesOf = (
  { id, table, pieces }: Ticket,
  pass: Drawn,
  show: Pick<Show, 'clock'>,
): TableLanes => {
  const scheduled = placedIn(pass.schedule).tickets.get(id);
  const clock = scheduled && show.clock(pass.epoch + scheduled.landsAt * 1000);
  return {
    table,
    says:
      clock === undefined
        ? t('table-not-placed-yet', { table })
        : t('table-ready', { table, clockAt: clock }),
    ready:
      scheduled && clock !== undefined
        ? { clock, at: scheduled.landsAt, late: scheduled.late > LATE }
        : undefined,
    pieces: pieces.map((piece) => laneOf(piece, pass, scheduled?.landsAt)),
  };
};

/** Height of a lane, and from one to the next, px. */
const LANE = 16;
const PITCH = 20;

/** A path through the corners of bars, s and px. @param corners of a bar in the lane that begins at `top` px */
const pathOf = (
  pieces: readonly PieceLane[],
  of: keyof PieceLane,
  corners: (bar: Bar, top: number) => string,
): string => pieces.flatMap((piece, i) => piece[of].map((bar) => corners(bar, i * PITCH))).join('');

const filled = ([from, to]: Bar, top: number): string =>
  `M${from} ${top}H${to}V${top + LANE}H${from}Z`;
const framed = ([from, to]: Bar, top: number): string =>
  `M${from} ${top + 0.5}H${to}V${top + LANE - 0.5}H${from}Z`;
const middle = ([from, to]: Bar, top: number): string => `M${from} ${top + LANE / 2}H${to}`;

/** Bars of all pieces of a table, s of the service along and px down. They are drawn again only if they change. */
const Bars = memo(
  function Bars({ lanes: { pieces, ready } }: Pick<TableProps, 'lanes' | 'text'>) {
    const line = { vectorEffect: 'non-scaling-stroke', fill: 'none' } as const;
    return (
      <>
        <Path d={pathOf(pieces, 'pan', filled)} fill={INK.salt300} />
        <Path d={pathOf(pieces, 'away', framed)} stroke={INK.salt300} {...line} />
        <Path d={pathOf(pieces, 'rest', middle)} stroke={INK.salt300} {...line} />
        {ready ? (
          <Path
            d={`M${ready.at} 0V${PITCH * pieces.length}`}
            stroke={ready.late ? INK.hazard : INK.flameDark}
            strokeWidth={4}
            {...line}
          />
        ) : null}
      </>
    );
  },
  (before, after) => before.text === after.text,
);

interface TableProps {
  readonly lanes: TableLanes;
  /** The same as text: most tables of a new schedule are as before and are not drawn again. */
  readonly text: string;
  /** s of the service */
  readonly now: number;
}

const Table = memo(
  function Table({ lanes, text, now }: TableProps) {
    const { table, says, ready, pieces } = lanes;
    const height = PITCH * pieces.length;
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
        <View className="relative flex-1 border-l border-iron-700 py-1">
          <View className="absolute bottom-0 left-[10%] top-0 w-[1px] bg-iron-500" />
          <Svg
            width="100%"
            height={height}
            viewBox={`${now - PAST} 0 ${PAST + AHEAD} ${height}`}
            preserveAspectRatio="none"
          >
            <Bars lanes={lanes} text={text} />
          </Svg>
        </View>
      </View>
    );
  },
  (before, after) => before.text === after.text && before.now === after.now,
);
