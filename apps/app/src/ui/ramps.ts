import { interpolateRgb } from 'd3-interpolate';
import type { Species } from '@crustan/core/food';

type Ramp = readonly (readonly [at: number, colour: string])[];

/** Colour of the flesh by its peak temperature, C. The only reds and browns on a screen. */
const RAMPS: Readonly<Record<Species, Ramp>> = {
  beef: [
    [0, '#5E1F3C'],
    [45, '#86203F'],
    [50, '#A82B47'],
    [54, '#C64A5E'],
    [58, '#D77F80'],
    [62, '#D5A293'],
    [66, '#BE9F8D'],
    [72, '#A38D7B'],
    [85, '#8C7865'],
    [100, '#7A6149'],
  ],
  veal: [
    [0, '#A95A68'],
    [48, '#BE7079'],
    [56, '#D4918F'],
    [60, '#DDABA2'],
    [64, '#DCBBAB'],
    [70, '#CBB29E'],
    [100, '#9F8B74'],
  ],
  lamb: [
    [0, '#6B2335'],
    [45, '#8E2E42'],
    [50, '#AC4253'],
    [56, '#C66F71'],
    [61, '#CE9388'],
    [67, '#BD9A88'],
    [74, '#A08B78'],
    [100, '#786551'],
  ],
  venison: [
    [0, '#47121F'],
    [45, '#6C1B2C'],
    [49, '#87283A'],
    [54, '#A2464F'],
    [59, '#AF7168'],
    [65, '#A08475'],
    [75, '#8A7766'],
    [100, '#6B5B4A'],
  ],
  pork: [
    [0, '#C98A8C'],
    [50, '#D99B98'],
    [58, '#E4B3A8'],
    [63, '#E8C9B8'],
    [68, '#DECBB6'],
    [76, '#CDBBA3'],
    [100, '#A8957C'],
  ],
  duck: [
    [0, '#4E1626'],
    [45, '#7A1F33'],
    [52, '#9C3145'],
    [57, '#B9565F'],
    [63, '#C48C82'],
    [68, '#B39484'],
    [75, '#9A8673'],
    [100, '#756350'],
  ],
  salmon: [
    [0, '#D9532F'],
    [40, '#E2683F'],
    [46, '#EA8158'],
    [52, '#F0A17E'],
    [58, '#F2BCA0'],
    [64, '#EBC8B1'],
    [100, '#C8A78D'],
  ],
  tuna: [
    [0, '#8E2238'],
    [38, '#A03145'],
    [44, '#B65560'],
    [50, '#C98A85'],
    [56, '#D0AE9F'],
    [63, '#C9B39F'],
    [100, '#A9947D'],
  ],
  scallop: [
    [0, '#D8CFC0'],
    [44, '#E3DACB'],
    [49, '#EDE5D8'],
    [54, '#F5EFE4'],
    [61, '#F3EADB'],
    [70, '#E6D8BF'],
    [100, '#C6AE88'],
  ],
  'white-fish': [
    [0, '#C9CFCB'],
    [44, '#D6D9D2'],
    [50, '#E4E3D9'],
    [56, '#F0ECE0'],
    [63, '#EDE4D2'],
    [75, '#DECFB4'],
    [100, '#BDA684'],
  ],
};

/** Mixes along a ramp, its ends held. */
const mixer = (ramp: Ramp): ((at: number) => string) => {
  const parts = ramp.slice(1).map(([to, colour], i) => {
    const [from, before] = ramp[i] ?? [to, colour];
    const mix = interpolateRgb(before, colour);
    return { to, mix: (at: number) => mix(Math.min(1, Math.max(0, (at - from) / (to - from)))) };
  });
  return (at) => (parts.find(({ to }) => at <= to) ?? parts.at(-1))?.mix(at) ?? '';
};

const mixers = new Map<Species, (celsius: number) => string>();

/** Colour of flesh that reached a temperature, C. */
export const fleshColour = (species: Species, celsius: number): string => {
  const mix = mixers.get(species) ?? mixer(RAMPS[species]);
  mixers.set(species, mix);
  return mix(celsius);
};

/** Colour of a crust by its browning index: from seared flesh over brown to black. */
export const crustPaint: (index: number) => string = mixer([
  [0, '#B89B78'],
  [1, '#A06A3A'],
  [1.6, '#7A5230'],
  [2.4, '#4A2A1B'],
  [3.3, '#1E120D'],
]);
