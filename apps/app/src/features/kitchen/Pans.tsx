import { translateName } from '@crustan/messages';
import { View } from 'react-native';
import { GEAR_LIMITS, panOf, withChanged } from '@crustan/core/formats/kitchen';
import { preheat } from '@crustan/core/gear/preheat';
import { formatDuration } from '@crustan/core/units';
import { kitchenChanged, panInUse } from '../../store/kitchenSlice';
import { newId } from '../../store/newId';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Measure } from '../../ui/Measure';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { NameField } from './NameField';
import { t } from './t';

const MOST_PANS = 12;
/** Pan temperature for which the warm-up time is shown, C. */
const USUAL_SEAR = 215;

/** The pans, the one in use, and how long it takes. */
export const Pans = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const kitchen = useAppSelector((state) => state.kitchen);
  const { pans } = kitchen;
  const pan = panOf(kitchen);
  const use = (id: string) => ({ inUse: { ...kitchen.inUse, pan: id } });
  const warming = preheat(panInUse(kitchen), USUAL_SEAR);
  const edit = (changed: Partial<(typeof pans)[number]>): void => {
    dispatch(kitchenChanged({ pans: withChanged(pans, pan.id, changed) }));
  };
  return (
    <View className="gap-3">
      <Choice
        label={t('pan-in-use')}
        value={pan.id}
        onChange={(chosen) => dispatch(kitchenChanged(use(chosen)))}
        options={pans.map(({ id, name }) => ({ value: id, label: capital(translateName(name)) }))}
      />
      <View key={pan.id} className="gap-2">
        <NameField
          label={t('name-of-the-pan')}
          value={pan.name}
          onChange={(name) => edit({ name })}
        />
        <Measure
          units={show.units}
          label={t('cooking-width')}
          named
          kind="thickness"
          value={pan.diameter}
          {...GEAR_LIMITS.diameter}
          typical={[0.16, 0.36]}
          onChange={(diameter) => edit({ diameter })}
        />
        <Measure
          units={show.units}
          label={t('weight-of-the-pan')}
          named
          kind={show.units === 'imperial' ? 'heavyWeight' : 'weight'}
          value={pan.mass}
          {...GEAR_LIMITS.mass}
          typical={[1, 5]}
          onChange={(mass) => edit({ mass })}
        />
      </View>
      <Text voice="small" aria-live="polite">
        {warming.reached
          ? t('to-on-full', {
              duration: formatDuration(Math.round(warming.seconds / 15) * 15),
              temperature: show.temperature(USUAL_SEAR),
            })
          : t('on-this-burner-it-settles-at-too', {
              temperature: show.temperature(warming.settles),
            })}
      </Text>
      <View className="flex-row flex-wrap gap-2">
        {pans.length < MOST_PANS ? (
          <Button
            kind="plain"
            label={t('add-a-pan')}
            onPress={() => {
              const added = {
                id: newId(),
                name: t('pan', { value: pans.length + 1 }),
                diameter: 0.26,
                mass: 2.4,
              };
              dispatch(kitchenChanged({ pans: [...pans, added], ...use(added.id) }));
            }}
          />
        ) : null}
        {pans.length > 1 ? (
          <Button
            kind="plain"
            label={t('take-this-one-away')}
            onPress={() => {
              const left = pans.filter(({ id }) => id !== pan.id);
              dispatch(kitchenChanged({ pans: left, ...(left[0] ? use(left[0].id) : {}) }));
            }}
          />
        ) : null}
      </View>
    </View>
  );
};
