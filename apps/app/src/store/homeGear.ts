import { burnerOf, ovenOf, panOf, type Kitchen } from '@crustan/core/formats/kitchen';
import { serviceGear, type ServiceGear, type ServicePan } from '@crustan/core/pass/serviceGear';
import { gearInUse, panInUse } from './kitchenSlice';

/** Gear of a home cook who cooks several pieces for one plate. */
export interface HomeGear {
  readonly gear: ServiceGear;
  /** Another pan that could be used too; undefined if no burner is left for it. */
  readonly secondPan: ServicePan | undefined;
}

/**
 * The pan in use on its burner, the oven in use and one cook. A second pan is the next of the kitchen's on another burner,
 * or one like the first.
 */
export const homeGear = (kitchen: Kitchen, withSecond: boolean): HomeGear => {
  const { id, name } = panOf(kitchen);
  const first: ServicePan = { id, name, burner: burnerOf(kitchen).id, pan: panInUse(kitchen) };
  const { pans, ovens, spare, ...gear } = serviceGear(kitchen);
  const free = spare + pans.length > 1;
  const other = pans.find((pan) => pan.id !== id && pan.burner !== first.burner);
  const second = free ? (other ?? { ...first, id: `${id} second` }) : undefined;
  const used = withSecond && second ? [first, second] : [first];
  const oven = ovens.find((one) => one.id === ovenOf(kitchen).id);
  return {
    gear: {
      ...gear,
      pans: used,
      ovens: oven ? [{ ...oven, oven: gearInUse(kitchen).oven }] : [],
      spare: Math.max(0, spare + pans.length - used.length),
    },
    secondPan: used.length === 1 ? second : undefined,
  };
};
