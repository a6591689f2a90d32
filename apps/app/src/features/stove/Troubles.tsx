import { useEffect, useState } from 'react';
import { Pressable, View } from 'react-native';
import { TROUBLES, type Trouble } from '@crustan/core/cook/event';
import type { TroubleOption } from '@crustan/core/whatif/troubleOptions';
import { kitchenNow } from '../../store/clock';
import { pressed } from '../../store/logSlice';
import { useAppDispatch } from '../../store/store';
import { useGear } from '../../store/useGear';
import { Button } from '../../ui/Button';
import { Caution } from '../../ui/Caution';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { TROUBLE_NAMES } from '../../words/eventWords';
import { useShow } from '../../words/useShow';
import type { LiveCook } from './liveCook';
import { fresh } from '../../store/freshEvent';
import { FIRST_AID, describeOption, describeOutcome, troublesIn } from './troubleWords';
import { THINNER, findFixesNow } from './findFixesNow';
import { t } from './t';

interface Props {
  readonly live: LiveCook;
  readonly onClose: () => void;
}

const DELAYS = [10, 20, 30, 45] as const;

/** Buttons for each trouble, then its fixes with the result of each. */
export const Troubles = ({ live, onClose }: Props) => {
  const [trouble, setTrouble] = useState<Trouble>();
  return (
    <View className="gap-3" role="region" aria-label={t('something-is-wrong')}>
      {trouble === undefined ? (
        <>
          <Text voice="head" tone="text-salt-50" heading={2}>
            {t('what-is-wrong')}
          </Text>
          <View className="flex-row flex-wrap gap-2">
            {troublesIn(live.state.place, TROUBLES).map((one) => (
              <View key={one} className="min-w-[46%] flex-1">
                <Button
                  kind="stovePlain"
                  label={TROUBLE_NAMES[one]}
                  onPress={() => setTrouble(one)}
                />
              </View>
            ))}
          </View>
        </>
      ) : (
        <WaysOut live={live} trouble={trouble} onClose={onClose} />
      )}
      <Button kind="stovePlain" label={t('nothing-is-wrong')} onPress={onClose} />
    </View>
  );
};

/** Fixes for a trouble, at a moment and for a delay. */
interface Answer {
  readonly at: number;
  readonly minutes: number;
  readonly options: readonly TroubleOption[];
}

const WaysOut = ({ live, trouble, onClose }: Props & { readonly trouble: Trouble }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const { pan } = useGear();
  const [minutes, setMinutes] = useState<number>(DELAYS[1]);
  const [answer, setAnswer] = useState<Answer>();
  // The piece at the time the trouble was named: a figure that moves cannot be pressed.
  const [asked] = useState({ live, pan });
  const { cook } = live;
  useEffect(() => {
    let wanted = true;
    const at = kitchenNow();
    const detail = { delay: minutes * 60, thinner: THINNER };
    findFixesNow(asked.live, asked.pan, at, trouble, detail).then(
      (options) => wanted && setAnswer({ at, minutes, options }),
      () => wanted && setAnswer({ at, minutes, options: [] }),
    );
    return () => {
      wanted = false;
    };
  }, [asked, trouble, minutes]);
  // An answer for another delay is not used.
  const found = answer?.minutes === minutes ? answer : undefined;
  const choose = ({ id, legs, restSeconds }: TroubleOption): void => {
    if (id !== 'as-is' && found) {
      // From the moment it was computed for, however long it was read.
      const { at } = found;
      const event = { ...fresh(), at, kind: 'changed', why: trouble, legs, restSeconds } as const;
      dispatch(pressed({ cook: cook.id, event }));
    }
    onClose();
  };
  const aid = FIRST_AID[trouble];
  const before = live.state.place === 'before';
  return (
    <View className="gap-3">
      <Text voice="head" tone="text-salt-50" heading={2}>
        {TROUBLE_NAMES[trouble]}
      </Text>
      {aid === undefined ? null : trouble === 'fire' ? (
        <Caution lead={t('fire')}>{aid}</Caution>
      ) : (
        <Text tone="text-salt-50">{aid}</Text>
      )}
      {trouble === 'delayed' ? (
        <Choice
          label={t('how-much-later')}
          onIron
          value={String(minutes)}
          onChange={(value) => setMinutes(Number(value))}
          options={DELAYS.map((value) => ({ value: String(value), label: t('min', { value }) }))}
        />
      ) : null}
      {trouble === 'delayed' ? (
        <Caution lead={t('two-hours-at-most')}>
          {t('counted-from-the-fridge-waits-included', {
            degrees: show.degrees(5),
            degrees2: show.degrees(60),
          })}
        </Caution>
      ) : null}
      {trouble === 'uneven' ? (
        <Text voice="small" tone="text-iron-400">
          {t('for-an-end-thinner-than-the-rest', { thickness: show.thickness(THINNER) })}
        </Text>
      ) : null}
      {before ? null : found === undefined ? (
        <Text tone="text-iron-400">{t('computing-from-the-state-it-is-in')}</Text>
      ) : (
        found.options.map((option, i) => (
          <Pressable
            key={`${option.id} ${i}`}
            role="button"
            onPress={() => choose(option)}
            className="min-h-stove justify-center rounded border border-iron-500 px-4 py-2 active:opacity-80"
          >
            <Text voice="head" tone="text-salt-50">
              {describeOption(option, show)}
            </Text>
            <Text voice="small" tone="text-salt-200">
              {describeOutcome(option, found.at, show, cook.plan.plan.request)}
            </Text>
          </Pressable>
        ))
      )}
    </View>
  );
};
