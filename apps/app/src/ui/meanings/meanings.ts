import { t } from './t';

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
    word: t('time-on-the-heat'),
    means: t('time-in-the-pan-or-in-the'),
    figure: {
      functions: [
        ['plan/search/solveWay', 'solveWay'],
        ['plan/search/refineWay', 'refineWay'],
      ],
      equation: t('the-time-at-which-the-simulated-peak'),
      source: t('heat-diffusion-with-evaporation-docs-heat'),
      range: t('one-standard-deviation-of-the-inputs-the'),
    },
  },
  pull: {
    word: t('pull'),
    means: t('taking-the-piece-off-the-heat-the'),
    figure: {
      functions: [['plan/search/recordPlan', 'recordRun']],
      equation: t('core-of-the-simulated-piece-at-the'),
      source: t('the-same-simulation-as-the-plan'),
      range: t('the-reading-of-a-thermometer-with-its'),
    },
  },
  peak: {
    word: t('peak'),
    means: t('highest-core-temperature-reached-in-the'),
    figure: {
      functions: [['plan/legs/restToPeak', 'restToPeak']],
      equation: t('highest-core-temperature-in-the-rest-the'),
      source: t('the-same-simulation-as-the-plan'),
      range: t('0-5-c-and-a-share-of'),
    },
  },
  window: {
    word: t('window'),
    means: t('how-early-or-late-the-pull-can'),
    figure: {
      functions: [['plan/ranges/windowAbout', 'windowAbout']],
      equation: t('times-at-which-the-peak-would-be'),
      source: t('1-5-c-is-about-the-error'),
      range: t('both-times-are-found-within-0-05'),
    },
  },
  grey: {
    word: t('grey-band'),
    means: t('thickness-that-is-cooked-past-pink-between'),
    figure: {
      functions: [['heat/judging/judge', 'greyBand']],
      equation: t('depth-on-the-middle-line-at-which'),
      source: t('65-c-docs-heat-model-md-constants'),
      range: t('none-is-stated'),
    },
  },
  coast: {
    word: t('carryover'),
    means: t('rise-of-the-core-after-the-pull'),
    figure: {
      functions: [['plan/legs/restToPeak', 'restToPeak']],
      equation: t('peak-minus-the-core-temperature-at-the'),
      source: t('the-same-simulation-as-the-plan'),
      range: t('a-share-of-the-carryover-the-error'),
    },
  },
  even: {
    word: t('even'),
    means: t('share-of-the-slice-within-three-degrees'),
    figure: {
      functions: [['heat/judging/judge', 'evenness']],
      equation: t('volume-within-3-c-of-the-cores'),
      source: t('3-c-a-difference-that-a-cook'),
      range: t('none-is-stated'),
    },
  },
  crust: {
    word: t('crust'),
    means: t('the-dried-browned-outside-its-words-go'),
    figure: {
      functions: [
        ['heat/solver/browning', 'Browning'],
        ['doneness/crustColour', 'crustColour'],
      ],
      equation: t('logarithm-of-one-plus-the-sum-of'),
      source: t('fitted-to-reports-of-cooks-apps-cli'),
      range: t('the-bias-of-the-cooks-own-eye'),
    },
  },
  loss: {
    word: t('loss'),
    means: t('share-of-the-weight-lost-as-steam'),
    figure: {
      functions: [['heat/judging/drip', 'lossOf']],
      equation: t('evaporated-water-plus-dripped-juice'),
      source: t('drip-van-der-sman-and-juice-time'),
      range: t('3-points-in-both-directions'),
    },
  },
  rest: {
    word: t('rest'),
    means: t('time-between-heat-and-slicing-the-heat'),
    figure: {
      functions: [
        ['plan/legs/carving', 'carvingAfter'],
        ['schedule/restRule', 'restByRule'],
      ],
      equation: t('time-until-the-peak-the-rule-of'),
      source: t('rules-of-cooks-they-differ-and-each'),
      range: t('the-cost-of-waiting-is-shown-beside'),
    },
  },
  way: {
    word: t('method'),
    means: t('the-order-of-pan-and-oven-every'),
  },
  core: {
    word: t('core'),
    means: t('middle-of-the-meat-the-last-place'),
  },
  knob: {
    word: t('burner'),
    means: t('burner-setting-when-the-piece-goes-in'),
  },
  baste: { word: t('baste'), means: t('spooning-foaming-butter-over-the-piece-at') },
  render: {
    word: t('render'),
    means: t('melting-the-fat-under-a-skin-slowly'),
  },
  temper: {
    word: t('out-of-the-fridge'),
    means: t('time-on-the-counter-before-the-heat'),
  },
  forecast: {
    word: t('forecast'),
    means: t('pull-and-end-of-this-cook-from'),
    figure: {
      functions: [['estimate/forecast', 'Forecaster']],
      equation: t('least-squares-fit-of-the-kitchen-to'),
      source: t('docs-heat-model-md-estimation'),
      range: t('four-times-in-five-the-result-lies'),
    },
  },
  smoke: {
    word: t('smoke'),
    means: t('temperature-at-which-the-fat-in-the'),
  },
  offset: {
    word: t('oven-offset'),
    means: t('true-air-temperature-minus-the-dial-ten'),
  },
  plate: {
    word: t('plate-time'),
    means: t('time-at-which-the-piece-is-served'),
    figure: {
      functions: [['schedule/run', 'runOf']],
      equation: t('plate-time-minus-the-sum-of-all'),
      source: t('the-plan-the-pans-and-ovens-of'),
      range: t('the-range-of-the-time-on-the'),
    },
  },
  warmUp: {
    word: t('pan-warm-up'),
    means: t('time-in-which-the-empty-pan-reaches'),
    figure: {
      functions: [['gear/preheat', 'preheat']],
      equation: t('one-body-of-iron-power-of-the'),
      source: t('efficiency-of-burners-docs-heat-model-md'),
      range: t('a-calibrated-burner-replaces-the-estimate'),
    },
  },
  thaw: {
    word: t('thaw'),
    means: t('time-until-no-ice-is-left-in'),
    figure: {
      functions: [
        ['heat/ice/thaw', 'thaw'],
        ['plan/legs/thawOf', 'thawOf'],
      ],
      equation: t('enthalpy-of-a-quarter-of-the-section'),
      source: t('compared-with-cleland-and-earle-1977-and'),
      range: t('a-warmer-and-a-cooler-place'),
    },
  },
  saltDepth: {
    word: t('salt-depth'),
    means: t('depth-that-the-salt-has-reached-by'),
    figure: {
      functions: [['plan/request/schools', 'saltDepths']],
      equation: t('twice-the-root-of-diffusivity-times-time'),
      source: t('diffusivity-of-salt-in-meat-2-5e'),
      range: t('the-smallest-and-the-largest-published'),
    },
  },
  drying: {
    word: t('drying'),
    means: t('water-that-the-surface-loses-in-the'),
    figure: {
      functions: [['heat/matter/fridgeDrying', 'faceDried']],
      equation: t('evaporation-at-the-wet-bulb-temperature-of'),
      source: t('rule-of-lewis-the-air-of-a'),
      range: t('a-drier-and-a-damper-fridge'),
    },
  },
  lethality: {
    word: t('log-reduction'),
    means: t('reduction-of-salmonella-at-the-coldest'),
    figure: {
      functions: [['safety/lethality', 'Lethality']],
      equation: t('the-smallest-sum-of-the-lethal-rate'),
      source: t('published-table-for-beef-it-is-not'),
      range: t('shown-up-to-over-7'),
    },
  },
  minimum: {
    word: t('published-minimum'),
    means: t('end-temperature-that-food-authorities'),
    figure: {
      functions: [['safety/minimumTemperature', 'minimumFor']],
      equation: t('a-table-by-animal-and-treatment'),
      source: t('the-authority-is-named-beside-the-figure'),
      range: t('none-the-rules-of-your-country-come'),
    },
  },
  sizzle: {
    word: t('sizzle'),
    means: t('sound-of-the-pan-how-much-steam'),
    figure: {
      functions: [['heat/judging/sizzle', 'sizzleOf']],
      equation: t('logarithm-of-the-steam-under-the-piece'),
      source: t('estimates'),
      range: t('none-is-stated'),
    },
  },
  ready: {
    word: t('ready-time-of-a-table'),
    means: t('time-at-which-all-pieces-of-a'),
    figure: {
      functions: [['pass/search/serviceSearch', 'ServiceSearch']],
      equation: t('the-first-time-at-which-pans-ovens'),
      source: t('the-search-is-compared-with-exact-optima'),
      range: t('the-typical-delay-of-steps-and-the'),
    },
  },
  prep: {
    word: t('prep-count'),
    means: t('number-of-pieces-to-prepare-for-a'),
    figure: {
      functions: [
        ['par/fitDemand', 'fitDemand'],
        ['par/optimizePrepCount', 'optimizePrepCount'],
      ],
      equation: t('the-count-with-the-least-expected-cost'),
      source: t('demand-by-weekday-and-trend-fitted-to'),
      range: t('the-chance-to-run-out-and-the'),
    },
  },
} as const satisfies Readonly<Record<string, MeaningText>>;
export type Meaning = keyof typeof MEANINGS;

const isMeaning = (id: string): id is Meaning => id in MEANINGS;
/** In the order of the table. */
export const MEANING_IDS: readonly Meaning[] = Object.keys(MEANINGS).filter(isMeaning);
