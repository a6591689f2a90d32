import { memo } from 'react';
import { View } from 'react-native';
import type { Ticket, TicketPiece } from '@crustan/core/pass/serviceTickets';
import { textScale } from '../../ui/textScale';
import { Terms } from '../../ui/Meanings';
import { Text } from '../../ui/Text';
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
        {tickets.map((ticket) => (
          <Table key={ticket.id} ticket={ticket} pass={pass} share={share} now={now} />
        ))}
      </View>
      <Terms of={['ready']} onIron />
    </View>
  );
});

interface TableProps {
  readonly ticket: Ticket;
  readonly pass: Drawn;
  readonly share: (seconds: number) => number;
  readonly now: number;
}

const Table = ({ ticket, pass, share, now }: TableProps) => {
  const show = useShow();
  const clockAt = (at: number): string => show.clock(pass.epoch + at * 1000);
  const scheduled = placedIn(pass.schedule).tickets.get(ticket.id);
  const says =
    scheduled === undefined
      ? t('table-not-placed-yet', { table: ticket.table })
      : t('table-ready', { table: ticket.table, clockAt: clockAt(scheduled.landsAt) });
  return (
    <View role="listitem" aria-label={says} className="offscreen-free-row flex-row">
      <View className="w-[96px] pr-2">
        <Text voice="label" tone="text-salt-50">
          {ticket.table}
        </Text>
        {scheduled ? (
          <Text voice="note" tone="text-iron-400">
            {clockAt(scheduled.landsAt)}
          </Text>
        ) : null}
      </View>
      <View className="relative flex-1 gap-1 border-l border-iron-700 py-1">
        <View
          className="absolute bottom-0 top-0 w-[1px] bg-iron-500"
          style={{ left: `${100 * share(now)}%` }}
        />
        {ticket.pieces.map((piece) => (
          <Lane
            key={piece.id}
            piece={piece}
            pass={pass}
            share={share}
            readyAt={scheduled?.landsAt}
          />
        ))}
        {scheduled ? (
          <View
            className={`absolute bottom-0 top-0 w-1 ${scheduled.late > LATE ? 'bg-hazard' : 'bg-flame-dark'}`}
            style={{ left: `${100 * share(scheduled.landsAt)}%` }}
          />
        ) : null}
      </View>
    </View>
  );
};

/** Lateness from which a table is marked late, s. */
const LATE = 90;

interface LaneProps {
  readonly piece: TicketPiece;
  readonly pass: Drawn;
  readonly share: (seconds: number) => number;
  readonly readyAt: number | undefined;
}

const Lane = ({ piece, pass, share, readyAt }: LaneProps) => {
  const placed = placedIn(pass.schedule).pieces.get(piece.id);
  const option = optionOf(pass, piece);
  if (!placed || !option) return <View className="h-4" />;
  const steps = placed.full ? option.steps.full : option.steps.alone;
  const out = placed.start + steps.heatSeconds;
  const bar = (from: number, to: number) => ({
    left: `${100 * share(from)}%` as const,
    width: `${100 * Math.max(0, share(to) - share(from))}%` as const,
  });
  return (
    <View className="relative h-4">
      {steps.stays.map(({ place, at, seconds }) => (
        <View
          key={at}
          className={`absolute h-4 ${place === 'pan' ? 'bg-salt-300' : 'border border-salt-300'}`}
          style={bar(placed.start + at, placed.start + at + seconds)}
        />
      ))}
      <View
        className="absolute top-2 h-[1px] bg-salt-300"
        style={bar(out, readyAt ?? placed.readyAt)}
      />
    </View>
  );
};
