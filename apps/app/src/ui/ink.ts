/** Tokens for drawings, by the page's light: classes have the same from tailwind.config.js. */
export const INK = {
  iron950: 'var(--iron-950)',
  iron700: 'var(--iron-700)',
  iron500: 'var(--iron-500)',
  iron400: 'var(--iron-400)',
  salt0: 'var(--salt-0)',
  salt50: 'var(--salt-50)',
  salt200: 'var(--salt-200)',
  salt300: 'var(--salt-300)',
  flameLight: 'var(--flame-light)',
  flameDark: 'var(--flame-dark)',
  /** The same on iron and on salt. */
  hazard: '#F2C430',
  /** The face of a piece in a chart: neither raw nor burnt, legible on iron and on salt. */
  surface: '#A68F74',
} as const;
