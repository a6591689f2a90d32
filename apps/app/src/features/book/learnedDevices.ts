import { ovenOf, type Kitchen } from '@crustan/core/formats/kitchen';
import { DEFAULT_OVEN } from '@crustan/core/gear/ovenBody';
import type { LearnedOven } from '@crustan/core/learn/learnedOven';
import type { Trait } from '@crustan/core/learn/traits';
import type { TraitUse } from '@crustan/core/learn/traitUse';
import type { Lessons } from '../../workers/learn.worker';
import type { Show } from '../../words/show';
import { formatFixed } from '../../words/formatFixed';
import { t } from './t';

/** Parameters of a kitchen that can be calibrated, one device at a time. */
export type DeviceKind = Trait | 'lag' | 'crust';

export interface LearnedDeviceView {
  readonly key: string;
  readonly kind: DeviceKind;
  readonly pan: string | undefined;
  readonly value: number;
  readonly deviation: number;
  /** Remaining share of the prior's standard deviation. */
  readonly unknown: number;
  readonly nominal: number;
  readonly use: TraitUse;
  readonly cooks: readonly { readonly id: string; readonly share: number | undefined }[];
  /** The oven's air and heat in one figure, if it is one of these. */
  readonly together: LearnedOven | undefined;
  /** Figure that plans use now. */
  readonly used: { readonly value: number; readonly by: 'cooks' | 'hand' } | undefined;
}

const USUAL: Readonly<Record<DeviceKind, number>> = {
  oven: DEFAULT_OVEN.offset,
  ovenHeat: 1,
  lag: DEFAULT_OVEN.timeConstant,
  burner: 1,
  contact: 1,
  thickness: 0,
  crust: 0,
};

const usedOf = (kitchen: Kitchen, key: string, kind: DeviceKind): LearnedDeviceView['used'] => {
  const taken = kitchen.learned[key];
  if (taken) return { value: taken.value, by: taken.by };
  const { offset } = ovenOf(kitchen);
  return kind === 'oven' && offset !== USUAL.oven ? { value: offset, by: 'hand' } : undefined;
};

/** Calibration of each device beside the figure that plans use. */
export const devicesOf = (
  { kitchen: learned, lag, crust }: Lessons,
  kitchen: Kitchen,
): readonly LearnedDeviceView[] => {
  const traits = learned.traits.map(
    ({ key, trait, pan, value, deviation, unknown, use, cooks }): LearnedDeviceView => ({
      key,
      kind: trait,
      pan,
      value,
      deviation,
      unknown,
      nominal: USUAL[trait],
      use,
      cooks,
      together: trait === 'oven' && cooks.length > 0 ? learned.oven : undefined,
      used: usedOf(kitchen, key, trait),
    }),
  );
  const whole = (
    kind: 'lag' | 'crust',
    found: Lessons['lag'] | Lessons['crust'],
  ): readonly LearnedDeviceView[] =>
    found === undefined
      ? []
      : [
          {
            key: kind,
            kind,
            pan: undefined,
            value: found.value,
            deviation: found.deviation,
            unknown: found.unknown,
            nominal: USUAL[kind],
            use: 'yes',
            cooks: found.cooks.map((id) => ({ id, share: undefined })),
            together: undefined,
            used: usedOf(kitchen, kind, kind),
          },
        ];
  return [...traits, ...whole('lag', lag), ...whole('crust', crust)];
};

const signed = (value: number, text: string): string =>
  value < 0 ? `−${text}` : value > 0 ? `+${text}` : text;

/** Learned deviation of a device in a cook's units. */
export const describeTrait = (kind: DeviceKind, value: number, show: Show): string => {
  switch (kind) {
    case 'oven':
      return signed(value, show.difference(Math.abs(value)));
    case 'thickness':
      return signed(value, show.depth(Math.abs(value)));
    case 'ovenHeat':
    case 'burner':
    case 'contact':
      return `${Math.round(value * 100)} %`;
    case 'lag':
      return t('min-3', { value: formatFixed(value / 60, 1) });
    case 'crust':
      return signed(value, formatFixed(Math.abs(value), 2));
  }
};

/** Standard deviation of a trait, without a sign. */
export const formatSpread = (kind: DeviceKind, deviation: number, show: Show): string => {
  switch (kind) {
    case 'oven':
      return show.difference(deviation);
    case 'thickness':
      return show.depth(deviation);
    case 'ovenHeat':
    case 'burner':
    case 'contact':
      return `${Math.max(1, Math.round(deviation * 100))} %`;
    case 'lag':
      return t('min-3', { value: formatFixed(deviation / 60, 1) });
    case 'crust':
      return formatFixed(deviation, 2);
  }
};

export const DEVICE_NAMES: Readonly<Record<DeviceKind, string>> = {
  oven: t('oven-offset-true-air-temperature-minus-the'),
  ovenHeat: t('heat-from-the-oven-to-a-piece'),
  lag: t('the-oven-coming-up'),
  burner: t('burner-power-relative-to-nominal'),
  contact: t('contact-relative-to-nominal'),
  thickness: t('pieces-over-the-thickness-you-measure'),
  crust: t('your-eye-for-crusts-over-the-browning'),
};

export const DEVICE_WHY: Readonly<Record<DeviceKind, string>> = {
  oven: t('from-how-fast-the-middle-climbed-in'),
  ovenHeat: t('from-how-fast-the-middle-climbed-in-2'),
  lag: t('from-its-thermometer-during-the-warm-up'),
  burner: t('from-how-hot-the-pan-was-after'),
  contact: t('from-how-fast-the-middle-climbed-in-3'),
  thickness: t('from-pieces-that-cooked-slower-or-faster'),
  crust: t('from-crusts-as-you-judged-them-beside'),
};

/** Reason why plans should not use a figure. */
export const USE_CAUTIONS: Readonly<Record<TraitUse, string | undefined>> = {
  yes: undefined,
  unproved: t('with-this-figure-your-past-cooks-are'),
  beyond: t('kitchens-do-not-differ-by-this-much'),
};

/** Certainty of a figure, in a word. */
export const howSure = (unknown: number): string =>
  unknown < 0.25
    ? t('well-known')
    : unknown < 0.5
      ? t('fairly-sure')
      : unknown < 0.8
        ? t('a-first-idea')
        : t('hardly-anything-known-yet');
