import { useState } from 'react';
import { TextInput, View } from 'react-native';
import { firmnessAt } from '@crustan/core/doneness/firmness';
import { probeAdvice, probeNext, type ProbedPiece } from '@crustan/core/pass/probeNext';
import { formatDuration, UNITS } from '@crustan/core/units';
import { fresh } from '../../store/freshEvent';
import { useAppDispatch } from '../../store/store';
import { pressed } from '../../store/logSlice';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { FIRMNESS_WORDS } from '../../words/firmnessWords';
import { useShow } from '../../words/useShow';
import { placedIn } from './placedIn';
import { describePiece, describeTable } from './passWords';
import { optionOf, type PassNow } from './usePass';
import { t } from './t';

/** Rate of the core near the pull, K/s, from the last minutes of the plan; used if there is no forecast. */
const climbOf = (
  trace: { readonly time: readonly number[]; readonly core: readonly number[] },
  at: number,
): number => {
  const end = trace.time.findIndex((time) => time >= at);
  const last = end === -1 ? trace.time.length - 1 : end;
  const before = Math.max(0, last - 3);
  const seconds = (trace.time[last] ?? 0) - (trace.time[before] ?? 0);
  return seconds > 0 ? ((trace.core[last] ?? 0) - (trace.core[before] ?? 0)) / seconds : 0;
};

/** Pieces on the heat whose end is still open, as the advice takes them. */
const probedPieces = (pass: PassNow): readonly ProbedPiece[] =>
  pass.state.tickets.flatMap((ticket) =>
    ticket.pieces.flatMap((piece): readonly ProbedPiece[] => {
      const on = pass.on.get(piece.id);
      const option = optionOf(pass, piece);
      if (!on || !option || on.state.pulledAt !== undefined) return [];
      const { forecast, state } = on;
      const unsure = option.steps.alone.uncertainSeconds;
      const climb = climbOf(option.plan.trace, option.plan.pullAt);
      const read = forecast !== undefined && forecast.readings > 0;
      const late = placedIn(pass.schedule).tickets.get(ticket.id)?.late ?? 0;
      return [
        {
          id: piece.id,
          decidesAt: (state.progress.decidedAt - pass.line.epoch) / 1000,
          unsureEnd: read ? forecast.endSpread : unsure * climb,
          unsureSeconds: read ? forecast.pullSpread : unsure,
          readAt:
            state.readings.length === 0
              ? undefined
              : ((state.readings.at(-1)?.at ?? 0) - pass.line.epoch) / 1000,
          late,
        },
      ];
    }),
  );

/** A figure that is being typed, and the piece that it was read from. */
interface TypedReading {
  readonly piece: string;
  readonly text: string;
}

/** One thermometer among many pieces: which to probe next and why, and what a finger should feel. */
export const ProbeAdvice = ({ pass }: { readonly pass: PassNow }) => {
  const show = useShow();
  const dispatch = useAppDispatch();
  const [typed, setTyped] = useState<TypedReading>();
  const now = (pass.line.now - pass.line.epoch) / 1000;
  const pieces = probedPieces(pass);
  // A figure belongs to the piece that was shown when its first digit was typed.
  const kept = typed && pieces.find(({ id }) => id === typed.piece);
  const advice = kept ? probeAdvice(kept, now) : probeNext(pieces, now);
  if (!advice) return null;
  const text = kept && typed ? typed.text : '';
  const ticket = pass.state.tickets.find(({ pieces }) => pieces.some(({ id }) => id === advice.id));
  const piece = ticket?.pieces.find(({ id }) => id === advice.id);
  const option = piece && optionOf(pass, piece);
  const firmness = option ? FIRMNESS_WORDS[firmnessAt(option.plan.pullCore)] : '';
  const unit = UNITS[show.units].temperature;
  const figure = Number(text.replace(',', '.'));
  const celsius = unit.toSi(figure);
  const plausible =
    text.trim() !== '' && Number.isFinite(figure) && celsius >= -5 && celsius <= 120;
  const read = (): void => {
    dispatch(pressed({ cook: advice.id, event: { ...fresh(), kind: 'reading', celsius } }));
    setTyped(undefined);
  };
  return (
    <View className="gap-2 border-t border-iron-700 pt-3" role="group" aria-label={t('probe-next')}>
      <Text voice="head" tone="text-salt-50" heading={2}>
        {t('probe-next-2', {
          piece: describePiece(pass, advice.id),
          part: ticket ? ` · ${describeTable(pass, ticket.id)}` : '',
        })}
      </Text>
      <Text voice="small" tone="text-salt-200">
        {t('its-end-is-unsure-by-either-way', {
          difference: show.difference(advice.unsureEnd),
          duration: formatDuration(advice.unsureSeconds),
          duration2: formatDuration(advice.seconds),
          temperature: show.temperature(option?.plan.pullCore ?? 0, 0),
          firmness,
        })}
      </Text>
      <View className="flex-row items-center gap-2">
        <TextInput
          aria-label={t('reading', { symbol: unit.symbol })}
          value={text}
          onChangeText={(next) =>
            setTyped(next === '' ? undefined : { piece: advice.id, text: next })
          }
          inputMode="decimal"
          onSubmitEditing={() => (plausible ? read() : undefined)}
          className="min-h-touch w-[96px] rounded border border-iron-500 bg-iron-900 px-3 font-text text-16 text-salt-50"
        />
        <Button
          kind="stovePlain"
          label={t('save-reading', { symbol: unit.symbol })}
          disabled={!plausible}
          onPress={read}
        />
      </View>
    </View>
  );
};
