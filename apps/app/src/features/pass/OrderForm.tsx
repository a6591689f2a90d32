import { translateName } from '@crustan/messages';
import { useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import type { AllergenId } from '@crustan/core/food/allergens';
import { serviceJob } from '@crustan/core/pass/lineNow';
import { sidesOf } from '@crustan/core/pass/menuDish';
import type { Order, OrderedPiece } from '@crustan/core/pass/serviceEvent';
import type { Ticket } from '@crustan/core/pass/serviceTickets';
import { refusedDropped } from '../../store/logSlice';
import { newId } from '../../store/newId';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { passWorker } from '../../workers/passWorker';
import { AllergyField } from './AllergyField';
import { DishRow } from './DishRow';
import { onMenu } from './onMenu';
import { TextField } from './TextField';
import { publishedPieces } from './publishedPieces';
import type { PassNow } from './usePass';
import type { RefusedOrder } from './RefusedEvents';
import type { Presses } from './usePressed';
import { t } from './t';

interface Props {
  readonly pass: PassNow;
  readonly presses: Presses;
  /** Ticket that is being changed; undefined for a new order. */
  readonly ticket?: Ticket | undefined;
  /** An order that the logbook refused, to be corrected. */
  readonly refused?: RefusedOrder | undefined;
  readonly onDone: () => void;
}

/** Times at which a table can want its pieces, minutes from now; undefined: as soon as possible. */
const WHEN = [
  { value: 'soon', label: t('as-soon-as-possible'), minutes: undefined },
  { value: '30', label: t('in-30-min'), minutes: 30 },
  { value: '45', label: t('in-45-min'), minutes: 45 },
  { value: '60', label: t('in-an-hour'), minutes: 60 },
  { value: 'held', label: t('held-until-fired'), minutes: undefined },
] as const;
type When = (typeof WHEN)[number]['value'];

interface Draft {
  readonly table: string;
  readonly pieces: readonly OrderedPiece[];
  readonly allergens: readonly AllergenId[];
  readonly allergy: string;
  readonly when: When | 'kept';
  readonly order: string;
}

const draftOf = (ticket: Ticket | Order | undefined): Draft => ({
  table: ticket?.table ?? '',
  pieces: (ticket?.pieces ?? []).map(({ id, dish, doneness, note }) => ({
    id,
    dish,
    doneness,
    ...(note === undefined ? {} : { note }),
  })),
  allergens: ticket?.allergens ?? [],
  allergy: ticket?.allergy ?? '',
  when: ticket ? 'kept' : 'soon',
  order: ticket?.id ?? newId(),
});

/** Order form: the table, its pieces by a tap each, the wanted time, and the ready time. */
export const OrderForm = ({ pass, presses, ticket: changed, refused, onDone }: Props) => {
  const dispatch = useAppDispatch();
  const service = useAppSelector((state) => state.pass.open);
  const ticket = refused?.event.order ?? changed;
  const show = useShow();
  const [draft, setDraft] = useState(() => draftOf(ticket));
  const { table, pieces, allergens, allergy, when } = draft;
  const change = (by: Partial<Draft>): void => setDraft((before) => ({ ...before, ...by }));
  const minutes = WHEN.find(({ value }) => value === when)?.minutes;
  const { landsAt, late } = useQuote(pass, pieces, minutes);
  /** The pieces of the ticket are counted already. */
  const ordered = new Set(ticket?.pieces.map(({ id }) => id));
  const ready = table.trim() !== '' && pieces.length > 0;

  const add = (): void => {
    if (!ready) return;
    const wanted =
      when === 'kept'
        ? ticket?.wanted
        : minutes === undefined
          ? undefined
          : Math.round(pass.line.now + minutes * 60_000);
    const quoted = landsAt === undefined ? ticket?.quoted : Math.round(pass.momentOf(landsAt));
    const order: Order = {
      id: draft.order,
      table: table.trim(),
      pieces,
      ...(wanted === undefined ? {} : { wanted }),
      ...(quoted === undefined ? {} : { quoted }),
      ...(when === 'held' ? { held: true as const } : {}),
      ...(allergens.length === 0 ? {} : { allergens: [...allergens] }),
      ...(allergy.trim() === '' ? {} : { allergy: allergy.trim() }),
      ...(ticket?.note === undefined ? {} : { note: ticket.note }),
    };
    const kind = refused?.event.kind ?? (ticket ? 'changed' : 'ordered');
    presses.say(
      { kind, order },
      t('the-of-table', {
        part: kind === 'changed' ? t('change-2') : t('order'),
        table: order.table,
      }),
    );
    if (refused && service !== undefined) {
      dispatch(refusedDropped({ stream: service, entry: refused.event.id }));
    }
    setDraft(draftOf(undefined));
    onDone();
  };
  return (
    <View className="gap-3">
      <Text voice="head" tone="text-salt-50" heading={2}>
        {ticket ? t('change-table', { table: ticket.table }) : t('take-an-order')}
      </Text>
      <TextField
        label={t('table-2')}
        value={table}
        onIron
        onChange={(text) => change({ table: text.slice(0, 40) })}
        onEnter={add}
      />
      <AllergyField
        allergens={allergens}
        note={allergy}
        onAllergens={(chosen) => change({ allergens: chosen })}
        onNote={(text) => change({ allergy: text })}
        onEnter={add}
      />
      {onMenu(pass.dishes).map((dish) => (
        <DishRow
          key={dish.id}
          dish={dish}
          pass={pass}
          presses={presses}
          asked={pieces.filter((piece) => piece.dish === dish.id && !ordered.has(piece.id)).length}
          onAdd={(doneness) =>
            change({ pieces: [...pieces, { id: newId(), dish: dish.id, doneness }] })
          }
        />
      ))}
      {pieces.length === 0 ? (
        <Text voice="small" tone="text-iron-400">
          {t('tap-a-doneness-for-each-piece')}
        </Text>
      ) : (
        <View role="list" aria-label={t('pieces-of-this-order')} className="gap-1">
          {pieces.map((piece) => (
            <View key={piece.id} role="listitem" className="flex-row items-center justify-between">
              <Text tone="text-salt-50">{describeOrdered(pass, piece)}</Text>
              {pass.on.has(piece.id) ? null : (
                <Button
                  kind="stovePlain"
                  label={t('off')}
                  onPress={() => change({ pieces: pieces.filter((one) => one !== piece) })}
                />
              )}
            </View>
          ))}
        </View>
      )}
      <Choice
        label={t('when-it-is-wanted')}
        onIron
        options={
          ticket ? [{ value: 'kept', label: t('when-it-was-wanted') }, ...WHEN.slice(0, -1)] : WHEN
        }
        value={when}
        onChange={(value) => change({ when: value })}
      />
      {landsAt === undefined || when === 'held' ? null : (
        <Text tone="text-salt-50" role="status">
          {t('ready-at', {
            clock: show.clock(pass.momentOf(landsAt)),
            part:
              minutes !== undefined && late > 60
                ? t('min-late', { value: Math.round(late / 60) })
                : '',
          })}
        </Text>
      )}
      <Button
        kind="stove"
        label={ticket ? t('change-the-order') : t('add-the-order')}
        disabled={!ready}
        onPress={add}
      />
      {ticket ? <Button kind="stovePlain" label={t('keep-the-order')} onPress={onDone} /> : null}
    </View>
  );
};

const describeOrdered = (pass: PassNow, piece: OrderedPiece): string =>
  `${pass.dishes.find(({ id }) => id === piece.dish)?.name ?? ''}, ${translateName(piece.doneness)}`;

interface Quote {
  readonly landsAt: number | undefined;
  readonly late: number;
}
const NO_QUOTE: Quote = { landsAt: undefined, late: 0 };

/** Ready time of an order beside the open ones, seconds of the service: from a schedule that includes it. */
const useQuote = (
  pass: PassNow,
  pieces: readonly OrderedPiece[],
  minutes: number | undefined,
): Quote => {
  const [quote, setQuote] = useState<Quote>(NO_QUOTE);
  const asked = useMemo(() => pieces.map(({ dish, doneness }) => ({ dish, doneness })), [pieces]);
  const madeAt = pass.schedule?.at;
  // The line changes every second: a new quote is requested only if the order or the schedule changes.
  const latest = useRef(pass);
  useEffect(() => {
    latest.current = pass;
  });
  useEffect(() => {
    let stale = false;
    const ask = async (): Promise<void> => {
      if (asked.length === 0) {
        setQuote(NO_QUOTE);
        return;
      }
      const { line, schedule, dishes } = latest.current;
      const now = (line.now - line.epoch) / 1000;
      const job = serviceJob(line, publishedPieces(schedule));
      const ticket = {
        id: 'asked',
        from: now,
        sides: sidesOf(dishes, asked).map(({ side }) => side),
        ...(minutes === undefined ? {} : { promised: now + minutes * 60 }),
        pieces: asked.flatMap(({ dish, doneness }, i) => {
          const portion = dishes
            .find(({ id }) => id === dish)
            ?.portions.find((one) => one.doneness === doneness);
          return portion
            ? [{ id: `asked ${i}`, options: portion.options.map(({ steps }) => steps) }]
            : [];
        }),
      };
      const found = await passWorker('menu').schedule({
        ...job,
        tickets: [...job.tickets, ticket],
      });
      const scheduled = found.tickets.find(({ id }) => id === 'asked');
      if (!stale) setQuote({ landsAt: scheduled?.landsAt, late: scheduled?.late ?? 0 });
    };
    ask().catch(() => undefined);
    return () => {
      stale = true;
    };
  }, [asked, minutes, madeAt]);
  return quote;
};
