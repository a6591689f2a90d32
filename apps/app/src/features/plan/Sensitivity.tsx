import { memo } from 'react';
import { View } from 'react-native';
import type { InputChange, InputSpread, PlanSpread } from '@crustan/core/plan';
import type { PlanRequest } from '@crustan/core/plan/request';
import { formatDuration } from '@crustan/core/units';
import { Text } from '../../ui/Text';
import type { Show } from '../../words/show';
import { useShow } from '../../words/useShow';
import { useAsked } from '../../workers/useAsked';
import { inputWords } from './planFigures';
import { t } from './t';

/** Input to measure better if it has the largest effect. */
const BETTER: Readonly<Record<InputSpread['input'], string>> = {
  thickness: t('measure-the-thickest-part-with-a-ruler'),
  contact: t('dry-it-well-and-press-it-flat'),
  start: t('put-the-thermometer-in-before-it-goes'),
  pan: t('point-an-infrared-gun-at-the-middle'),
  burner: t('time-how-long-the-empty-pan-takes'),
  ovenHeat: t('leave-a-probe-in-how-fast-the'),
  oven: t('hang-a-thermometer-by-the-rack-the'),
};

/** An input that moves the time by less is not worth a line, s. */
const LEAST_SHOWN = 1;

/** The strips, which input matters most, and what moving each would change. */
export const Sensitivity = memo(function Sensitivity({
  request,
  spread,
}: {
  readonly request: PlanRequest;
  readonly spread: PlanSpread;
}) {
  const show = useShow();
  const changes = useAsked('changes', request);
  const most = Math.max(...spread.inputs.map(({ seconds }) => Math.abs(seconds)), 1);
  const first = spread.inputs[0];
  const shown = spread.inputs.filter(({ seconds }) => Math.abs(seconds) >= LEAST_SHOWN);
  return (
    <View className="gap-2">
      <Text voice="head" heading={2}>
        {t('what-matters-most')}
      </Text>
      {spread.flat ? <Text voice="small">{t('the-end-hardly-depends-on-the-time')}</Text> : null}
      <View role="list" className="gap-1">
        {shown.map(({ input, error, seconds }) => (
          <View key={input} role="listitem" className="flex-row items-center gap-3">
            <Text voice="small" className="w-[9.375rem]">
              {inputWords(input, error, show)}
            </Text>
            <View className="h-2 flex-1">
              <View
                className="h-2 bg-iron-700"
                style={{ width: `${Math.max(2, (100 * Math.abs(seconds)) / most)}%` }}
              />
            </View>
            <Text voice="figure" className="w-[4rem] text-right">
              {`±${formatShort(seconds)}`}
            </Text>
          </View>
        ))}
      </View>
      {first ? <Text voice="small">{BETTER[first.input]}</Text> : null}
      {changes ? (
        <View role="list" aria-label={t('what-if')}>
          {changes.map((change) => (
            <Text key={change.input} voice="small" tone="text-iron-500" role="listitem">
              {describeChange(change, request, show)}
            </Text>
          ))}
        </View>
      ) : null}
    </View>
  );
});

const formatShort = (seconds: number): string => {
  const whole = Math.abs(Math.round(seconds));
  return whole < 100 ? t('s', { whole }) : t('min', { value: Math.round(whole / 60) });
};

const CHANGES: Readonly<
  Record<InputChange['input'], (by: number, request: PlanRequest, show: Show) => string>
> = {
  thickness: (by, _request, show) => t('if-it-were-thicker', { thickness: show.thickness(by) }),
  start: (by, _request, show) =>
    t('if-it-began-warmer', { wholeDifference: show.wholeDifference(by) }),
  pan: (by, _request, show) => t('in-a-pan-hotter', { wholeDifference: show.wholeDifference(by) }),
  oven: (by, _request, show) =>
    t('in-an-oven-hotter', { wholeDifference: show.wholeDifference(by) }),
  cover: (_by, request) => (request.cover === 'open' ? t('wrapped-in-the-rest') : t('rested-open')),
};

const describeChange = (
  { input, by, seconds }: InputChange,
  request: PlanRequest,
  show: Show,
): string => {
  if (seconds === undefined)
    return t('it-would-not-work', { part: CHANGES[input](by, request, show) });
  const moved = Math.round(seconds / 5) * 5;
  const says =
    moved === 0
      ? t('the-same')
      : `${formatDuration(Math.abs(moved))} ${moved > 0 ? t('more') : t('less')}`;
  return `${CHANGES[input](by, request, show)}: ${says}.`;
};
