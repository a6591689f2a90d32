/** Messages of meanings in English. */
export const meanings = {
  calculation: 'Calculation',
  source: 'Source',
  uncertainty: 'Uncertainty',
  code: 'Code',
  'what-is-it': '{word}: what is it?',
  words: 'Words',
  'how-it-is-calculated': '{word}: how it is calculated',
  'how-it-is-calculated-2': 'How it is calculated',
  'time-on-the-heat': 'Time on the heat',
  'time-in-the-pan-or-in-the':
    'Time in the pan, or in the pan and the oven, after which the core ends at the target.',
  'the-time-at-which-the-simulated-peak':
    'The time at which the simulated peak equals the target: first in one dimension, then in the section of the piece.',
  'heat-diffusion-with-evaporation-docs-heat':
    'Heat diffusion with evaporation: docs/heat-model.md, “The piece”.',
  'one-standard-deviation-of-the-inputs-the':
    'One standard deviation of the inputs, the estimates and the model’s own error.',
  pull: 'Pull',
  'taking-the-piece-off-the-heat-the':
    'Taking the piece off the heat. The core is still some degrees below the target then: it rises in the rest.',
  'core-of-the-simulated-piece-at-the':
    'Core of the simulated piece at the end of the part that the thermometer decides.',
  'the-same-simulation-as-the-plan': 'The same simulation as the plan.',
  'the-reading-of-a-thermometer-with-its':
    'The reading of a thermometer with its typical error of placement is shown beside it.',
  peak: 'Peak',
  'highest-core-temperature-reached-in-the':
    'Highest core temperature, reached in the rest, minutes after the pull. This is the end that you asked for.',
  'highest-core-temperature-in-the-rest-the':
    'Highest core temperature in the rest: the rest is simulated until no part of the piece is hotter than the core was.',
  '0-5-c-and-a-share-of': '0.5 °C and a share of the carryover: the error of the model itself.',
  window: 'Window',
  'how-early-or-late-the-pull-can':
    'How early or late the pull can be with the end still within a degree and a half. A wide window is forgiving.',
  'times-at-which-the-peak-would-be':
    'Times at which the peak would be 1.5 °C below and 1.5 °C above the target.',
  '1-5-c-is-about-the-error': '1.5 °C is about the error of a kitchen thermometer.',
  'both-times-are-found-within-0-05': 'Both times are found within 0.05 °C.',
  'grey-band': 'Grey band',
  'thickness-that-is-cooked-past-pink-between':
    'Thickness that is cooked past pink, between crust and core. Less is more even.',
  'depth-on-the-middle-line-at-which':
    'Depth on the middle line at which the meat was ever hotter than 65 °C, of both sides.',
  '65-c-docs-heat-model-md-constants': '65 °C: docs/heat-model.md, “Constants”.',
  'none-is-stated': 'None is stated.',
  carryover: 'Carryover',
  'rise-of-the-core-after-the-pull':
    'Rise of the core after the pull, by heat from the hot outside.',
  'peak-minus-the-core-temperature-at-the': 'Peak minus the core temperature at the pull.',
  'a-share-of-the-carryover-the-error': 'A share of the carryover: the error of the model itself.',
  even: 'Even',
  'share-of-the-slice-within-three-degrees': 'Share of the slice within three degrees of the core.',
  'volume-within-3-c-of-the-cores':
    'Volume within 3 °C of the core’s peak, divided by the volume of the meat.',
  '3-c-a-difference-that-a-cook': '3 °C: a difference that a cook sees.',
  crust: 'Crust',
  'the-dried-browned-outside-its-words-go':
    'The dried, browned outside. Its words go by colour: golden, deep brown, dark, then bitter.',
  'logarithm-of-one-plus-the-sum-of':
    'Logarithm of one plus the sum of the browning rate over time. The rate needs heat and a dry surface.',
  'fitted-to-reports-of-cooks-apps-cli':
    'Fitted to reports of cooks: apps/cli/src/fit/browningAnchors.ts.',
  'the-bias-of-the-cooks-own-eye': 'The bias of the cook’s own eye is learned from judgements.',
  loss: 'Loss',
  'share-of-the-weight-lost-as-steam':
    'Share of the weight lost as steam and drip. Every method loses some; a sear does not seal it in.',
  'evaporated-water-plus-dripped-juice': 'Evaporated water plus the juice that has dripped.',
  'drip-van-der-sman-and-juice-time':
    'Drip: van der Sman (2007). The time that juice takes through the meat is an estimate, fitted to measured losses.',
  '3-points-in-both-directions': '3 points in both directions.',
  rest: 'Rest',
  'time-between-heat-and-slicing-the-heat':
    'Time between heat and slicing: the heat evens out, the core peaks, the juice thickens.',
  'time-until-the-peak-the-rule-of':
    'Time until the peak, the rule of the kitchen, or for a whole piece 20 min up to 2 kg and 35 min above.',
  'rules-of-cooks-they-differ-and-each': 'Rules of cooks: they differ, and each can be set.',
  'the-cost-of-waiting-is-shown-beside': 'The cost of waiting is shown beside it.',
  method: 'Method',
  'the-order-of-pan-and-oven-every':
    'The order of pan and oven. Every method is planned to the same end.',
  core: 'Core',
  'middle-of-the-meat-the-last-place':
    'Middle of the meat, the last place to warm. The thermometer’s tip must be there.',
  burner: 'Burner',
  'burner-setting-when-the-piece-goes-in':
    'Burner setting when the piece goes in and cools the iron: as set, turned up, or full.',
  baste: 'Baste',
  'spooning-foaming-butter-over-the-piece-at':
    'Spooning foaming butter over the piece at the end of the pan.',
  render: 'Render',
  'melting-the-fat-under-a-skin-slowly':
    'Melting the fat under a skin, slowly, from a cold pan, before the skin browns.',
  'out-of-the-fridge': 'Out of the fridge',
  'time-on-the-counter-before-the-heat':
    'Time on the counter before the heat. It warms the middle less than most think.',
  forecast: 'Forecast',
  'pull-and-end-of-this-cook-from':
    'Pull and end of this cook from its readings, with their uncertainty.',
  'least-squares-fit-of-the-kitchen-to':
    'Least squares fit of the kitchen to the readings, with its typical errors, the error of the model and the place of the probe.',
  'docs-heat-model-md-estimation': 'docs/heat-model.md, “Estimation”.',
  'four-times-in-five-the-result-lies': 'Four times in five the result lies in the range.',
  smoke: 'Smoke',
  'temperature-at-which-the-fat-in-the':
    'Temperature at which the fat in the pan smokes. Above it the food tastes of smoke, and the vapour can catch fire.',
  'oven-offset': 'Oven offset',
  'true-air-temperature-minus-the-dial-ten':
    'True air temperature minus the dial. Ten or twenty degrees are typical.',
  'plate-time': 'Plate time',
  'time-at-which-the-piece-is-served':
    'Time at which the piece is served. Every step is counted back from it.',
  'plate-time-minus-the-sum-of-all': 'Plate time minus the sum of all later steps.',
  'the-plan-the-pans-and-ovens-of': 'The plan, the pans and ovens of the kitchen, and its rules.',
  'the-range-of-the-time-on-the': 'The range of the time on the heat.',
  'pan-warm-up': 'Pan warm-up',
  'time-in-which-the-empty-pan-reaches':
    'Time in which the empty pan reaches its temperature, with a minute to even out.',
  'one-body-of-iron-power-of-the':
    'One body of iron: power of the burner minus the losses of both sides.',
  'efficiency-of-burners-docs-heat-model-md':
    'Efficiency of burners: docs/heat-model.md, “Constants”.',
  'a-calibrated-burner-replaces-the-estimate': 'A calibrated burner replaces the estimate.',
  thaw: 'Thaw',
  'time-until-no-ice-is-left-in': 'Time until no ice is left in the middle of the piece.',
  'enthalpy-of-a-quarter-of-the-section':
    'Enthalpy of a quarter of the section; share of ice by Schwartzberg, first ice by Pham.',
  'compared-with-cleland-and-earle-1977-and':
    'Compared with Cleland and Earle (1977) and with Plank.',
  'a-warmer-and-a-cooler-place': 'A warmer and a cooler place.',
  'salt-depth': 'Salt depth',
  'depth-that-the-salt-has-reached-by':
    'Depth that the salt has reached by the time the piece is cooked.',
  'twice-the-root-of-diffusivity-times-time': 'Twice the root of diffusivity times time.',
  'diffusivity-of-salt-in-meat-2-5e':
    'Diffusivity of salt in meat: 2.5e-10 m²/s, published values 1e-10 to 5e-10.',
  'the-smallest-and-the-largest-published': 'The smallest and the largest published diffusivity.',
  drying: 'Drying',
  'water-that-the-surface-loses-in-the':
    'Water that the surface loses in the fridge. A dry surface browns sooner.',
  'evaporation-at-the-wet-bulb-temperature-of':
    'Evaporation at the wet-bulb temperature of the surface, through the layer that is dry already.',
  'rule-of-lewis-the-air-of-a': 'Rule of Lewis. The air of a fridge is an estimate.',
  'a-drier-and-a-damper-fridge': 'A drier and a damper fridge.',
  'log-reduction': 'Log reduction',
  'reduction-of-salmonella-at-the-coldest':
    'Reduction of Salmonella at the coldest point of the piece, in powers of ten.',
  'the-smallest-sum-of-the-lethal-rate':
    'The smallest sum of the lethal rate over time, of all parts of the piece.',
  'published-table-for-beef-it-is-not':
    'Published table for beef. It is not used for duck and fish. No part counts below 54.4 °C.',
  'shown-up-to-over-7': 'Shown up to “over 7”.',
  'published-minimum': 'Published minimum',
  'end-temperature-that-food-authorities':
    'End temperature that food authorities publish for this food.',
  'a-table-by-animal-and-treatment': 'A table by animal and treatment.',
  'the-authority-is-named-beside-the-figure': 'The authority is named beside the figure.',
  'none-the-rules-of-your-country-come': 'None. The rules of your country come first.',
  sizzle: 'Sizzle',
  'sound-of-the-pan-how-much-steam':
    'Sound of the pan: how much steam leaves the surface that touches the iron.',
  'logarithm-of-the-steam-under-the-piece':
    'Logarithm of the steam under the piece, between 0.4 and 16 g/(m²·s).',
  estimates: 'Estimates.',
  'ready-time-of-a-table': 'Ready time of a table',
  'time-at-which-all-pieces-of-a': 'Time at which all pieces of a table are plated.',
  'the-first-time-at-which-pans-ovens':
    'The first time at which pans, ovens, burners and persons are free, improved by a search.',
  'the-search-is-compared-with-exact-optima':
    'The search is compared with exact optima of small services.',
  'the-typical-delay-of-steps-and-the':
    'The typical delay of steps and the uncertainty of each piece are included.',
  'prep-count': 'Prep count',
  'number-of-pieces-to-prepare-for-a': 'Number of pieces to prepare for a day.',
  'the-count-with-the-least-expected-cost':
    'The count with the least expected cost of leftovers and of running out.',
  'demand-by-weekday-and-trend-fitted-to':
    'Demand by weekday and trend, fitted to the counts of past services.',
  'the-chance-to-run-out-and-the': 'The chance to run out, and the cost of one more and one fewer.',
} as const;
