import { View } from 'react-native';
import type { CookRecord } from '@crustan/core/formats';
import { weighedLoss } from '@crustan/core/formats/judgementSchema';
import type { CookPlan } from '@crustan/core/plan';
import { Text } from '../../ui/Text';
import { describeJudged } from '../../words/judgedWords';
import { useShow } from '../../words/useShow';
import { formatLoss } from '../../words/formatLoss';
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

interface Props {
  readonly cook: CookRecord;
  /** Simulation with the actual times. */
  readonly replayed: Pick<CookPlan, 'evaporated' | 'dripped' | 'greyBand'> | undefined;
}

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** The cook's judgement, one line for each entry. */
export const Judged = ({ cook, replayed }: Props) => {
  const show = useShow();
  const { judgement: said } = cook;
  if (!said) return null;
  const loss = weighedLoss(said);
  const simulated = replayed ?? cook.plan.plan;
  const lines = [
    [t('doneness'), said.doneness],
    [t('under-the-knife'), said.crunch && describeJudged(said.crunch)],
    [t('grey-band'), said.greyBand && describeJudged(said.greyBand)],
    [
      t('grey-band-by-the-photograph'),
      said.greyDepths &&
        t('grey-band-and-model', {
          upper: show.depth(said.greyDepths.upper),
          lower: show.depth(said.greyDepths.lower),
          model: show.depth(simulated.greyBand),
        }),
    ],
    [t('juice'), said.juice && describeJudged(said.juice)],
    [t('to-the-teeth'), said.tenderness && describeJudged(said.tenderness)],
    [t('salt'), said.seasoning && describeJudged(said.seasoning)],
    [t('again'), said.again && describeJudged(said.again)],
    [
      t('weighed'),
      said.weightBefore === undefined
        ? undefined
        : `${show.weight(said.weightBefore)}${said.weightAfter === undefined ? '' : ` → ${show.weight(said.weightAfter)}`}`,
    ],
    [
      t('lost'),
      loss === undefined
        ? undefined
        : t('the-model-had', { percent: percent(loss), loss: formatLoss(simulated) }),
    ],
    [t('cost'), said.paid === undefined ? undefined : formatFixed(said.paid, 2)],
  ].flatMap(([name, value]) => (name === undefined || value === undefined ? [] : [[name, value]]));
  return (
    <View className="gap-3">
      {lines.length === 0 ? null : (
        <View className="flex-row flex-wrap gap-x-6 gap-y-2">
          {lines.map(([name, value]) => (
            <View key={name} className="max-w-full">
              <Text voice="figure">{value}</Text>
              <Text voice="note" tone="text-iron-500">
                {name}
              </Text>
            </View>
          ))}
        </View>
      )}
      {said.notes ? (
        <View className="border-l-4 border-salt-300 pl-4">
          <Text>{said.notes}</Text>
        </View>
      ) : null}
    </View>
  );
};
