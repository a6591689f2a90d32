/** From this width on the places stand in a rail, and what belongs together stands side by side, px. */
export const WIDE = 1024;
