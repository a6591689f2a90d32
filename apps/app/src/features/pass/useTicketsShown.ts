import { useMemo } from 'react';
import type { LineNow } from '@crustan/core/pass/lineNow';
import type { PassNow } from './usePass';

/** State of a service that the list of tickets shows. It does not change every second. */
export interface TicketsShown extends Pick<
  PassNow,
  'state' | 'dishes' | 'lacks' | 'gear' | 'schedule' | 'on' | 'momentOf'
> {
  readonly line: Pick<LineNow, 'epoch'>;
}

export const useTicketsShown = ({
  state,
  dishes,
  lacks,
  gear,
  schedule,
  on,
  momentOf,
  line: { epoch },
}: PassNow): TicketsShown =>
  useMemo(
    () => ({ state, dishes, lacks, gear, schedule, on, momentOf, line: { epoch } }),
    [state, dishes, lacks, gear, schedule, on, momentOf, epoch],
  );
