import type { CookState } from '@crustan/core/cook/cookState';
import type { CookEvent } from '@crustan/core/cook/event';
import { View } from 'react-native';
import { Button } from '../../ui/Button';
import { useShow } from '../../words/useShow';
import { EVENT_WORDS } from '../../words/eventWords';
import { t } from './t';

interface TakeBackProps {
  readonly state: CookState;
  readonly press: (event: CookEvent) => void;
  readonly fresh: () => { readonly id: string; readonly at: number };
}

/** Takes the last press back: undo rather than a question. */
export const TakeBack = ({ state, press, fresh }: TakeBackProps) => {
  const show = useShow();
  const { lastPress } = state;
  if (!lastPress) return null;
  return (
    <View className="flex-1">
      <Button
        kind="stovePlain"
        label={t('take-back', {
          name: EVENT_WORDS[lastPress.kind].name,
          clockSeconds: show.clockSeconds(lastPress.at),
        })}
        onPress={() => press({ ...fresh(), kind: 'undo', of: lastPress.id })}
      />
    </View>
  );
};
