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
      // In rem, of 16 px unless the reader's browser says otherwise: text grows with it.
      12: ['0.75rem', '1rem'],
      14: ['0.875rem', '1.25rem'],
      16: ['1rem', '1.5rem'],
      19: ['1.1875rem', '1.625rem'],
      24: ['1.5rem', '2.125rem'],
      40: ['2.5rem', '2.75rem'],
      // The largest figures are large enough: they do not grow.
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
