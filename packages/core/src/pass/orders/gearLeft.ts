import type { ServiceGear } from './serviceGear';
import type { ServiceState } from './serviceTickets';

/**
 * Equipment of a service without the parts that are out of use. Pans and ovens keep their positions in the lists:
 * schedules name them by these. A pan whose burner is out goes onto a free burner; without a free burner it is out too.
 */
export const gearLeft = (
  gear: ServiceGear,
  { out, hands }: Pick<ServiceState, 'out' | 'hands'>,
): ServiceGear => {
  const isOut = (kind: 'pan' | 'oven' | 'burner', id: string): boolean =>
    out.some((one) => one.gear === kind && one.of === id);
  const under = new Set(gear.pans.map(({ burner }) => burner));
  let spare = Math.max(
    0,
    gear.spare - out.filter((one) => one.gear === 'burner' && !under.has(one.of)).length,
  );
  const pans = gear.pans.map((pan) => {
    if (isOut('pan', pan.id)) return { ...pan, out: true as const };
    if (!isOut('burner', pan.burner)) return pan;
    if (spare === 0) return { ...pan, out: true as const };
    spare -= 1;
    return pan;
  });
  const ovens = gear.ovens.map((oven) =>
    isOut('oven', oven.id) ? { ...oven, out: true as const } : oven,
  );
  return { ...gear, pans, ovens, spare, hands: hands ?? gear.hands };
};
