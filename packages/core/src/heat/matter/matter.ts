import { TISSUES, type TissueName } from '../../food';
import { tissueProperties, type TissueProperties } from '../../food/properties';
import { SKIN_BROWNING } from './constants';
import { ESTIMATES } from './estimates';
import { HEAT_MODELS, type HeatModel } from './heatModel';
import type { Section } from './section';

/** A layer on the face that goes down first: skin and fat of a duck breast, a fat cap. */
export interface Layer {
  readonly tissue: TissueName;
  /** m */
  readonly thickness: number;
}

/** A bone along a long piece, solved whole: a strip of this width, m. */
export interface Bone {
  readonly width: number;
  /** Width of the smaller muscle to the right of the bone, m; undefined: the bone lies along the right edge. */
  readonly beyond?: number | undefined;
}

/** Share of the contact that meat has which a bone's rounded side makes with the pan; estimate. */
const BONE_CONTACT = 0.25;

/**
 * Matter of each cell of a section, as plain arrays for the solver's loops: quadratics of the wet conductivity (W/m K)
 * and of the solids' capacity (J/m3 K), first water (kg/m3) and density (kg/m3).
 */
export interface Matter {
  readonly conductivity: readonly [Float64Array, Float64Array, Float64Array];
  readonly solids: readonly [Float64Array, Float64Array, Float64Array];
  readonly water: Float64Array;
  /** Contact each column makes with a pan, as a share of flat meat's. */
  readonly contact: Float64Array;
  readonly density: Float64Array;
  /** Fat, kg/m3. */
  readonly fat: Float64Array;
  /** 1 for meat, 0 for skin, a fat cap or bone. */
  readonly meat: Uint8Array;
  /** 1 for a row that renders: a layer of skin or fat with fat enough. */
  readonly renders: Uint8Array;
  /** Rate at which each cell browns, of bare meat's. */
  readonly browns: Float64Array;
}

const triple = (n: number): readonly [Float64Array, Float64Array, Float64Array] => [
  new Float64Array(n),
  new Float64Array(n),
  new Float64Array(n),
];

/**
 * Fills a section, cell by cell, with the properties `of` gives for the depth of the cell's centre
 * under the first face and its distance from the left side, m.
 */
export const matterFrom = (
  section: Section,
  of: (depth: number, across: number) => TissueProperties,
): Matter => {
  const { heights, widths } = section;
  const n = heights.length * widths.length;
  const matter: Matter = {
    conductivity: triple(n),
    solids: triple(n),
    water: new Float64Array(n),
    contact: new Float64Array(widths.length).fill(1),
    density: new Float64Array(n),
    fat: new Float64Array(n),
    meat: new Uint8Array(n).fill(1),
    renders: new Uint8Array(heights.length),
    browns: new Float64Array(n).fill(1),
  };
  let cell = 0;
  let left = 0;
  for (const width of widths) {
    let above = 0;
    for (const height of heights) {
      const found = of(above + height / 2, left + width / 2);
      for (const order of [0, 1, 2] as const) {
        matter.conductivity[order][cell] = found.conductivityWet[order];
        matter.solids[order][cell] = found.capacitySolids[order];
      }
      matter.water[cell] = found.water;
      matter.density[cell] = found.density;
      above += height;
      cell += 1;
    }
    left += width;
  }
  return matter;
};

/** A layer with at least this share of fat renders. */
const RENDERS_FROM = 0.3;

const brownsAs = (tissue: TissueName): number => SKIN_BROWNING[tissue] ?? 1;

/** Contact of a column at a distance from a bone, relative to flat meat: rising linearly over the taper. */
const nearBone = (distance: number): number =>
  BONE_CONTACT + (1 - BONE_CONTACT) * Math.min(1, distance / ESTIMATES.boneTaper.value);

/** Meat with its layers and its bone. */
export const matterOf = (
  section: Section,
  tissue: TissueName,
  layers: readonly Layer[] = [],
  bone?: Bone,
  model: HeatModel = HEAT_MODELS.baseline,
): Matter => {
  const { heights, widths } = section;
  const across = widths.reduce((total, width) => total + width, 0);
  const boneTo = bone ? across - (bone.beyond ?? 0) : Infinity;
  const boneFrom = bone ? boneTo - bone.width : Infinity;
  const inBone = (from: number): boolean => from > boneFrom && from < boneTo;
  const tissueAt = (depth: number, from: number): TissueName => {
    if (inBone(from)) return 'bone';
    let inner = 0;
    for (const layer of layers) {
      inner += layer.thickness;
      if (depth < inner) return layer.tissue;
    }
    return tissue;
  };
  const properties = new Map<TissueName, TissueProperties>();
  const propertiesOf = (name: TissueName): TissueProperties => {
    const known = properties.get(name) ?? tissueProperties(TISSUES[name]);
    properties.set(name, known);
    return known;
  };
  const matter = matterFrom(section, (depth, from) => propertiesOf(tissueAt(depth, from)));
  const layered = layers.reduce((total, layer) => total + layer.thickness, 0);
  let cell = 0;
  let left = 0;
  for (const [j, width] of widths.entries()) {
    const from = left + width / 2;
    if (inBone(from)) matter.contact[j] = BONE_CONTACT;
    else if (model.boneTaper)
      matter.contact[j] = nearBone(Math.max(boneFrom - from, from - boneTo));
    let above = 0;
    for (const [i, height] of heights.entries()) {
      const depth = above + height / 2;
      const name = tissueAt(depth, from);
      const { fat } = TISSUES[name];
      matter.fat[cell] = fat * matter.density[cell];
      matter.meat[cell] = name !== 'bone' && depth > layered ? 1 : 0;
      matter.browns[cell] = brownsAs(name);
      if (j === 0 && depth < layered && fat >= RENDERS_FROM) matter.renders[i] = 1;
      above += height;
      cell += 1;
    }
    left += width;
  }
  return matter;
};
