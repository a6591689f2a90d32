import { ovenOf, type Kitchen } from '@crustan/core/formats/kitchen';
import { DEFAULT_OVEN } from '@crustan/core/gear/ovenBody';
import type { Trait } from '@crustan/core/learn/traits';
import type { TraitUse } from '@crustan/core/learn/traitUse';
import type { Lessons } from '../../workers/learn.worker';
import type { Show } from '../../words/show';

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
      return `${(value / 60).toFixed(1)} min`;
    case 'crust':
      return signed(value, Math.abs(value).toFixed(2));
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
      return `${(deviation / 60).toFixed(1)} min`;
    case 'crust':
      return deviation.toFixed(2);
  }
};

export const DEVICE_NAMES: Readonly<Record<DeviceKind, string>> = {
  oven: 'Oven offset: true air temperature minus the dial',
  ovenHeat: 'Heat from the oven to a piece, relative to nominal',
  lag: 'The oven, coming up',
  burner: 'Burner power, relative to nominal',
  contact: 'Contact, relative to nominal,',
  thickness: 'Pieces, over the thickness you measure',
  crust: 'Your eye for crusts, over the browning index',
};

export const DEVICE_WHY: Readonly<Record<DeviceKind, string>> = {
  oven: 'From how fast the middle climbed in the oven, and from a thermometer in its air. The timeline corrects the dial for it.',
  ovenHeat:
    'From how fast the middle climbed in the oven beside what its air had: still and damp air heats a piece slower than moving air. Plans count with it.',
  lag: 'From its thermometer during the warm-up: the time for most of the rise. The timeline switches it on accordingly.',
  burner:
    'From how hot the pan was after its minutes on the burner. The timeline changes the warm-up of the pan accordingly.',
  contact: 'From how fast the middle climbed in this pan: how well pieces lie on its iron.',
  thickness: 'From pieces that cooked slower or faster than their thickness as you measured it.',
  crust:
    'From crusts as you judged them, beside what the model has of the same cooks. The words for a crust move by it: above zero you call them darker.',
};

/** Reason why plans should not use a figure. */
export const USE_CAUTIONS: Readonly<Record<TraitUse, string | undefined>> = {
  yes: undefined,
  unproved: 'With this figure your past cooks are not predicted better. Plans do not need it yet.',
  beyond:
    'Kitchens do not differ by this much. Something else is wrong: check the thermometer, the dial and the thickness that you measure. Plans do not use it.',
};

/** Certainty of a figure, in a word. */
export const howSure = (unknown: number): string =>
  unknown < 0.25
    ? 'well known'
    : unknown < 0.5
      ? 'fairly sure'
      : unknown < 0.8
        ? 'a first idea'
        : 'hardly anything known yet';
