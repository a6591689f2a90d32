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

const RULES: Readonly<Record<RestRule, string>> = {
  computed: 'What the core wants',
  none: 'None',
  fixed: 'Fixed minutes',
  half: 'Half the cooking time',
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
            Kitchen
          </Text>
          <Text voice="small" tone="text-iron-500">
            Saved in the logbook. Every plan made from now on uses it.
          </Text>
        </View>
        <RecoveredKitchen />
        <View className="gap-6 lg:flex-row lg:gap-12">
          <View className="gap-6 lg:flex-1">
            <Section title="On this screen" says="Units, clock and light of this device.">
              <OnScreen />
            </Section>
            <Section
              title="Pans"
              says="Its width and weight decide how long it takes to come up and what it holds."
            >
              <Pans />
            </Section>
            <Section title="Burner" says="What it draws at full, from its plate or its manual.">
              <Choice
                label="Burner"
                value={burner.kind}
                onChange={(kind) => changeBurner({ kind })}
                options={BURNER_KINDS.map((value) => ({ value, label: capital(value) }))}
              />
              <Measure
                {...measure}
                label="Burner at full"
                kind="power"
                value={burner.power}
                {...GEAR_LIMITS.power}
                typical={[1000, 5000]}
                onChange={(power) => changeBurner({ power })}
              />
            </Section>
            <Section
              title="Oven"
              says="Hang a thermometer by the rack for half an hour: what the air has over the dial."
            >
              <Measure
                {...measure}
                label="Oven offset"
                kind="temperatureDifference"
                value={oven.offset}
                {...GEAR_LIMITS.offset}
                typical={[-30, 30]}
                onChange={(offset) =>
                  change({ ovens: withChanged(kitchen.ovens, oven.id, { offset }) })
                }
              />
            </Section>
            <Section
              title="The line"
              says="The gear and hands of a service. The widest pans stand on the strongest burners."
            >
              <Line />
            </Section>
            {owner ? (
              <Section
                title="Phones"
                says="Phones that may open this kitchen: each is paired here, and can be removed here."
              >
                <Phones />
              </Section>
            ) : null}
            <Section
              title="Thermometer"
              says="Put it in melting ice: what it shows above 0 °C is its error everywhere."
            >
              <Measure
                {...measure}
                label="Reads in melting ice"
                kind="temperature"
                value={kitchen.thermometerOffset}
                {...GEAR_LIMITS.thermometer}
                onChange={(thermometerOffset) => change({ thermometerOffset })}
              />
            </Section>
            <Section
              title="Salt"
              says="What a level teaspoon of yours weighs: fine salt weighs about twice as much as coarse."
            >
              <Salts />
            </Section>
          </View>
          <View className="gap-6 lg:flex-1">
            <Section
              title="Who is at the table"
              says="With someone pregnant, very young, old or immune-weak, plans keep to the published minimum."
            >
              <Choice
                label="At the table"
                value={kitchen.atRisk ? 'risk' : 'well'}
                onChange={(who) => change({ atRisk: who === 'risk' })}
                options={[
                  { value: 'well', label: 'Nobody at risk' },
                  { value: 'risk', label: 'Someone at risk' },
                ]}
              />
            </Section>
            <Section
              title="The lock"
              says="A kitchen that serves the public can keep every plan to the published minimum. This does not replace a safety plan: the inspector and the local code come first."
            >
              <Choice
                label="The lock"
                value={kitchen.locked ? 'locked' : 'open'}
                onChange={(lock) => change({ locked: lock === 'locked' })}
                options={[
                  { value: 'open', label: 'Open', detail: 'a caution beside each plan' },
                  {
                    value: 'locked',
                    label: 'Locked to the published minimum',
                    detail: 'no plan ends under it',
                  },
                ]}
              />
            </Section>
            <Section
              title="House rules"
              says="Where cooks disagree. The plan begins with these, and each can still be changed in its sentence."
            >
              <HouseRules />
            </Section>
            <Section
              title="House rule for the rest"
              says="Shown beside the rest that the core needs."
            >
              <Choice
                label="House rule for the rest"
                value={kitchen.restRule}
                onChange={(restRule) => change({ restRule })}
                options={REST_RULES.map((value) => ({ value, label: RULES[value] }))}
              />
              {kitchen.restRule === 'fixed' ? (
                <Measure
                  {...measure}
                  label="Fixed rest"
                  kind="minutes"
                  value={kitchen.restSeconds}
                  {...GEAR_LIMITS.restSeconds}
                  onChange={(restSeconds) => change({ restSeconds })}
                />
              ) : null}
            </Section>
            <Section
              title="Doneness"
              says="Cooks and tables differ by several degrees: make the words mean yours."
            >
              <ScaleEditor />
            </Section>
          </View>
        </View>
        <Section title="Words" says="What the pages call things.">
          <Words />
        </Section>
      </View>
    </ScrollView>
  );
};
