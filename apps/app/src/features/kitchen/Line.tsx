import { View } from 'react-native';
import { BURNER_KINDS } from '@crustan/core/gear/pan';
import { withChanged, type Kitchen } from '@crustan/core/formats/kitchen';
import { USUAL_HOLDING, USUAL_SLOTS } from '@crustan/core/pass/serviceGear';
import { kitchenChanged } from '../../store/kitchenSlice';
import { newId } from '../../store/newId';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { t } from './t';

const HANDS = [1, 2, 3, 4] as const;
const SLOTS = [2, 4, 6, 8, 12] as const;
const HOLDING = [4, 8, 12, 16, 24] as const;
const POWERS = [1500, 2000, 3000, 5000, 7000] as const;
/** Widths of pans that stand on a small burner, m; 0: any. */
const WIDEST = [0, 0.2, 0.24, 0.28, 0.32] as const;
const MOST_BURNERS = 8;

const KIND_WORDS = { gas: t('gas'), electric: t('electric'), induction: t('induction') } as const;

const counts = (all: readonly number[], own: number) =>
  [...new Set([...all, own])]
    .toSorted((a, b) => a - b)
    .map((count) => ({ value: String(count), label: String(count) }));

/** Equipment of a service beside the pans: cooks, burners, oven places, places to rest. */
export const Line = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const { hands, holding, ovens, burners, inUse } = useAppSelector((state) => state.kitchen);
  const beside = burners.filter(({ id }) => id !== inUse.burner);
  const change = (by: Partial<Kitchen>): void => void dispatch(kitchenChanged(by));
  return (
    <View className="gap-3">
      <Text voice="small">{t('cooks-on-the-line')}</Text>
      <Choice
        label={t('cooks-on-the-line')}
        options={counts(HANDS, hands)}
        value={String(hands)}
        onChange={(count) => change({ hands: Number(count) })}
      />
      {ovens.map(({ id, slots = USUAL_SLOTS }, i) => {
        const name = ovens.length > 1 ? t('oven-2', { value: i + 1 }) : t('the-oven-2');
        return (
          <View key={id} className="gap-2">
            <Text voice="small">{t('pieces-that-go-into-at-once', { name })}</Text>
            <Choice
              label={t('places-in', { name })}
              options={counts(SLOTS, slots)}
              value={String(slots)}
              onChange={(count) =>
                change({ ovens: withChanged(ovens, id, { slots: Number(count) }) })
              }
            />
          </View>
        );
      })}
      <Text voice="small">{t('places-where-pieces-rest-until-their-table')}</Text>
      <Choice
        label={t('places-to-rest')}
        options={counts(HOLDING, holding === 0 ? USUAL_HOLDING : holding)}
        value={String(holding)}
        onChange={(count) => change({ holding: Number(count) })}
      />
      {beside.map(({ id, kind, power, widest }, i) => (
        <View key={id} className="gap-2 border-t border-salt-300 pt-2">
          <Text voice="small">{t('burner-2', { value: i + 2 })}</Text>
          <Choice
            label={t('burner-burns', { value: i + 2 })}
            options={BURNER_KINDS.map((value) => ({ value, label: KIND_WORDS[value] }))}
            value={kind}
            onChange={(value) => change({ burners: withChanged(burners, id, { kind: value }) })}
          />
          <Choice
            label={t('power-of-burner', { value: i + 2 })}
            options={counts(POWERS, power).map((option) => ({
              ...option,
              label: t('w', { label: option.label }),
            }))}
            value={String(power)}
            onChange={(watts) =>
              change({ burners: withChanged(burners, id, { power: Number(watts) }) })
            }
          />
          <Text voice="small">{t('the-widest-pan-that-stands-on-burner', { value: i + 2 })}</Text>
          <Choice
            label={t('widest-pan-on-burner', { value: i + 2 })}
            options={WIDEST.map((metres) => ({
              value: String(metres),
              label: metres === 0 ? t('any') : show.thickness(metres),
            }))}
            value={String(widest ?? 0)}
            onChange={(metres) =>
              change({
                burners: burners.map(({ widest: before, ...burner }) =>
                  burner.id === id
                    ? { ...burner, ...(Number(metres) === 0 ? {} : { widest: Number(metres) }) }
                    : { ...burner, ...(before === undefined ? {} : { widest: before }) },
                ),
              })
            }
          />
          <Button
            kind="plain"
            label={t('take-burner-away', { value: i + 2 })}
            onPress={() => change({ burners: burners.filter((burner) => burner.id !== id) })}
          />
        </View>
      ))}
      {burners.length < MOST_BURNERS ? (
        <Button
          kind="plain"
          label={t('add-a-burner')}
          onPress={() =>
            change({
              burners: [...burners, { id: newId(), kind: burners[0]?.kind ?? 'gas', power: 3000 }],
            })
          }
        />
      ) : null}
    </View>
  );
};
