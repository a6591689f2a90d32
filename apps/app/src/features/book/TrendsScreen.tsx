import { translateName } from '@crustan/messages';
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
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

const ALL = {};

/** Error of plans over time, favourite settings of each piece, losses and costs. */
export const TrendsScreen = () => {
  const { data, error } = useLinesQuery(ALL, { refetchOnMountOrArgChange: true });
  return (
    <BookFrame title={t('trends')}>
      {error ? (
        <Text role="alert">{describeFailure(error)}</Text>
      ) : !data ? (
        <Text tone="text-iron-500">{t('opening-the-logbook')}</Text>
      ) : data.length === 0 ? (
        <Text>{t('no-cooks-yet-the-first-one-begins')}</Text>
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
      t('min', { part: value < 0 ? '−' : '', value: Math.round(Math.abs(value) * 10) / 10 });
    return [
      {
        title: t('pull-delay'),
        why: t('when-it-was-taken-out-by-the'),
        trend: trendOf(lines, (line) => {
          const seconds = pullError(line);
          return seconds === undefined ? undefined : seconds / 60;
        }),
        showValue: minutes,
        zero: 0,
      },
      {
        title: t('the-end-over-what-was-wanted'),
        why: t('measured-peak-minus-target'),
        trend: trendOf(lines, endError),
        showValue: (kelvin: number) =>
          `${kelvin < 0 ? '−' : ''}${show.difference(Math.abs(kelvin))}`,
        zero: 0,
      },
      {
        title: t('lost-by-the-scales'),
        why: t('share-of-the-raw-weight-gone-once'),
        trend: trendOf(lines, ({ loss }) => loss),
        showValue: percent,
      },
      {
        title: t('paid'),
        why: t('what-a-piece-cost-in-your-own'),
        trend: trendOf(lines, ({ paid }) => paid),
        showValue: (value: number) => formatFixed(value, 2),
      },
    ].filter(({ trend }) => trend.value.length > 0);
  }, [lines, show]);
  return (
    <View className="gap-6">
      {charts.map(({ title, why, trend, showValue, zero }) => {
        const last = trend.running.at(-1) ?? 0;
        const first = trend.running[Math.min(LOOKS_BACK, trend.running.length) - 1] ?? last;
        const middle = t('typically-off-over-the-first-over-the', {
          value: showValue(first),
          looksBack: Math.min(LOOKS_BACK, trend.running.length),
          value2: showValue(last),
        });
        const says =
          zero === 0 && trend.value.length > LOOKS_BACK
            ? middle
            : t('over-the-last', {
                part: zero === 0 ? t('typically-off-by') : t('typically'),
                value: showValue(last),
                looksBack: Math.min(LOOKS_BACK, trend.value.length),
              });
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
              says={t('of-cooks', { title, valueCount: trend.value.length, says })}
            />
          </View>
        );
      })}
      <Text voice="note" tone="text-iron-500">
        {t('open-dots-planned-with-nominal-values')}
      </Text>
      {liked.length === 0 ? null : (
        <View className="gap-1 border-t border-salt-300 pt-3">
          <Text voice="head" heading={2}>
            {t('liked-best')}
          </Text>
          <Text voice="small" tone="text-iron-500">
            {t('what-the-cooks-you-would-have-again')}
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
                  {t('pan-to', {
                    words: WAY_NAMES[one.way],
                    thickness: show.thickness(one.thickness),
                    temperature: show.temperature(one.pan),
                    temperature2: show.temperature(one.target),
                  })}
                </Text>
                <Text voice="note" tone="text-iron-500">
                  {t('of', { liked: one.liked, cooks: one.cooks })}
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
const nameOf = (cut: string): string => translateName(CUT_NAMES.get(cut) ?? cut);

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
      {t('over-heat', {
        linesCount: lines.length,
        duration: formatDuration(heat),
        part:
          weighed.length > 0
            ? t('lost-in-the-that-were-weighed', {
                weight: show.weight(lost),
                weighedCount: weighed.length,
              })
            : '',
        part2:
          paid.length > 0
            ? t('paid-for-in', {
                money: formatFixed(money, 2),
                weight: show.weight(raw),
                paidCount: paid.length,
              })
            : '',
      })}
    </Text>
  );
};
