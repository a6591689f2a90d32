import { Controller, useForm } from 'react-hook-form';
import { TextInput, View } from 'react-native';
import { SPECIES, TISSUE_NAMES, traitsOf, type Cut } from '@crustan/core/food';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import type { OwnCut } from '@crustan/core/plan/request';
import { kitchenChanged } from '../../../store/kitchenSlice';
import { ownChosen } from '../../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../../store/store';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Measure } from '../../../ui/Measure';
import { Text } from '../../../ui/Text';
import { capital } from '../../../words/cutWords';
import { useShow } from '../../../words/useShow';
import { t } from '../t';

export interface Props {
  /** The piece it starts from. */
  readonly like: Cut;
  readonly onClose: () => void;
}

/** Ranges of the sliders, m and kg. */
const USUAL_SIZES = { thickness: [0.008, 0.12], weight: [0.08, 3] } as const;

const spaced = (name: string): string => capital(name.replaceAll('-', ' '));

/** A piece of the cook's own: how it differs from the one it is most like. */
export const OwnCutForm = ({ like, onClose }: Props) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const own = useAppSelector((state) => state.kitchen.own);
  const known = own.some(({ name }) => name === like.name);
  const { control, handleSubmit, formState } = useForm<OwnCut>({
    defaultValues: known ? like : { ...traitsOf(like), name: '' },
  });
  const others = own.filter(({ name }) => name !== like.name);
  const keep = (piece: OwnCut): void => {
    const named = { ...piece, name: piece.name.trim() };
    const rest = others.filter(({ name }) => name !== named.name);
    dispatch(kitchenChanged({ own: [...rest, named] }));
    dispatch(ownChosen(named));
    onClose();
  };
  return (
    <View className="gap-3">
      <Controller
        control={control}
        name="name"
        rules={{
          validate: (name) => {
            const length = name.trim().length;
            return (length > 0 && length <= 60) || t('give-it-a-name-of-1-to');
          },
        }}
        render={({ field }) => (
          <TextInput
            aria-label={t('what-you-call-it')}
            value={field.value}
            onChangeText={field.onChange}
            placeholder={t('what-you-call-it')}
            className="min-h-touch rounded border border-salt-300 bg-salt-0 px-3 font-text text-16 text-iron-950"
          />
        )}
      />
      {formState.errors.name?.message === undefined ? null : (
        <Text voice="small" role="alert">
          {formState.errors.name.message}
        </Text>
      )}
      <Controller
        control={control}
        name="species"
        render={({ field }) => (
          <Choice
            label={t('animal')}
            value={field.value}
            onChange={field.onChange}
            options={SPECIES.map((value) => ({ value, label: spaced(value) }))}
          />
        )}
      />
      <Controller
        control={control}
        name="game"
        render={({ field }) => (
          <Choice
            label={t('game')}
            value={field.value ?? 'no'}
            onChange={(game) => field.onChange(game === 'no' ? undefined : game)}
            options={[
              { value: 'no', label: t('not-game') },
              { value: 'farmed', label: t('farmed-game'), detail: t('and-inspected') },
              { value: 'wild', label: t('wild-game'), detail: t('or-not-inspected') },
            ]}
          />
        )}
      />
      <Controller
        control={control}
        name="tissue"
        render={({ field }) => (
          <Choice
            label={t('flesh')}
            value={field.value}
            onChange={field.onChange}
            options={TISSUE_NAMES.filter((name) => !/skin|bone|cap/.test(name)).map((value) => ({
              value,
              label: spaced(value),
            }))}
          />
        )}
      />
      <Controller
        control={control}
        name="bone"
        render={({ field }) => (
          <Choice
            label={t('bone')}
            value={field.value === undefined ? 'out' : 'in'}
            onChange={(bone) => field.onChange(bone === 'in' ? (like.bone ?? 0.012) : undefined)}
            options={[
              { value: 'out', label: t('no-bone') },
              { value: 'in', label: t('on-the-bone') },
            ]}
          />
        )}
      />
      <Controller
        control={control}
        name="skin"
        render={({ field }) => (
          <Choice
            label={t('skin')}
            value={
              field.value === undefined ? 'off' : field.value.thickness > 0.003 ? 'fatty' : 'on'
            }
            onChange={(skin) =>
              field.onChange(
                skin === 'off'
                  ? undefined
                  : skin === 'fatty'
                    ? { tissue: 'duck-skin', thickness: 0.006 }
                    : { tissue: 'fish-skin', thickness: 0.001 },
              )
            }
            options={[
              { value: 'off', label: t('no-skin') },
              { value: 'on', label: t('thin-skin') },
              { value: 'fatty', label: t('skin-with-fat-under-it') },
            ]}
          />
        )}
      />
      <Controller
        control={control}
        name="whole"
        render={({ field }) => (
          <Choice
            label={t('for-how-many')}
            value={field.value ? 'whole' : 'piece'}
            onChange={(size) => field.onChange(size === 'whole' ? true : undefined)}
            options={[
              { value: 'piece', label: t('one-or-two') },
              {
                value: 'whole',
                label: t('whole-for-several'),
                detail: t('low-first-browned-after'),
              },
            ]}
          />
        )}
      />
      <Controller
        control={control}
        name="rolled"
        render={({ field }) => (
          <Choice
            label={t('section')}
            value={field.value ? 'rolled' : 'flat'}
            onChange={(section) => field.onChange(section === 'rolled' ? true : undefined)}
            options={[
              { value: 'flat', label: t('flat') },
              { value: 'rolled', label: t('round-lying'), detail: t('rolled-tied-or-a-fillet') },
            ]}
          />
        )}
      />
      {(['thickness', 'weight'] as const).map((kind) => (
        <Controller
          key={kind}
          control={control}
          name={kind}
          render={({ field }) => (
            <Measure
              units={show.units}
              label={t('typical', { kind })}
              named
              kind={kind}
              value={field.value}
              {...PLAN_LIMITS[kind]}
              typical={USUAL_SIZES[kind]}
              onChange={field.onChange}
            />
          )}
        />
      ))}
      <View className="flex-row flex-wrap gap-2">
        <Button label={t('save-this-piece')} onPress={() => void handleSubmit(keep)()} />
        {known ? (
          <Button
            kind="plain"
            label={t('forget-it')}
            onPress={() => {
              dispatch(kitchenChanged({ own: others }));
              onClose();
            }}
          />
        ) : null}
        <Button kind="plain" label={t('back')} onPress={onClose} />
      </View>
    </View>
  );
};
