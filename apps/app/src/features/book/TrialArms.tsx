import { View, useWindowDimensions } from 'react-native';
import { loggedCookOf } from '@crustan/core/formats/loggedCookOf';
import { weighedLoss } from '@crustan/core/formats/judgementSchema';
import type { CookRecord } from '@crustan/core/formats';
import { cookState } from '@crustan/core/cook/cookState';
import { palestBrowning } from '@crustan/core/plan/palestBrowning';
import { showDuration } from '@crustan/core/units';
import { Slice } from '../../ui/Slice';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import { sliceOf } from '../../words/sliceOf';
import { useShow } from '../../words/useShow';
import { useReplay } from './useReplay';
import { describeCrust, describeJudged } from '../../words/judgedWords';
import { formatLoss } from '../../words/formatLoss';
import { t } from './t';

/** One piece of a trial that has been cooked. */
export interface CookedArm {
  readonly label: string;
  readonly cook: CookRecord;
}

const percent = (share: number | undefined): string =>
  share === undefined ? '–' : `${Math.round(share * 100)} %`;

/** The pieces beside each other: measured over simulated. */
export const TrialArms = ({ arms }: { readonly arms: readonly CookedArm[] }) => (
  <View className="flex-row flex-wrap gap-6">
    {arms.map((arm) => (
      <Arm key={arm.cook.id} arm={arm} count={arms.length} />
    ))}
  </View>
);

const Arm = ({
  arm: { label, cook },
  count,
}: {
  readonly arm: CookedArm;
  readonly count: number;
}) => {
  const show = useShow();
  const { width } = useWindowDimensions();
  const { plannedIn } = loggedCookOf(cook);
  const found = useReplay(cook, plannedIn);
  const { plan } = cook.plan;
  const shown = found?.plan ?? plan;
  const said = cook.judgement;
  const state = cookState(plan, plannedIn, cook.events);
  const heat =
    state.inAt === undefined || state.pulledAt === undefined
      ? undefined
      : (state.pulledAt - state.inAt) / 1000;
  const room = Math.min(width - 32, 1068) / Math.min(count, width < 700 ? 2 : 3) - 24;
  const lines: readonly (readonly [string, string, string])[] = [
    [
      t('end'),
      said?.endTemperature === undefined ? '–' : show.degrees(said.endTemperature, 1),
      show.degrees(shown.peakCore, 1),
    ],
    [
      t('over-heat-2'),
      heat === undefined ? '–' : showDuration(heat),
      showDuration(plan.cookSeconds),
    ],
    [
      t('crust-2'),
      describeJudged(said?.crust),
      describeCrust(palestBrowning(shown), shown.request),
    ],
    [t('grey-band'), describeJudged(said?.greyBand), show.depth(shown.greyBand)],
    [t('lost'), percent(said && weighedLoss(said)), formatLoss(shown)],
    [t('crunch'), describeJudged(said?.crunch), ''],
    [t('juice'), describeJudged(said?.juice), ''],
    [t('tender'), describeJudged(said?.tenderness), ''],
    [t('salt'), describeJudged(said?.seasoning), ''],
  ];
  return (
    <View style={{ width: Math.max(150, room) }} className="gap-2">
      <Text voice="head" heading={2}>
        {capital(label)}
      </Text>
      {found ? (
        <Slice
          figures={sliceOf(found.plan, found.slices)}
          maxWidth={Math.max(150, room)}
          maxHeight={90}
          says={t('slice-of-simulated-with-its-times-ending', {
            label,
            temperature: show.temperature(found.plan.peakCore),
          })}
        />
      ) : (
        <View style={{ height: 60 }} />
      )}
      <View role="table" aria-label={t('measured-and-simulated', { label })}>
        <View role="row" className="flex-row border-b border-iron-950">
          <Text role="columnheader" voice="note" tone="text-iron-500" className="w-[30%]">
            {t('what-2')}
          </Text>
          <Text role="columnheader" voice="note" className="flex-1">
            {t('measured')}
          </Text>
          <Text role="columnheader" voice="note" tone="text-iron-500" className="flex-1">
            {t('simulated')}
          </Text>
        </View>
        {lines.map(([name, measured, simulated]) => (
          <View key={name} role="row" className="flex-row border-b border-salt-200 py-1">
            <Text role="rowheader" voice="note" tone="text-iron-500" className="w-[30%]">
              {name}
            </Text>
            <Text role="cell" voice="label" className="flex-1">
              {measured}
            </Text>
            <Text role="cell" voice="small" tone="text-iron-500" className="flex-1">
              {simulated}
            </Text>
          </View>
        ))}
      </View>
    </View>
  );
};
