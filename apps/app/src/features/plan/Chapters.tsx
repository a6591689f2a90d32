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
import { t } from './t';

/** Chapters below a plan: the pan and its fat, rest and carving, buying. */
export const Chapters = memo(function Chapters({ plan }: { readonly plan: CookPlan }) {
  const show = useShow();
  const pan = useAppSelector((state) => state.kitchen);
  const warming = preheat(panInUse(pan), plan.request.pan);
  return (
    <View className="border-b border-salt-200">
      <Chapter
        title={t('pan-and-fat')}
        says={
          warming.reached
            ? t('to-2', {
                duration: showDuration(Math.round(warming.seconds / 30) * 30),
                degrees: show.degrees(plan.request.pan),
              })
            : t('the-burner-is-too-weak')
        }
      >
        {() => <PanAndFat request={plan.request} />}
      </Chapter>
      <Chapter
        title={t('rest-and-serve')}
        says={t('peaks-slice-after', {
          degrees: show.degrees(plan.peakCore),
          duration: showDuration(plan.restSeconds),
        })}
      >
        {() => <RestAndServe plan={plan} />}
      </Chapter>
      <OwnTimesChapter request={plan.request} />
      {cutOf(plan.request).whole ? (
        <Chapter title={t('carving')} says={t('for-how-many-and-how-much-each')}>
          {() => <Carving plan={plan} />}
        </Chapter>
      ) : null}
      <Chapter title={t('buying')} says={t('how-thick-how-many-what-it-costs')}>
        {() => <Buying plan={plan} />}
      </Chapter>
    </View>
  );
});
