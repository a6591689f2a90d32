/** Air of a kitchen, C. Our usual figure. */
export const KITCHEN_AIR = 22;
