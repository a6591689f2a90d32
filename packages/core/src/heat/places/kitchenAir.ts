/** Air temperature of a kitchen, C. Our default. */
export const KITCHEN_AIR = 22;
