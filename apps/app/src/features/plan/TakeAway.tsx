import { translateName } from '@crustan/messages';
import { useState } from 'react';
import { View } from 'react-native';
import { useRouter } from 'expo-router';
import { fatOf } from '@crustan/core/gear/fats';
import type { CookPlan } from '@crustan/core/plan';
import type { PlanRequest } from '@crustan/core/plan/request';
import { useAppStore } from '../../store/store';
import { Button } from '../../ui/Button';
import { saveFile } from '../../ui/saveFile';
import { Text } from '../../ui/Text';
import { pieceName, planTitle } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { linkOf } from '../../words/planLink';
import type { RunLine } from './runLine';
import { t } from './t';

interface Props {
  readonly plan: CookPlan;
  readonly plateAt: number;
  readonly inAt: number;
  readonly lines: readonly RunLine[];
}

/** Tells the runs of different pieces for one plate apart; the same run has the same id again. */
const runId = ({ cut, own, way, thickness, weight, target, pan, start }: PlanRequest): string =>
  [
    own?.name.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-') ?? cut,
    way,
    Math.round(thickness * 1e4),
    Math.round(weight * 1e4),
    ...[target, pan, start].map((celsius) => Math.round(celsius * 10)),
  ].join('-');

/** The run taken elsewhere: a calendar with alarms, a printed page, a link, a file. */
export const TakeAway = ({ plan, plateAt, inAt, lines }: Props) => {
  const show = useShow();
  const store = useAppStore();
  const router = useRouter();
  const [said, setSaid] = useState<string>();
  const title = planTitle(plan.request, show);
  const calendar = async (): Promise<void> => {
    const { runCalendar } = await import('../../words/runCalendar');
    const text = runCalendar(
      title,
      lines.map(({ at, does, why, hands }) => ({
        at: inAt + at * 1000,
        does,
        why,
        alarm: hands === 'on' || /^(Into|Oven|Dry pan|Out)/.test(does),
      })),
      plateAt,
      runId(plan.request),
      linkOf(store.getState().draft.request, store.getState().draft.plate),
    );
    saveFile('crustan-run.ics', 'text/calendar', text);
    setSaid(t('the-calendar-file-is-saved-every-step'));
  };
  /** For other programs that read recipes. */
  const recipe = async (): Promise<void> => {
    const { writeRecipe } = await import('@crustan/core/formats/recipe');
    const { keptPlan } = await import('@crustan/core/formats');
    const { request } = plan;
    const text = writeRecipe({
      title,
      plan: keptPlan(plan),
      before: -Math.min(0, ...lines.map(({ at }) => at)),
      servings: request.pieces === 1 ? t('1-piece') : t('pieces', { pieces: request.pieces }),
      ingredients: [
        `${request.pieces} × ${pieceName(request)}, ${show.thickness(request.thickness)}, ${show.weight(request.weight)}`,
        t('salt', { weight: show.weight(request.weight * request.salt * request.pieces) }),
        translateName(fatOf(request.fat).name),
      ],
      steps: lines.map(({ does, why }) => ({ name: does, text: `${does}. ${why}` })),
    });
    saveFile('crustan-recipe.json', 'application/ld+json', text);
    setSaid(t('the-recipe-is-saved-schema-orgs-as'));
  };
  const share = async (): Promise<void> => {
    // The current sentence, even while its plan is computed.
    const { request, plate } = store.getState().draft;
    const link = linkOf(request, plate);
    try {
      await navigator.clipboard.writeText(link);
      setSaid(t('the-link-is-copied-whoever-opens-it'));
    } catch {
      setSaid(link);
    }
  };
  const file = (): void => {
    const written = {
      format: 'crustan-plan/1',
      ...store.getState().draft.request,
      plateAt: new Date(plateAt).toISOString(),
    };
    saveFile('crustan-plan.json', 'application/json', `${JSON.stringify(written, null, 2)}\n`);
    setSaid(t('the-plan-file-is-saved'));
  };
  return (
    <View className="no-print gap-2">
      <View className="flex-row flex-wrap gap-2">
        <Button kind="plain" label={t('to-a-calendar')} onPress={() => void calendar()} />
        <Button kind="plain" label={t('print')} onPress={() => globalThis.print()} />
        <Button kind="plain" label={t('copy-a-link')} onPress={() => void share()} />
        <Button kind="plain" label={t('save-as-a-file')} onPress={file} />
        <Button kind="plain" label={t('as-a-recipe')} onPress={() => void recipe()} />
        <Button kind="plain" label={t('time-chart')} onPress={() => router.push('/card')} />
      </View>
      {said === undefined ? null : (
        <Text voice="small" role="status" selectable>
          {said}
        </Text>
      )}
    </View>
  );
};
