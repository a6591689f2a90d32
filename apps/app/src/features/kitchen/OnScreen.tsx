import { View } from 'react-native';
import { LANGUAGES, type Language } from '@crustan/messages';
import { lightChosen, type Light } from '../../store/lightSlice';
import type { HourCount } from '../../store/locale';
import { chooseLanguage, chosenLanguage } from '../../store/pageLanguage';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { hoursChosen, unitsChosen } from '../../store/unitsSlice';
import { Choice, type Option } from '../../ui/Choice';
import { useShow } from '../../words/useShow';
import { t } from './t';

const LIGHT_OPTIONS: readonly Option<Light>[] = [
  { value: 'places', label: t('dark-at-the-stove') },
  { value: 'system', label: t('as-this-device') },
  { value: 'light', label: t('light') },
  { value: 'dark', label: t('dark') },
];
const HOUR_OPTIONS: readonly Option<HourCount>[] = [
  { value: '24', label: '19:30' },
  { value: '12', label: t('7-30-pm') },
];

/** Languages by their own names. */
const LANGUAGE_NAMES: Readonly<Record<Language, string>> = { en: 'English', es: 'Español' };
const BROWSER = 'browser';
const LANGUAGE_OPTIONS: readonly Option<Language | typeof BROWSER>[] = [
  { value: BROWSER, label: t('as-this-device') },
  ...LANGUAGES.map((value) => ({ value, label: LANGUAGE_NAMES[value] })),
];

/** Language, units, and light or dark colours on this device. */
export const OnScreen = () => {
  const dispatch = useAppDispatch();
  const { units } = useShow();
  const hours = useAppSelector((state) => state.units.hours);
  const light = useAppSelector((state) => state.light);
  return (
    <View className="gap-3">
      <Choice
        label={t('language')}
        value={chosenLanguage() ?? BROWSER}
        onChange={(chosen) => chooseLanguage(chosen === BROWSER ? undefined : chosen)}
        options={LANGUAGE_OPTIONS}
      />
      <Choice
        label={t('units')}
        value={units}
        onChange={(system) => dispatch(unitsChosen(system))}
        options={[
          { value: 'metric', label: t('c-mm-g') },
          { value: 'imperial', label: t('f-in-oz') },
        ]}
      />
      <Choice
        label={t('clock')}
        value={hours}
        onChange={(chosen) => dispatch(hoursChosen(chosen))}
        options={HOUR_OPTIONS}
      />
      <Choice
        label={t('light')}
        value={light}
        onChange={(chosen) => dispatch(lightChosen(chosen))}
        options={LIGHT_OPTIONS}
      />
    </View>
  );
};
