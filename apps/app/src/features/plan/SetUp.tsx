import { useState } from 'react';
import { View } from 'react-native';
import { burnerOf, ovenOf, panOf, withChanged, type Kitchen } from '@crustan/core/formats/kitchen';
import { DONENESS_SCALES } from '@crustan/core/doneness';
import { BURNER_KINDS, type BurnerKind } from '@crustan/core/gear/pan';
import { OVEN_FUELS, type PlanRequest } from '@crustan/core/plan/request';
import { STEM_SIDES } from '@crustan/core/heat/thermometer';
import { METRES_PER_INCH, type UnitSystem } from '@crustan/core/units';
import { requestChanged } from '../../store/draftSlice';
import { greetingAnswered } from '../../store/firstSlice';
import { kitchenChanged } from '../../store/kitchenSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { unitsChosen } from '../../store/unitsSlice';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import { FUEL_WORDS, STEM_WORDS } from '../../words/kitchenWords';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** Cooking widths pans are sold by in each system, m: round millimetres, and inches in their fractions. */
const WIDTHS: Readonly<Record<UnitSystem, readonly number[]>> = {
  metric: [0.2, 0.24, 0.26, 0.28, 0.3],
  imperial: [8, 9.5, 10.25, 12].map((inches) => inches * METRES_PER_INCH),
};
/** A pan within this of a width that is sold is of that width, m. */
const SAME_WIDTH = 0.002;
/** Mass of a cast-iron pan of common thickness, kg/m2. */
const MASS_PER_AREA = 35.5;
/** Full electrical or gas power of a typical burner of each kind, W. */
const POWERS: Readonly<Record<BurnerKind, number>> = { gas: 3000, electric: 1800, induction: 2200 };
/** Differences between an oven and its dial, K, in cooks' words. */
const OFFSETS = [
  { value: '-20', label: t('runs-cool') },
  { value: '0', label: t('true-or-i-do-not-know') },
  { value: '15', label: t('runs-hot') },
] as const;
/** Medium-rare beef as a table means it, over the house scale, K. */
const TABLES = [-3, 0, 3] as const;

const mediumRare = DONENESS_SCALES.beef.find(({ name }) => name === 'medium-rare')?.target ?? 55;

const Asked = ({
  says,
  children,
}: {
  readonly says: string;
  readonly children: React.ReactNode;
}) => (
  <View className="gap-1">
    <Text voice="label">{says}</Text>
    {children}
  </View>
);

/** Setup of the kitchen in seven taps; each can be skipped. */
export const SetUp = () => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const kitchen = useAppSelector((state) => state.kitchen);
  const request = useAppSelector((state) => state.draft.request);
  // Nothing is taken to be said until it is tapped: the sentence has its own end.
  const [table, setTable] = useState<number>();
  const change = (changed: Partial<Kitchen>): void => void dispatch(kitchenChanged(changed));
  const ask = (changed: Partial<PlanRequest>): void => void dispatch(requestChanged(changed));
  const widths = WIDTHS[show.units];
  const { pans, burners, ovens } = kitchen;
  const [pan, burner, oven] = [panOf(kitchen), burnerOf(kitchen), ovenOf(kitchen)];
  const setWidth = (diameter: number): void => {
    const mass = Math.round(MASS_PER_AREA * diameter * diameter * 10) / 10;
    change({ pans: withChanged(pans, pan.id, { diameter, mass }) });
  };
  const setTableTo = (over: number): void => {
    setTable(over);
    const beef = DONENESS_SCALES.beef.map((step, i) =>
      i === 0 ? { ...step } : { ...step, from: step.from + over, target: step.target + over },
    );
    const { beef: _before, ...others } = kitchen.scales;
    change({ scales: over === 0 ? others : { ...others, beef } });
    ask({ target: mediumRare + over });
  };
  return (
    <View role="region" aria-label={t('your-kitchen')} className="no-print gap-4">
      <View>
        <Text voice="head" heading={2}>
          {t('your-kitchen')}
        </Text>
        <Text voice="small" tone="text-iron-500">
          {t('skip-what-you-do-not-know-you')}
        </Text>
      </View>
      <Asked says={t('units')}>
        <Choice
          label={t('units')}
          value={show.units}
          onChange={(system) => dispatch(unitsChosen(system))}
          options={[
            { value: 'metric', label: t('c-mm-g') },
            { value: 'imperial', label: t('f-in-oz') },
          ]}
        />
      </Asked>
      <Asked says={t('your-cast-iron-across-its-floor')}>
        <Choice
          label={t('pan')}
          value={String(widths.find((width) => Math.abs(width - pan.diameter) < SAME_WIDTH) ?? '')}
          onChange={(width) => setWidth(Number(width))}
          options={widths.map((width) => ({ value: String(width), label: show.thickness(width) }))}
        />
      </Asked>
      <Asked says={t('on')}>
        <Choice
          label={t('burner')}
          value={burner.kind}
          onChange={(kind) =>
            change({ burners: withChanged(burners, burner.id, { kind, power: POWERS[kind] }) })
          }
          options={BURNER_KINDS.map((value) => ({ value, label: capital(value) }))}
        />
      </Asked>
      <Asked says={t('your-oven')}>
        <Choice
          label={t('oven')}
          value={request.ovenFuel}
          onChange={(ovenFuel) => ask({ ovenFuel })}
          options={OVEN_FUELS.map((value) => ({ value, label: FUEL_WORDS[value] }))}
        />
        <Choice
          label={t('oven-against-its-dial')}
          value={OFFSETS.find(({ value }) => Number(value) === oven.offset)?.value}
          onChange={(offset) =>
            change({ ovens: withChanged(ovens, oven.id, { offset: Number(offset) }) })
          }
          options={OFFSETS}
        />
      </Asked>
      <Asked says={t('your-thermometer-goes-in')}>
        <Choice
          label={t('thermometer')}
          value={request.stem}
          onChange={(stem) => ask({ stem })}
          options={STEM_SIDES.map((value) => ({ value, label: capital(STEM_WORDS[value]) }))}
        />
      </Asked>
      <Asked says={t('medium-rare-at-your-table-is')}>
        <Choice
          label={t('medium-rare')}
          value={table === undefined ? undefined : String(table)}
          onChange={(over) => setTableTo(Number(over))}
          options={TABLES.map((over) => ({
            value: String(over),
            label: show.degrees(mediumRare + over),
          }))}
        />
      </Asked>
      <Button label={t('done-show-me-a-plan')} onPress={() => dispatch(greetingAnswered())} />
    </View>
  );
};
