import { useState } from 'react';
import { Controller, useForm, type Control } from 'react-hook-form';
import { zodResolver } from '@hookform/resolvers/zod';
import { TextInput, View } from 'react-native';
import {
  CRUNCH_FELT,
  CRUST_SEEN,
  GREY_BAND_SEEN,
  JUICE_SEEN,
  SEASONING_TASTED,
  TENDERNESS_FELT,
  WOULD_COOK_AGAIN,
  type Judgement,
} from '@crustan/core/formats/judgementSchema';
import { UNITS } from '@crustan/core/units';
import { Button } from '../ui/Button';
import { Choice } from '../ui/Choice';
import { Text } from '../ui/Text';
import { describeJudged } from '../words/judgedWords';
import { useShow } from '../words/useShow';
import { judgeSchema, typedOf, type TypedJudgement } from './judgeSchema';
import { INK } from '../ui/ink';
import { t } from '../t';

export interface Props {
  readonly onJudge: (judgement: Judgement) => void;
  readonly busy: boolean;
  /** The words of the kitchen's scale, rarest first. */
  readonly doneness: readonly string[];
  /** Judgement that was saved before. */
  readonly said?: Judgement | undefined;
  readonly onIron?: boolean;
}

/** Asked first; the rest is there for who wants it. */
const FIRST = [
  ['crust', t('the-crust-came-out'), CRUST_SEEN],
  ['again', t('cook-it-this-way-again'), WOULD_COOK_AGAIN],
] as const;
const REST = [
  ['crunch', t('under-the-knife-it-was'), CRUNCH_FELT],
  ['greyBand', t('grey-under-the-crust'), GREY_BAND_SEEN],
  ['juice', t('juice-on-the-board'), JUICE_SEEN],
  ['tenderness', t('tenderness'), TENDERNESS_FELT],
  ['seasoning', t('salt'), SEASONING_TASTED],
] as const;

interface FieldProps {
  readonly control: Control<TypedJudgement, unknown, Judgement>;
  readonly name: 'end' | 'before' | 'after' | 'paid' | 'notes';
  readonly label: string;
  readonly placeholder?: string;
  readonly error: string | undefined;
  readonly onIron: boolean;
}

const tones = (onIron: boolean) => ({
  text: onIron ? 'text-salt-50' : 'text-iron-950',
  box: onIron
    ? 'border-iron-500 bg-iron-900 text-salt-50'
    : 'border-salt-300 bg-salt-0 text-iron-950',
});

/** A line to type in, with what is wrong under it. */
const Field = ({ control, name, label, placeholder, error, onIron }: FieldProps) => {
  const { text, box } = tones(onIron);
  const long = name === 'notes';
  return (
    <View className="min-w-[8.25rem] flex-1 gap-1">
      <Text tone={text}>{label}</Text>
      <Controller
        control={control}
        name={name}
        render={({ field }) => (
          <TextInput
            aria-label={label}
            aria-invalid={error !== undefined}
            inputMode={long ? 'text' : 'decimal'}
            multiline={long}
            placeholder={placeholder ?? ''}
            placeholderTextColor={onIron ? INK.iron400 : INK.iron500}
            value={field.value}
            onChangeText={field.onChange}
            onBlur={field.onBlur}
            className={`rounded border px-3 ${long ? 'min-h-[96px] py-3 font-text text-16' : 'min-h-stove font-head text-24'} ${box}`}
          />
        )}
      />
      {error === undefined ? null : (
        <Text voice="small" tone={text} role="alert">
          {error}
        </Text>
      )}
    </View>
  );
};

/** Whether more was said before than is asked first. */
const saidMore = (said: Judgement | undefined): boolean =>
  said !== undefined &&
  (REST.some(([name]) => said[name] !== undefined) ||
    said.weightBefore !== undefined ||
    said.weightAfter !== undefined ||
    said.paid !== undefined);

/** Form for the cook's judgement: measured, seen, felt, tasted, weighed. Every field is optional. */
export const JudgeForm = ({ onJudge, busy, doneness, said, onIron = false }: Props) => {
  const { units } = useShow();
  const form = useForm<TypedJudgement, unknown, Judgement>({
    resolver: zodResolver(judgeSchema(units)),
    defaultValues: typedOf(said, units),
  });
  const [all, setAll] = useState(saidMore(said));
  const { errors } = form.formState;
  const { text } = tones(onIron);
  const { temperature, weight } = UNITS[units];
  const shared = { control: form.control, onIron };
  const choose = ([name, label, values]: (typeof FIRST)[number] | (typeof REST)[number]) => (
    <View key={name} className="gap-2">
      <Text tone={text}>{label}</Text>
      <Controller
        control={form.control}
        name={name}
        render={({ field }) => (
          <Choice<string>
            label={label}
            onIron={onIron}
            value={field.value}
            onChange={field.onChange}
            options={values.map((value) => ({ value, label: describeJudged(value) }))}
          />
        )}
      />
    </View>
  );
  return (
    <View className="gap-5">
      <Field
        {...shared}
        name="end"
        label={t('measured-peak', { symbol: temperature.symbol })}
        placeholder={t('not-measured')}
        error={errors.end?.message}
      />
      <View className="gap-2">
        <Text tone={text}>{t('doneness-in-the-slice')}</Text>
        <Controller
          control={form.control}
          name="doneness"
          render={({ field }) => (
            <Choice
              label={t('doneness')}
              onIron={onIron}
              value={field.value}
              onChange={field.onChange}
              options={doneness.map((value) => ({ value, label: value }))}
            />
          )}
        />
      </View>
      {FIRST.map(choose)}
      {all ? (
        <>
          {REST.map(choose)}
          <View className="flex-row flex-wrap gap-3">
            <Field
              {...shared}
              name="before"
              label={t('raw', { symbol: weight.symbol })}
              error={errors.before?.message}
            />
            <Field
              {...shared}
              name="after"
              label={t('rested', { symbol: weight.symbol })}
              error={errors.after?.message}
            />
            <Field {...shared} name="paid" label={t('it-cost')} error={errors.paid?.message} />
          </View>
        </>
      ) : (
        <View className="items-start">
          <Button
            kind={onIron ? 'stovePlain' : 'plain'}
            label={t('say-more-crunch-juice-weights-cost')}
            onPress={() => setAll(true)}
          />
        </View>
      )}
      <Field
        {...shared}
        name="notes"
        label={t('notes-for-next-time')}
        error={errors.notes?.message}
      />
      <Button
        kind={onIron ? 'stove' : 'main'}
        label={busy ? t('writing') : t('write-it-in-the-logbook')}
        disabled={busy}
        onPress={() => void form.handleSubmit(onJudge)()}
      />
    </View>
  );
};
