/** Classes of a colour whose value the page's light decides: global.css has them, in light and in dark. */
const tones = (name, shades) =>
  Object.fromEntries(shades.map((shade) => [shade, `var(--${name}-${shade})`]));

/** The tokens of the look: iron, salt, one gas flame, hazard; type in seven sizes. */
module.exports = {
  content: ['./src/**/*.{ts,tsx}'],
  presets: [require('nativewind/preset')],
  darkMode: 'class',
  theme: {
    colors: {
      transparent: 'transparent',
      iron: tones('iron', [950, 900, 700, 500, 400]),
      salt: tones('salt', [0, 50, 200, 300]),
      flame: tones('flame', ['light', 'dark']),
      hazard: '#F2C430',
    },
    fontSize: {
      12: ['12px', '16px'],
      14: ['14px', '20px'],
      16: ['16px', '24px'],
      19: ['19px', '26px'],
      24: ['24px', '34px'],
      40: ['40px', '44px'],
      96: ['96px', '96px'],
      132: ['132px', '124px'],
    },
    fontFamily: {
      text: ['Barlow', 'sans-serif'],
      strong: ['BarlowSemiBold', 'sans-serif'],
      head: ['BarlowCondensedSemiBold', 'sans-serif'],
      figure: ['BarlowCondensedMedium', 'sans-serif'],
    },
    extend: {
      borderRadius: { DEFAULT: '4px' },
      minHeight: { touch: '48px', stove: '64px' },
      minWidth: { touch: '48px' },
    },
  },
};
