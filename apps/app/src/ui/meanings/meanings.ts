/** Origin of a figure. `npm run figures` writes it to docs/figures.md. */
export interface FigureOrigin {
  /** Functions that compute it: the file below `packages/core/src`, and what it exports. */
  readonly functions: readonly (readonly [file: string, name: string])[];
  readonly equation: string;
  readonly source: string;
  /** Uncertainty of the figure, or how its range is computed. */
  readonly range: string;
}

export interface MeaningText {
  readonly word: string;
  readonly means: string;
  /** Undefined: the word is not a figure. */
  readonly figure?: FigureOrigin;
}

/** Words that a cook may not know, and figures: docs/glossary.md has the words with their names in the code. */
export const MEANINGS = {
  time: {
    word: 'Time on the heat',
    means: 'Time in the pan, or in the pan and the oven, after which the core ends at the target.',
    figure: {
      functions: [
        ['plan/search/solveWay', 'solveWay'],
        ['plan/search/refineWay', 'refineWay'],
      ],
      equation:
        'The time at which the simulated peak equals the target: first in one dimension, then in the section of the piece.',
      source: 'Heat diffusion with evaporation: docs/heat-model.md, “The piece”.',
      range: 'One standard deviation of the inputs, the estimates and the model’s own error.',
    },
  },
  pull: {
    word: 'Pull',
    means:
      'Taking the piece off the heat. The core is still some degrees below the target then: it rises in the rest.',
    figure: {
      functions: [['plan/search/recordPlan', 'recordRun']],
      equation: 'Core of the simulated piece at the end of the part that the thermometer decides.',
      source: 'The same simulation as the plan.',
      range: 'The reading of a thermometer with its usual error of placement is shown beside it.',
    },
  },
  peak: {
    word: 'Peak',
    means:
      'Highest core temperature, reached in the rest, minutes after the pull. This is the end that you asked for.',
    figure: {
      functions: [['plan/legs/restToPeak', 'restToPeak']],
      equation:
        'Highest core temperature in the rest: the rest is simulated until no part of the piece is hotter than the core was.',
      source: 'The same simulation as the plan.',
      range: '0.5 °C and a share of the carryover: the error of the model itself.',
    },
  },
  window: {
    word: 'Window',
    means:
      'How early or late the pull can be with the end still within a degree and a half. A wide window is forgiving.',
    figure: {
      functions: [['plan/ranges/windowAbout', 'windowAbout']],
      equation: 'Times at which the peak would be 1.5 °C below and 1.5 °C above the target.',
      source: '1.5 °C is about the error of a kitchen thermometer.',
      range: 'Both times are found within 0.05 °C.',
    },
  },
  grey: {
    word: 'Grey band',
    means: 'Thickness that is cooked past pink, between crust and core. Less is more even.',
    figure: {
      functions: [['heat/judging/judge', 'greyBand']],
      equation:
        'Depth on the middle line at which the meat was ever hotter than 65 °C, of both sides.',
      source: '65 °C: docs/heat-model.md, “Constants”.',
      range: 'None is stated.',
    },
  },
  coast: {
    word: 'Carryover',
    means: 'Rise of the core after the pull, by heat from the hot outside.',
    figure: {
      functions: [['plan/legs/restToPeak', 'restToPeak']],
      equation: 'Peak minus the core temperature at the pull.',
      source: 'The same simulation as the plan.',
      range: 'A share of the carryover: the error of the model itself.',
    },
  },
  even: {
    word: 'Even',
    means: 'Share of the slice within three degrees of the core.',
    figure: {
      functions: [['heat/judging/judge', 'evenness']],
      equation: 'Volume within 3 °C of the core’s peak, divided by the volume of the meat.',
      source: '3 °C: a difference that a cook sees.',
      range: 'None is stated.',
    },
  },
  crust: {
    word: 'Crust',
    means:
      'The dried, browned outside. Its words go by colour: golden, deep brown, dark, then bitter.',
    figure: {
      functions: [
        ['heat/solver/browning', 'Browning'],
        ['doneness/crustColour', 'crustColour'],
      ],
      equation:
        'Logarithm of one plus the sum of the browning rate over time. The rate needs heat and a dry surface.',
      source: 'Fitted to reports of cooks: apps/cli/src/fit/browningAnchors.ts.',
      range: 'The bias of the cook’s own eye is learned from judgements.',
    },
  },
  loss: {
    word: 'Loss',
    means:
      'Share of the weight lost as steam and drip. Every method loses some; a sear does not seal it in.',
    figure: {
      functions: [['heat/judging/drip', 'lossOf']],
      equation: 'Evaporated water plus 0.6 of the largest possible drip.',
      source: 'Drip: van der Sman (2007). The 0.6 is an estimate.',
      range: '3 points in both directions.',
    },
  },
  rest: {
    word: 'Rest',
    means: 'Time between heat and slicing: the heat evens out, the core peaks, the juice thickens.',
    figure: {
      functions: [
        ['plan/legs/carving', 'carvingAfter'],
        ['schedule/restRule', 'restByRule'],
      ],
      equation:
        'Time until the peak, the rule of the kitchen, or for a whole piece 20 min up to 2 kg and 35 min above.',
      source: 'Rules of cooks: they differ, and each can be set.',
      range: 'The cost of waiting is shown beside it.',
    },
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
    figure: {
      functions: [['estimate/forecast', 'Forecaster']],
      equation:
        'Least squares fit of the kitchen to the readings, with its usual errors, the error of the model and the place of the probe.',
      source: 'docs/heat-model.md, “Estimation”.',
      range: 'Four times in five the result lies in the range.',
    },
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
  plate: {
    word: 'Plate time',
    means: 'Time at which the piece is served. Every step is counted back from it.',
    figure: {
      functions: [['schedule/run', 'runOf']],
      equation: 'Plate time minus the sum of all later steps.',
      source: 'The plan, the pans and ovens of the kitchen, and its rules.',
      range: 'The range of the time on the heat.',
    },
  },
  warmUp: {
    word: 'Pan warm-up',
    means: 'Time in which the empty pan reaches its temperature, with a minute to even out.',
    figure: {
      functions: [['gear/preheat', 'preheat']],
      equation: 'One body of iron: power of the burner minus the losses of both sides.',
      source: 'Efficiency of burners: docs/heat-model.md, “Constants”.',
      range: 'A calibrated burner replaces the estimate.',
    },
  },
  thaw: {
    word: 'Thaw',
    means: 'Time until no ice is left in the middle of the piece.',
    figure: {
      functions: [
        ['heat/ice/thaw', 'thaw'],
        ['plan/legs/thawOf', 'thawOf'],
      ],
      equation:
        'Enthalpy of a quarter of the section; share of ice by Schwartzberg, first ice by Pham.',
      source: 'Compared with Cleland and Earle (1977) and with Plank.',
      range: 'A warmer and a cooler place.',
    },
  },
  saltDepth: {
    word: 'Salt depth',
    means: 'Depth that the salt has reached by the time the piece is cooked.',
    figure: {
      functions: [['plan/request/schools', 'saltDepths']],
      equation: 'Twice the root of diffusivity times time.',
      source: 'Diffusivity of salt in meat: 2.5e-10 m²/s, published values 1e-10 to 5e-10.',
      range: 'The smallest and the largest published diffusivity.',
    },
  },
  drying: {
    word: 'Drying',
    means: 'Water that the surface loses in the fridge. A dry surface browns sooner.',
    figure: {
      functions: [['heat/matter/fridgeDrying', 'faceDried']],
      equation:
        'Evaporation at the wet-bulb temperature of the surface, through the layer that is dry already.',
      source: 'Rule of Lewis. The air of a fridge is an estimate.',
      range: 'A drier and a damper fridge.',
    },
  },
  lethality: {
    word: 'Log reduction',
    means: 'Reduction of Salmonella at the coldest point of the piece, in powers of ten.',
    figure: {
      functions: [['safety/lethality', 'Lethality']],
      equation: 'The smallest sum of the lethal rate over time, of all parts of the piece.',
      source:
        'Published table for beef. It is not used for duck and fish. No part counts below 54.4 °C.',
      range: 'Shown up to “over 7”.',
    },
  },
  minimum: {
    word: 'Published minimum',
    means: 'End temperature that food authorities publish for this food.',
    figure: {
      functions: [['safety/minimumTemperature', 'minimumFor']],
      equation: 'A table by animal and treatment.',
      source: 'The authority is named beside the figure.',
      range: 'None. The rules of your country come first.',
    },
  },
  sizzle: {
    word: 'Sizzle',
    means: 'Sound of the pan: how much steam leaves the surface that touches the iron.',
    figure: {
      functions: [['heat/judging/sizzle', 'sizzleOf']],
      equation: 'Logarithm of the steam under the piece, between 0.4 and 16 g/(m²·s).',
      source: 'Estimates.',
      range: 'None is stated.',
    },
  },
  ready: {
    word: 'Ready time of a table',
    means: 'Time at which all pieces of a table are plated.',
    figure: {
      functions: [['pass/search/serviceSearch', 'ServiceSearch']],
      equation:
        'The first time at which pans, ovens, burners and persons are free, improved by a search.',
      source: 'The search is compared with exact optima of small services.',
      range: 'The usual delay of steps and the uncertainty of each piece are included.',
    },
  },
  prep: {
    word: 'Prep count',
    means: 'Number of pieces to prepare for a day.',
    figure: {
      functions: [
        ['par/fitDemand', 'fitDemand'],
        ['par/optimizePrepCount', 'optimizePrepCount'],
      ],
      equation: 'The count with the least expected cost of leftovers and of running out.',
      source: 'Demand by weekday and trend, fitted to the counts of past services.',
      range: 'The chance to run out, and the cost of one more and one fewer.',
    },
  },
} as const satisfies Readonly<Record<string, MeaningText>>;
export type Meaning = keyof typeof MEANINGS;

const isMeaning = (id: string): id is Meaning => id in MEANINGS;
/** In the order of the table. */
export const MEANING_IDS: readonly Meaning[] = Object.keys(MEANINGS).filter(isMeaning);
