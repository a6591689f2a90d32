import { useMemo } from 'react';
import { View } from 'react-native';
import { Link } from 'expo-router';
import type { CookLine } from '@crustan/core/formats';
import { CUTS } from '@crustan/core/food/cuts';
import { favourites } from '@crustan/core/learn/favourites';
import {
  endError,
  LOOKS_BACK,
  pullError,
  trendOf,
  type Trend as TrendFigures,
} from '@crustan/core/learn/trend';
import { formatDuration } from '@crustan/core/units';
import { describeFailure, useLinesQuery } from '../../store/bookApi';
import { Trend } from '../../ui/Drawn';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { WAY_NAMES } from '../../words/wayWords';
import { BookFrame } from './BookFrame';

const ALL = {};

/** Error of plans over time, favourite settings of each piece, losses and costs. */
export const TrendsScreen = () => {
  const { data, error } = useLinesQuery(ALL, { refetchOnMountOrArgChange: true });
  return (
    <BookFrame title="Trends">
      {error ? (
        <Text role="alert">{describeFailure(error)}</Text>
      ) : !data ? (
        <Text tone="text-iron-500">Opening the logbook…</Text>
      ) : data.length === 0 ? (
        <Text>No cooks yet. The first one begins the curves.</Text>
      ) : (
        <Trends lines={data} />
      )}
    </BookFrame>
  );
};

interface Shown {
  readonly title: string;
  readonly why: string;
  readonly trend: TrendFigures;
  readonly showValue: (value: number) => string;
  readonly zero?: number;
}

const Trends = ({ lines }: { readonly lines: readonly CookLine[] }) => {
  const show = useShow();
  const learned = useMemo(
    () => new Map(lines.map((line) => [line.createdAt, line.learned === true])),
    [lines],
  );
  const liked = useMemo(() => favourites(lines), [lines]);
  const charts: readonly Shown[] = useMemo(() => {
    const percent = (value: number): string => `${Math.round(value * 100)} %`;
    const minutes = (value: number): string =>
      `${value < 0 ? '−' : ''}${Math.round(Math.abs(value) * 10) / 10} min`;
    return [
      {
        title: 'Pull delay',
        why: 'When it was taken out by the thermometer, less when the plan had it.',
        trend: trendOf(lines, (line) => {
          const seconds = pullError(line);
          return seconds === undefined ? undefined : seconds / 60;
        }),
        showValue: minutes,
        zero: 0,
      },
      {
        title: 'The end, over what was wanted',
        why: 'Measured peak minus target.',
        trend: trendOf(lines, endError),
        showValue: (kelvin: number) =>
          `${kelvin < 0 ? '−' : ''}${show.difference(Math.abs(kelvin))}`,
        zero: 0,
      },
      {
        title: 'Lost, by the scales',
        why: 'Share of the raw weight gone once rested.',
        trend: trendOf(lines, ({ loss }) => loss),
        showValue: percent,
      },
      {
        title: 'Paid',
        why: 'What a piece cost, in your own money.',
        trend: trendOf(lines, ({ paid }) => paid),
        showValue: (value: number) => value.toFixed(2),
      },
    ].filter(({ trend }) => trend.value.length > 0);
  }, [lines, show]);
  return (
    <View className="gap-6">
      {charts.map(({ title, why, trend, showValue, zero }) => {
        const last = trend.running.at(-1) ?? 0;
        const first = trend.running[Math.min(LOOKS_BACK, trend.running.length) - 1] ?? last;
        const middle = `Typically ${showValue(first)} off over the first ${Math.min(LOOKS_BACK, trend.running.length)}, ${showValue(last)} over the last.`;
        const says =
          zero === 0 && trend.value.length > LOOKS_BACK
            ? middle
            : `${zero === 0 ? 'Typically off by' : 'Typically'} ${showValue(last)} over the last ${Math.min(LOOKS_BACK, trend.value.length)}.`;
        return (
          <View key={title} className="gap-1 border-t border-salt-300 pt-3">
            <Text voice="head" heading={2}>
              {title}
            </Text>
            <Text voice="small" tone="text-iron-500">
              {`${why} ${says}`}
            </Text>
            <Trend
              height={170}
              points={trend.value.map((value, i) => ({
                at: trend.at[i] ?? 0,
                value,
                filled: learned.get(trend.at[i] ?? 0) ?? false,
              }))}
              showValue={showValue}
              showTime={(at) => show.date(at)}
              {...(zero === undefined ? {} : { zero })}
              says={`${title}, of ${trend.value.length} cooks. ${says}`}
            />
          </View>
        );
      })}
      <Text voice="note" tone="text-iron-500">
        Open dots: planned with nominal values. Filled dots: planned with the calibration.
      </Text>
      {liked.length === 0 ? null : (
        <View className="gap-1 border-t border-salt-300 pt-3">
          <Text voice="head" heading={2}>
            Liked best
          </Text>
          <Text voice="small" tone="text-iron-500">
            What the cooks you would have again have in common, piece by piece; where you did not
            say, those golden to dark.
          </Text>
          <View role="list">
            {liked.map((one) => (
              <View
                key={one.own ?? one.cut}
                role="listitem"
                className="border-t border-salt-200 py-2"
              >
                <Link href={`/book/${one.id}`} className="min-h-[28px] py-1">
                  <Text voice="strong">{capital(one.own ?? nameOf(one.cut))}</Text>
                </Link>
                <Text voice="small">
                  {`${WAY_NAMES[one.way]}, ${show.thickness(one.thickness)}, ${show.temperature(one.pan)} pan, to ${show.temperature(one.target)}`}
                </Text>
                <Text voice="note" tone="text-iron-500">
                  {`${one.liked} of ${one.cooks} ${one.cooks === 1 ? 'cook' : 'cooks'}`}
                </Text>
              </View>
            ))}
          </View>
        </View>
      )}
      <Totals lines={lines} />
    </View>
  );
};

const CUT_NAMES = new Map<string, string>(Object.entries(CUTS).map(([id, { name }]) => [id, name]));
const nameOf = (cut: string): string => CUT_NAMES.get(cut) ?? cut;

/** Totals. */
const Totals = ({ lines }: { readonly lines: readonly CookLine[] }) => {
  const show = useShow();
  const weighed = lines.filter(({ loss }) => loss !== undefined);
  const paid = lines.flatMap((line) => (line.paid === undefined ? [] : [line]));
  const heat = lines.reduce((sum, { actualSeconds }) => sum + (actualSeconds ?? 0), 0);
  const lost = weighed.reduce((sum, { loss, weight }) => sum + (loss ?? 0) * weight, 0);
  const money = paid.reduce((sum, line) => sum + (line.paid ?? 0), 0);
  const raw = paid.reduce((sum, { weight }) => sum + weight, 0);
  return (
    <Text voice="small" className="border-t border-salt-300 pt-3">
      {`${lines.length} ${lines.length === 1 ? 'cook' : 'cooks'}, ${formatDuration(heat)} over heat.${weighed.length > 0 ? ` ${show.weight(lost)} lost in the ${weighed.length} that were weighed.` : ''}${paid.length > 0 ? ` ${money.toFixed(2)} paid for ${show.weight(raw)} in ${paid.length}.` : ''}`}
    </Text>
  );
};
