/** The tokens of the look: iron, salt, one gas flame, hazard; type in seven sizes. */
module.exports = {
  content: ['./src/**/*.{ts,tsx}'],
  presets: [require('nativewind/preset')],
  darkMode: 'class',
  theme: {
    colors: {
      transparent: 'transparent',
      iron: { 950: '#141618', 900: '#1B1D1F', 700: '#3A3F45', 500: '#5F6367', 400: '#979CA1' },
      salt: { 0: '#FFFFFF', 50: '#F6F4EE', 200: '#DDD8CC', 300: '#B9B4A8' },
      flame: { light: '#1F4FD1', dark: '#7FA4FF' },
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
