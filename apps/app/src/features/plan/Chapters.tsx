import { memo } from 'react';
import { View } from 'react-native';
import { preheat } from '@crustan/core/gear/preheat';
import type { CookPlan } from '@crustan/core/plan';
import { cutOf } from '@crustan/core/plan/request';
import { showDuration } from '@crustan/core/units';
import { panInUse } from '../../store/kitchenSlice';
import { useAppSelector } from '../../store/store';
import { useShow } from '../../words/useShow';
import { Buying } from './Buying';
import { Carving } from './Carving';
import { Chapter } from './Chapter';
import { OwnTimesChapter } from './OwnTimesChapter';
import { PanAndFat } from './PanAndFat';
import { RestAndServe } from './RestAndServe';

/** Chapters below a plan: the pan and its fat, rest and carving, buying. */
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
      <OwnTimesChapter request={plan.request} />
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
