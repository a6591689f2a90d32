/** The words a cook may not know, in plain ones: docs/glossary.md has them with their names in the code. */
export const MEANINGS = {
  pull: {
    word: 'Pull',
    means:
      'Taking the piece off the heat. The core is still some degrees below the target then: it rises in the rest.',
  },
  peak: {
    word: 'Peak',
    means:
      'Highest core temperature, reached in the rest, minutes after the pull. This is the end that you asked for.',
  },
  window: {
    word: 'Window',
    means:
      'How early or late the pull can be with the end still within a degree and a half. A wide window is forgiving.',
  },
  grey: {
    word: 'Grey band',
    means: 'Thickness that is cooked past pink, between crust and core. Less is more even.',
  },
  coast: {
    word: 'Carryover',
    means: 'Rise of the core after the pull, by heat from the hot outside.',
  },
  even: {
    word: 'Even',
    means: 'Share of the slice within three degrees of the core.',
  },
  crust: {
    word: 'Crust',
    means:
      'The dried, browned outside. Its words go by colour: golden, deep brown, dark, then bitter.',
  },
  loss: {
    word: 'Loss',
    means:
      'Share of the weight lost as steam and drip. Every method loses some; a sear does not seal it in.',
  },
  rest: {
    word: 'Rest',
    means: 'Time between heat and slicing: the heat evens out, the core peaks, the juice thickens.',
  },
  way: {
    word: 'Method',
    means: 'The order of pan and oven. Every method is planned to the same end.',
  },
  core: {
    word: 'Core',
    means: 'Middle of the meat, the last place to warm. The thermometer’s tip must be there.',
  },
  knob: {
    word: 'Burner',
    means: 'Burner setting when the piece goes in and cools the iron: as set, turned up, or full.',
  },
  baste: { word: 'Baste', means: 'Spooning foaming butter over the piece at the end of the pan.' },
  render: {
    word: 'Render',
    means: 'Melting the fat under a skin, slowly, from a cold pan, before the skin browns.',
  },
  temper: {
    word: 'Out of the fridge',
    means: 'Time on the counter before the heat. It warms the middle less than most think.',
  },
  forecast: {
    word: 'Forecast',
    means: 'Pull and end of this cook from its readings, with their uncertainty.',
  },
  smoke: {
    word: 'Smoke',
    means:
      'Temperature at which the fat in the pan smokes. Above it the food tastes of smoke, and the vapour can catch fire.',
  },
  offset: {
    word: 'Oven offset',
    means: 'True air temperature minus the dial. Ten or twenty degrees are typical.',
  },
} as const;
export type Meaning = keyof typeof MEANINGS;
