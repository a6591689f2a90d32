import { Controller, useForm } from 'react-hook-form';
import { TextInput, View } from 'react-native';
import type { Side } from '@crustan/core/schedule';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { t } from './t';

interface Typed {
  readonly name: string;
  readonly handsOn: string;
  readonly handsOff: string;
  readonly needs: Side['needs'];
}

const minutesRule = (most: number) => ({
  validate: (typed: string): string | true => {
    const minutes = Number(typed.replace(',', '.'));
    return (
      (typed.trim() !== '' && minutes >= 0 && minutes <= most) || t('from-0-to-minutes', { most })
    );
  },
});

const FIELD =
  'min-h-touch rounded border border-salt-300 bg-salt-0 px-3 font-text text-16 text-iron-950';

/** A side of the cook's own. */
export const OwnSide = ({ onAdd }: { readonly onAdd: (side: Side) => void }) => {
  const { control, handleSubmit, reset, formState } = useForm<Typed>({
    defaultValues: { name: '', handsOn: '5', handsOff: '10', needs: 'burner' },
  });
  const add = (typed: Typed): void => {
    const seconds = (minutes: string): number => Number(minutes.replace(',', '.')) * 60;
    onAdd({
      name: typed.name.trim(),
      handsOn: seconds(typed.handsOn),
      handsOff: seconds(typed.handsOff),
      needs: typed.needs,
      keeps: 600,
    });
    reset();
  };
  const { errors } = formState;
  const wrong = errors.name?.message ?? errors.handsOn?.message ?? errors.handsOff?.message;
  return (
    <View className="gap-2">
      <Controller
        control={control}
        name="name"
        rules={{
          validate: (name) =>
            (name.trim() !== '' && name.trim().length <= 60) || t('name-it-in-at-most-60-letters'),
        }}
        render={({ field }) => (
          <TextInput
            aria-label={t('name-of-the-side')}
            placeholder={t('something-else')}
            value={field.value}
            onChangeText={field.onChange}
            className={FIELD}
          />
        )}
      />
      <View className="flex-row gap-2">
        {(['handsOn', 'handsOff'] as const).map((name) => (
          <View key={name} className="flex-1 gap-1">
            <Text voice="note" tone="text-iron-500">
              {name === 'handsOn' ? t('min-of-hands') : t('min-by-itself')}
            </Text>
            <Controller
              control={control}
              name={name}
              rules={minutesRule(600)}
              render={({ field }) => (
                <TextInput
                  aria-label={name === 'handsOn' ? t('minutes-of-hands') : t('minutes-by-itself')}
                  inputMode="decimal"
                  value={field.value}
                  onChangeText={field.onChange}
                  className={FIELD}
                />
              )}
            />
          </View>
        ))}
      </View>
      <Controller
        control={control}
        name="needs"
        render={({ field }) => (
          <Choice
            label={t('it-needs')}
            value={field.value}
            onChange={field.onChange}
            options={[
              { value: 'nothing', label: t('nothing-hot') },
              { value: 'burner', label: t('a-burner') },
              { value: 'oven', label: t('the-oven') },
              { value: 'pan', label: t('the-pieces-pan') },
            ]}
          />
        )}
      />
      {wrong === undefined ? null : (
        <Text voice="small" role="alert">
          {wrong}
        </Text>
      )}
      <View className="items-start">
        <Button kind="plain" label={t('add-it')} onPress={() => void handleSubmit(add)()} />
      </View>
    </View>
  );
};
