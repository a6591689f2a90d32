import { ScrollView, View } from 'react-native';
import { REST_RULES, type RestRule } from '@crustan/core/schedule';
import { burnerOf, GEAR_LIMITS, ovenOf, withChanged } from '@crustan/core/formats/kitchen';
import { BURNER_KINDS } from '@crustan/core/gear/pan';
import { kitchenChanged } from '../../store/kitchenSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Choice } from '../../ui/Choice';
import { Measure } from '../../ui/Measure';
import { Text } from '../../ui/Text';
import { Words } from '../../ui/Meanings';
import { capital } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { HouseRules } from './HouseRules';
import { Line } from './Line';
import { OnScreen } from './OnScreen';
import { Pans } from './Pans';
import { Phones } from './Phones';
import { RecoveredKitchen } from './RecoveredKitchen';
import { Salts } from './Salts';
import { ScaleEditor } from './ScaleEditor';
import { Section } from './Section';
import { t } from './t';

const RULES: Readonly<Record<RestRule, string>> = {
  computed: t('what-the-core-wants'),
  none: t('none'),
  fixed: t('fixed-minutes'),
  half: t('half-the-cooking-time'),
};

/** The gear, the scales and the rules that every plan here is made with. */
export const KitchenScreen = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const kitchen = useAppSelector((state) => state.kitchen);
  const owner = useAppSelector(({ reach }) => reach.role === 'owner');
  const change = (changed: Partial<typeof kitchen>) => dispatch(kitchenChanged(changed));
  const burner = burnerOf(kitchen);
  const oven = ovenOf(kitchen);
  const changeBurner = (changed: Partial<typeof burner>) =>
    change({ burners: withChanged(kitchen.burners, burner.id, changed) });
  const measure = { units: show.units };
  return (
    <ScrollView className="flex-1 bg-salt-50" contentContainerClassName="pb-10">
      <View className="w-full max-w-[1100px] gap-6 self-center px-4 pt-2">
        <View className="gap-1">
          <Text voice="strong" heading={1}>
            {t('kitchen')}
          </Text>
          <Text voice="small" tone="text-iron-500">
            {t('saved-in-the-logbook-every-plan-made')}
          </Text>
        </View>
        <RecoveredKitchen />
        <View className="gap-6 lg:flex-row lg:gap-12">
          <View className="gap-6 lg:flex-1">
            <Section title={t('on-this-screen')} says={t('units-clock-and-light-of-this-device')}>
              <OnScreen />
            </Section>
            <Section title={t('pans')} says={t('its-width-and-weight-decide-how-long')}>
              <Pans />
            </Section>
            <Section title={t('burner')} says={t('what-it-draws-at-full-from-its')}>
              <Choice
                label={t('burner')}
                value={burner.kind}
                onChange={(kind) => changeBurner({ kind })}
                options={BURNER_KINDS.map((value) => ({ value, label: capital(value) }))}
              />
              <Measure
                {...measure}
                label={t('burner-at-full')}
                kind="power"
                value={burner.power}
                {...GEAR_LIMITS.power}
                typical={[1000, 5000]}
                onChange={(power) => changeBurner({ power })}
              />
            </Section>
            <Section title={t('oven')} says={t('hang-a-thermometer-by-the-rack-for')}>
              <Measure
                {...measure}
                label={t('oven-offset')}
                kind="temperatureDifference"
                value={oven.offset}
                {...GEAR_LIMITS.offset}
                typical={[-30, 30]}
                onChange={(offset) =>
                  change({ ovens: withChanged(kitchen.ovens, oven.id, { offset }) })
                }
              />
            </Section>
            <Section title={t('the-line')} says={t('the-gear-and-hands-of-a-service')}>
              <Line />
            </Section>
            {owner ? (
              <Section title={t('phones')} says={t('phones-that-may-open-this-kitchen-each')}>
                <Phones />
              </Section>
            ) : null}
            <Section title={t('thermometer')} says={t('put-it-in-melting-ice-what-it')}>
              <Measure
                {...measure}
                label={t('reads-in-melting-ice')}
                kind="temperature"
                value={kitchen.thermometerOffset}
                {...GEAR_LIMITS.thermometer}
                onChange={(thermometerOffset) => change({ thermometerOffset })}
              />
            </Section>
            <Section title={t('salt')} says={t('what-a-level-teaspoon-of-yours-weighs')}>
              <Salts />
            </Section>
          </View>
          <View className="gap-6 lg:flex-1">
            <Section
              title={t('who-is-at-the-table')}
              says={t('with-someone-pregnant-very-young-old-or')}
            >
              <Choice
                label={t('at-the-table')}
                value={kitchen.atRisk ? 'risk' : 'well'}
                onChange={(who) => change({ atRisk: who === 'risk' })}
                options={[
                  { value: 'well', label: t('nobody-at-risk') },
                  { value: 'risk', label: t('someone-at-risk') },
                ]}
              />
            </Section>
            <Section title={t('the-lock')} says={t('a-kitchen-that-serves-the-public-can')}>
              <Choice
                label={t('the-lock')}
                value={kitchen.locked ? 'locked' : 'open'}
                onChange={(lock) => change({ locked: lock === 'locked' })}
                options={[
                  { value: 'open', label: t('open'), detail: t('a-caution-beside-each-plan') },
                  {
                    value: 'locked',
                    label: t('locked-to-the-published-minimum'),
                    detail: t('no-plan-ends-under-it'),
                  },
                ]}
              />
            </Section>
            <Section title={t('house-rules')} says={t('where-cooks-disagree-the-plan-begins-with')}>
              <HouseRules />
            </Section>
            <Section
              title={t('house-rule-for-the-rest')}
              says={t('shown-beside-the-rest-that-the-core')}
            >
              <Choice
                label={t('house-rule-for-the-rest')}
                value={kitchen.restRule}
                onChange={(restRule) => change({ restRule })}
                options={REST_RULES.map((value) => ({ value, label: RULES[value] }))}
              />
              {kitchen.restRule === 'fixed' ? (
                <Measure
                  {...measure}
                  label={t('fixed-rest')}
                  kind="minutes"
                  value={kitchen.restSeconds}
                  {...GEAR_LIMITS.restSeconds}
                  onChange={(restSeconds) => change({ restSeconds })}
                />
              ) : null}
            </Section>
            <Section title={t('doneness')} says={t('cooks-and-tables-differ-by-several-degrees')}>
              <ScaleEditor />
            </Section>
          </View>
        </View>
        <Section title={t('words')} says={t('what-the-pages-call-things')}>
          <Words />
        </Section>
      </View>
    </ScrollView>
  );
};
