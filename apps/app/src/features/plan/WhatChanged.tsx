import { formatList } from '@crustan/messages';
import { useState } from 'react';
import type { CookPlan } from '@crustan/core/plan';
import { namedBrowning } from '@crustan/core/plan/crustComplaint';
import { formatDuration } from '@crustan/core/units';
import { Text } from '../../ui/Text';
import type { Show } from '../../words/show';
import { useShow } from '../../words/useShow';
import { describeCrust } from '../../words/judgedWords';
import { t } from './t';

/** Changes that are too small to be shown: s, K, m. */
const SAME = { seconds: 5, kelvin: 0.5, depth: 0.0005 } as const;

/** Differences between two plans, in the cook's words. */
export const describeChanges = (before: CookPlan, now: CookPlan, show: Show): readonly string[] => {
  const said: string[] = [];
  const seconds = now.cookSeconds - before.cookSeconds;
  if (Math.abs(seconds) >= SAME.seconds) {
    const rounded = formatDuration(Math.round(Math.abs(seconds) / 5) * 5);
    said.push(`${rounded} ${seconds > 0 ? t('longer-2') : t('shorter-2')}`);
  }
  const pull = now.pullCore - before.pullCore;
  if (Math.abs(pull) >= SAME.kelvin) {
    said.push(
      t('pulled', {
        difference: show.difference(Math.abs(pull)),
        part: pull > 0 ? t('hotter') : t('cooler'),
      }),
    );
  }
  const grey = now.greyBand - before.greyBand;
  if (Math.abs(grey) >= SAME.depth) {
    said.push(
      t('grey', { depth: show.depth(Math.abs(grey)), part: grey > 0 ? t('more') : t('less') }),
    );
  }
  const crust = describeCrust(namedBrowning(now), now.request);
  if (crust !== describeCrust(namedBrowning(before), before.request))
    said.push(t('the-crust', { crust }));
  return said;
};

/** Effect of the last change on the plan. */
export const WhatChanged = ({ plan }: { readonly plan: CookPlan }) => {
  const show = useShow();
  const [seen, setSeen] = useState<{ readonly before?: CookPlan; readonly now: CookPlan }>({
    now: plan,
  });
  if (seen.now !== plan) {
    // A finer answer to the same request is not a change by the cook.
    const same = JSON.stringify(seen.now.request) === JSON.stringify(plan.request);
    setSeen({ ...(same ? seen : { before: seen.now }), now: plan });
  }
  const { before, now } = seen;
  const alike = before?.request.cut === now.request.cut && before.request.way === now.request.way;
  if (!before || !alike) return null;
  const changes = describeChanges(before, now, show);
  return (
    <Text voice="small" role="status">
      {t('by-the-last-change', {
        part: changes.length === 0 ? t('nothing-to-speak-of') : formatList(changes),
      })}
    </Text>
  );
};
