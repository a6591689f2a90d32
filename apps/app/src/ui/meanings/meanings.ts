/** The words a cook may not know, in plain ones: docs/glossary.md has them with their names in the code. */
export const MEANINGS = {
  pull: {
    word: 'Pull',
    means:
      'Taking it off the heat. The middle is still some degrees short then: it climbs on in the rest.',
  },
  peak: {
    word: 'Peak',
    means:
      'The hottest the middle gets, in the rest, minutes after the pull. That is the end you asked for.',
  },
  window: {
    word: 'Window',
    means:
      'How much too early or too late the pull may be with the end still within a degree and a half. Wide is forgiving.',
  },
  grey: {
    word: 'Grey band',
    means:
      'How much of the thickness is cooked past pink between crust and middle. Less is more even.',
  },
  coast: {
    word: 'Coasting',
    means:
      'The climb of the middle after the pull, carried by the hot outside. Cooks also say carry-over.',
  },
  even: {
    word: 'Even',
    means: 'The share of the slice that is within three degrees of its middle.',
  },
  crust: {
    word: 'Crust',
    means:
      'The dried, browned outside. Its words go by colour: golden, deep brown, dark, then bitter.',
  },
  loss: {
    word: 'Loss',
    means:
      'What leaves of the weight as steam and drip. Every way loses some; a sear seals nothing in.',
  },
  rest: {
    word: 'Rest',
    means: 'From the heat to the knife: the heat evens out, the middle peaks, the juice thickens.',
  },
  way: {
    word: 'Way',
    means: 'The order of pan and oven. Every method is planned to the same end.',
  },
  core: {
    word: 'Core',
    means: 'The middle of the meat, the last place to warm. A thermometer must find it.',
  },
  knob: {
    word: 'Knob',
    means:
      'What you do with the burner as the piece goes in and cools the iron: leave it, turn it up, or full.',
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
    means:
      'What the readings make of this cook: when to pull, and where it ends, with how sure that is.',
  },
  smoke: {
    word: 'Smoke',
    means:
      'The heat at which the fat in the pan smokes. Above it the food tastes of it, and the vapour can flame.',
  },
  offset: {
    word: 'Air over dial',
    means: 'True air temperature minus the dial. Ten or twenty degrees are typical.',
  },
} as const;
export type Meaning = keyof typeof MEANINGS;
