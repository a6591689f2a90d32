import { Controller, useForm } from 'react-hook-form';
import { zodResolver } from '@hookform/resolvers/zod';
import { TextInput, View } from 'react-native';
import { z } from 'zod';
import { CRUST_SEEN, judgementSchema, type Judgement } from '@crustan/core/formats';
import { UNITS, type UnitSystem } from '@crustan/core/units';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';

interface Props {
  readonly onJudge: (judgement: Judgement) => void;
  readonly busy: boolean;
}

/** The form as typed; parsing turns it into the message, in SI. */
const formSchema = (units: UnitSystem) =>
  z
    .object({
      end: z.string(),
      crust: z.enum(CRUST_SEEN).optional(),
      notes: z.string().max(2000, 'Notes may be 2000 letters long.'),
    })
    .transform(({ end, crust, notes }, context): Judgement => {
      const figure = Number(end.trim().replace(',', '.'));
      const celsius = UNITS[units].temperature.toSi(figure);
      const typed = end.trim() !== '';
      const judged = judgementSchema.safeParse({
        notes,
        ...(crust === undefined ? {} : { crust }),
        ...(typed ? { endTemperature: celsius } : {}),
      });
      if (judged.success) return judged.data;
      const { fromSi, symbol } = UNITS[units].temperature;
      context.addIssue({
        code: 'custom',
        path: ['end'],
        message: `An end temperature lies from ${fromSi(0)} to ${fromSi(120)} ${symbol}; or leave it empty.`,
      });
      return z.NEVER;
    });

type Typed = z.input<ReturnType<typeof formSchema>>;

/** What the cook says of it: measured end, crust, notes. */
export const JudgeForm = ({ onJudge, busy }: Props) => {
  const { units } = useShow();
  const form = useForm<Typed, unknown, Judgement>({
    resolver: zodResolver(formSchema(units)),
    defaultValues: { end: '', notes: '' },
  });
  const { errors } = form.formState;
  return (
    <View className="gap-5">
      <View className="gap-2">
        <Text tone="text-salt-50">{`Highest the middle reached, ${UNITS[units].temperature.symbol}`}</Text>
        <Controller
          control={form.control}
          name="end"
          render={({ field }) => (
            <TextInput
              aria-label={`End temperature in ${UNITS[units].temperature.symbol}`}
              aria-invalid={errors.end !== undefined}
              inputMode="decimal"
              placeholder="not measured"
              placeholderTextColor="#979CA1"
              value={field.value}
              onChangeText={field.onChange}
              onBlur={field.onBlur}
              className="min-h-stove rounded border border-iron-500 bg-iron-900 px-4 font-head text-24 text-salt-50"
            />
          )}
        />
        {errors.end ? (
          <Text voice="small" tone="text-salt-50" role="alert">
            {errors.end.message}
          </Text>
        ) : null}
      </View>
      <View className="gap-2">
        <Text tone="text-salt-50">The crust came out</Text>
        <Controller
          control={form.control}
          name="crust"
          render={({ field }) => (
            <Choice
              label="Crust"
              onIron
              value={field.value}
              onChange={field.onChange}
              options={CRUST_SEEN.map((crust) => ({ value: crust, label: crust }))}
            />
          )}
        />
      </View>
      <View className="gap-2">
        <Text tone="text-salt-50">Notes for next time</Text>
        <Controller
          control={form.control}
          name="notes"
          render={({ field }) => (
            <TextInput
              aria-label="Notes"
              multiline
              value={field.value}
              onChangeText={field.onChange}
              onBlur={field.onBlur}
              className="min-h-[96px] rounded border border-iron-500 bg-iron-900 p-3 font-text text-16 text-salt-50"
            />
          )}
        />
        {errors.notes ? (
          <Text voice="small" tone="text-salt-50" role="alert">
            {errors.notes.message}
          </Text>
        ) : null}
      </View>
      <Button
        kind="stove"
        label={busy ? 'Writing…' : 'Write it in the book'}
        disabled={busy}
        onPress={() => void form.handleSubmit(onJudge)()}
      />
    </View>
  );
};
