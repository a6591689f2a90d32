import { translateName } from '@crustan/messages';
import { useState } from 'react';
import { View } from 'react-native';
import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import type { DrillCard } from '@crustan/core/simulation/drillCard';
import { Button } from '../../../ui/Button';
import { Slice } from '../../../ui/Slice';
import { wakeSound } from '../../../ui/sound';
import { SoundMeter } from '../../../ui/SoundMeter';
import { Text } from '../../../ui/Text';
import { useSizzle } from '../../../ui/useSizzle';
import { FIRMNESS_WORDS } from '../../../words/firmnessWords';
import { capital } from '../../../words/cutWords';
import { sliceOf } from '../../../words/sliceOf';
import { useShow } from '../../../words/useShow';
import { SIGN_WORDS } from './drillWords';
import { t } from '../t';

interface Props {
  readonly card: DrillCard;
  /** px */
  readonly width: number;
}

/** Clues of a drill. */
export const DrillCardShown = ({ card, width }: Props) => {
  switch (card.kind) {
    case 'touch':
      return <Touch card={card} />;
    case 'slice':
      return <Sliced card={card} width={width} />;
    case 'pan':
      return <Iron card={card} />;
  }
};

type Of<K extends DrillCard['kind']> = Extract<DrillCard, { kind: K }>;

const WhatItIs = ({ request }: { readonly request: PlanRequest }) => {
  const show = useShow();
  return (
    <Text tone="text-iron-400">
      {capital(`${translateName(cutOf(request).name)}, ${show.thickness(request.thickness)}`)}
    </Text>
  );
};

const Touch = ({ card: { request, firmness } }: { readonly card: Of<'touch'> }) => {
  return (
    <View className="gap-2">
      <WhatItIs request={request} />
      <Text voice="action" tone="text-salt-50">
        {t('under-the-finger', { firmness: FIRMNESS_WORDS[firmness] })}
      </Text>
    </View>
  );
};

const Sliced = ({
  card: { request, plan, slices },
  width,
}: {
  readonly card: Of<'slice'>;
  readonly width: number;
}) => {
  return (
    <View className="gap-2">
      <WhatItIs request={request} />
      <View className="items-center">
        <Slice
          figures={sliceOf(plan, slices)}
          maxWidth={width}
          maxHeight={220}
          says={t('a-slice-of-its-middle-is-for', {
            name: translateName(cutOf(request).name).toLowerCase(),
          })}
        />
      </View>
    </View>
  );
};

const Iron = ({ card: { signs, loudness } }: { readonly card: Of<'pan'> }) => {
  const [laid, setLaid] = useState(false);
  const level = laid ? loudness : 0;
  const heard = useSizzle(laid, level);
  return (
    <View className="gap-3">
      {signs.length === 0 ? (
        <Text voice="bigFigure" tone="text-salt-50">
          {t('a-drop-of-water-only-sits-there')}
        </Text>
      ) : (
        signs.map((sign) => (
          <Text key={sign} voice="bigFigure" tone="text-salt-50">
            {SIGN_WORDS[sign]}
          </Text>
        ))
      )}
      <Button
        kind="stovePlain"
        label={laid ? t('take-it-out-again') : t('lay-a-wet-piece-in-and-listen')}
        onPress={() => {
          wakeSound();
          setLaid(!laid);
        }}
      />
      <SoundMeter says={t('how-loud-it-is')} level={level} heard={heard} />
    </View>
  );
};
