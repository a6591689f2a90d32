/** The pan when butter goes in, C: it foams and browns, and does not burn. */
export const BUTTER_PAN = 160;
