import { memo, useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { preheat } from '@crustan/core/gear/preheat';
import type { CookPlan } from '@crustan/core/plan';
import { cutOf } from '@crustan/core/plan/request';
import { showDuration } from '@crustan/core/units';
import { panInUse } from '../../store/kitchenSlice';
import { useAppSelector } from '../../store/store';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { Buying } from './Buying';
import { Carving } from './Carving';
import { OwnTimes } from './OwnTimes';
import { PanAndFat } from './PanAndFat';
import { RestAndServe } from './RestAndServe';

interface ChapterProps {
  readonly title: string;
  readonly says: string;
  readonly children: () => ReactNode;
}

/** One line that says the answer, and opens into how it is known. */
const Chapter = ({ title, says, children }: ChapterProps) => {
  const [open, setOpen] = useState(false);
  return (
    <View className="border-t border-salt-200">
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        className="min-h-touch flex-row items-baseline justify-between gap-3 py-3"
      >
        <Text voice="strong">{title}</Text>
        <Text voice="small" tone="text-iron-500" className="flex-1 text-right">
          {open ? 'close' : says}
        </Text>
      </Pressable>
      {open ? <View className="pb-4">{children()}</View> : null}
    </View>
  );
};

/** What else a plan knows: the pan and its fat, the rest and the knife, the shop. */
export const Chapters = memo(function Chapters({ plan }: { readonly plan: CookPlan }) {
  const show = useShow();
  const pan = useAppSelector((state) => state.kitchen);
  const warming = preheat(panInUse(pan), plan.request.pan);
  return (
    <View className="border-b border-salt-200">
      <Chapter
        title="Pan and fat"
        says={
          warming.reached
            ? `${showDuration(Math.round(warming.seconds / 30) * 30)} to ${show.degrees(plan.request.pan)}`
            : 'the burner is too weak'
        }
      >
        {() => <PanAndFat request={plan.request} />}
      </Chapter>
      <Chapter
        title="Rest and serve"
        says={`peaks ${show.degrees(plan.peakCore)}, slice after ${showDuration(plan.restSeconds)}`}
      >
        {() => <RestAndServe plan={plan} />}
      </Chapter>
      <Chapter title="Your own times" says="what they would make of this piece">
        {() => <OwnTimes request={plan.request} />}
      </Chapter>
      {cutOf(plan.request).whole ? (
        <Chapter title="Carving" says="for how many, and how much each">
          {() => <Carving plan={plan} />}
        </Chapter>
      ) : null}
      <Chapter title="Buying" says="how thick, how many, what it costs">
        {() => <Buying plan={plan} />}
      </Chapter>
    </View>
  );
});
