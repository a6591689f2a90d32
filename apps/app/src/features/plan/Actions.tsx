import { memo } from 'react';
import { useWindowDimensions } from 'react-native';
import type { Way } from '@crustan/core/plan/way';
import { WIDE } from '../../ui/wide';
import { PlanActions } from './PlanActions';
import { usePlanRecord } from './usePlanRecord';
import { t } from './t';

interface Props {
  readonly way: Way;
  /** ms since 1970. */
  readonly plateAt: number;
}

const KEEP = { keep: t('save-this-plan') } as const;
const WHAT = { ...KEEP, start: t('start-at-the-stove') } as const;

/** Actions on the chosen plan; on a phone the bar at the bottom has the start. */
export const Actions = memo(function Actions({ way, plateAt }: Props) {
  const record = usePlanRecord(way, plateAt);
  const wide = useWindowDimensions().width >= WIDE;
  return <PlanActions record={record} what={wide ? WHAT : KEEP} />;
});
