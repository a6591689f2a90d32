import { TISSUES, type TissueName } from '../food';
import { tissueProperties, type TissueProperties } from '../food/properties';
import type { Section } from './section';

/** A layer on the face that goes down first: skin and fat of a duck breast, a fat cap. */
export interface Layer {
  readonly tissue: TissueName;
  /** m */
  readonly thickness: number;
}

/** A bone along the right edge of a long piece, solved whole: a strip of this width, m. */
export interface Bone {
  readonly width: number;
}

/** Share of the contact that meat has which a bone's rounded side makes with the pan; estimate. */
const BONE_CONTACT = 0.25;

/**
 * What each cell of a section is made of, unpacked so that the solver's loops read plain arrays:
 * quadratics of the wet conductivity (W/m K) and of the solids' capacity (J/m3 K), first water
 * (kg/m3) and density (kg/m3).
 */
export interface Matter {
  readonly conductivity: readonly [Float64Array, Float64Array, Float64Array];
  readonly solids: readonly [Float64Array, Float64Array, Float64Array];
  readonly water: Float64Array;
  /** Its inverse, m3/kg; 0 where there never was any. */
  readonly perWater: Float64Array;
  /** Contact each column makes with a pan, as a share of flat meat's. */
  readonly contact: Float64Array;
  readonly density: Float64Array;
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
    perWater: new Float64Array(n),
    contact: new Float64Array(widths.length).fill(1),
    density: new Float64Array(n),
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
      matter.perWater[cell] = found.water > 0 ? 1 / found.water : 0;
      matter.density[cell] = found.density;
      above += height;
      cell += 1;
    }
    left += width;
  }
  return matter;
};

/** Meat with its layers and its bone. */
export const matterOf = (
  section: Section,
  tissue: TissueName,
  layers: readonly Layer[] = [],
  bone?: Bone,
): Matter => {
  const meat = tissueProperties(TISSUES[tissue]);
  const coats = layers.map((layer) => ({
    thickness: layer.thickness,
    properties: tissueProperties(TISSUES[layer.tissue]),
  }));
  const hard = tissueProperties(TISSUES.bone);
  const across = section.widths.reduce((total, width) => total + width, 0);
  const matter = matterFrom(section, (depth, from) => {
    if (bone && from > across - bone.width) return hard;
    let inner = 0;
    for (const { thickness, properties } of coats) {
      inner += thickness;
      if (depth < inner) return properties;
    }
    return meat;
  });
  let left = 0;
  section.widths.forEach((width, j) => {
    if (bone && left + width / 2 > across - bone.width) matter.contact[j] = BONE_CONTACT;
    left += width;
  });
  return matter;
};
