import type { PlanRequest } from '@crustan/core/plan/request';
import { useAppSelector } from '../../store/store';
import { Chapter } from './Chapter';
import { OwnTimes } from './ownTimes/OwnTimes';
import { t } from './t';

/** A cook's own times below a plan or below the reason why it fails; open if there are any. */
export const OwnTimesChapter = ({ request }: { readonly request: PlanRequest }) => {
  const said = useAppSelector((state) => state.draft.times !== '');
  return (
    <Chapter
      title={t('your-own-times')}
      says={t('what-they-would-make-of-this-piece')}
      opened={said}
    >
      {() => <OwnTimes request={request} />}
    </Chapter>
  );
};
