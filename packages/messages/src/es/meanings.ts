import type { meanings as english } from '../en/meanings';
import type { TranslationOf } from '../translator';

/** Messages of meanings in Spanish. */
export const meanings: TranslationOf<typeof english> = {
  calculation: 'Cálculo',
  source: 'Fuente',
  uncertainty: 'Incertidumbre',
  code: 'Código',
  'what-is-it': '{word}: ¿qué es?',
  words: 'Palabras',
  'how-it-is-calculated': '{word}: cómo se calcula',
  'how-it-is-calculated-2': 'Cómo se calcula',
  'time-on-the-heat': 'Tiempo al fuego',
  'time-in-the-pan-or-in-the':
    'Tiempo en la sartén, o en la sartén y el horno, tras el cual el centro termina en el objetivo.',
  'the-time-at-which-the-simulated-peak':
    'El tiempo en que el máximo simulado es igual al objetivo: primero en una dimensión, luego en la sección de la pieza.',
  'heat-diffusion-with-evaporation-docs-heat':
    'Difusión de calor con evaporación: docs/heat-model.md, “The piece”.',
  'one-standard-deviation-of-the-inputs-the':
    'Una desviación típica de los datos, las estimaciones y el error propio del modelo.',
  pull: 'Salida',
  'taking-the-piece-off-the-heat-the':
    'Quitar la pieza del calor. El centro está aún unos grados por debajo del objetivo: sube en el reposo.',
  'core-of-the-simulated-piece-at-the':
    'Centro de la pieza simulada al final de la parte que decide el termómetro.',
  'the-same-simulation-as-the-plan': 'La misma simulación que el plan.',
  'the-reading-of-a-thermometer-with-its':
    'Al lado se muestra la lectura de un termómetro con su error habitual de colocación.',
  peak: 'Máximo',
  'highest-core-temperature-reached-in-the':
    'Temperatura más alta del centro, alcanzada en el reposo, minutos después de la salida. Es el final que pediste.',
  'highest-core-temperature-in-the-rest-the':
    'Temperatura más alta del centro en el reposo: se simula hasta que ninguna parte está más caliente de lo que estuvo el centro.',
  '0-5-c-and-a-share-of': '0,5 °C y una parte del calor residual: el error del propio modelo.',
  window: 'Ventana',
  'how-early-or-late-the-pull-can':
    'Cuánto se puede adelantar o retrasar la salida con el final aún a menos de grado y medio. Una ventana ancha perdona.',
  'times-at-which-the-peak-would-be':
    'Tiempos en que el máximo quedaría 1,5 °C por debajo y 1,5 °C por encima del objetivo.',
  '1-5-c-is-about-the-error': '1,5 °C es más o menos el error de un termómetro de cocina.',
  'both-times-are-found-within-0-05': 'Los dos tiempos se hallan con 0,05 °C de precisión.',
  'grey-band': 'Banda gris',
  'thickness-that-is-cooked-past-pink-between':
    'Grosor cocinado más allá del rosado, entre la costra y el centro. Cuanto menos, más parejo.',
  'depth-on-the-middle-line-at-which':
    'Profundidad en la línea media donde la carne pasó alguna vez de 65 °C, por los dos lados.',
  '65-c-docs-heat-model-md-constants': '65 °C: docs/heat-model.md, “Constants”.',
  'none-is-stated': 'No se indica ninguna.',
  carryover: 'Calor residual',
  'rise-of-the-core-after-the-pull':
    'Subida del centro después de la salida, por el calor del exterior.',
  'peak-minus-the-core-temperature-at-the': 'Máximo menos la temperatura del centro en la salida.',
  'a-share-of-the-carryover-the-error': 'Una parte del calor residual: el error del propio modelo.',
  even: 'Parejo',
  'share-of-the-slice-within-three-degrees': 'Parte del corte a menos de tres grados del centro.',
  'volume-within-3-c-of-the-cores':
    'Volumen a menos de 3 °C del máximo del centro, dividido por el volumen de la carne.',
  '3-c-a-difference-that-a-cook': '3 °C: una diferencia que un cocinero ve.',
  crust: 'Costra',
  'the-dried-browned-outside-its-words-go':
    'El exterior seco y dorado. Sus palabras van por el color: dorada, marrón intenso, oscura, y luego amarga.',
  'logarithm-of-one-plus-the-sum-of':
    'Logaritmo de uno más la suma de la velocidad de dorado en el tiempo. La velocidad necesita calor y una superficie seca.',
  'fitted-to-reports-of-cooks-apps-cli':
    'Ajustado a informes de cocineros: apps/cli/src/fit/browningAnchors.ts.',
  'the-bias-of-the-cooks-own-eye': 'El sesgo del ojo del cocinero se aprende de sus valoraciones.',
  loss: 'Pérdida',
  'share-of-the-weight-lost-as-steam':
    'Parte del peso que se va como vapor y jugo. Toda forma de cocinar pierde algo; sellar no lo encierra.',
  'evaporated-water-plus-dripped-juice': 'Agua evaporada más el jugo que ha goteado.',
  'drip-van-der-sman-and-juice-time':
    'Goteo: van der Sman (2007). El tiempo que el jugo tarda en atravesar la carne es una estimación, ajustada a pérdidas medidas.',
  '3-points-in-both-directions': '3 puntos en los dos sentidos.',
  rest: 'Reposo',
  'time-between-heat-and-slicing-the-heat':
    'Tiempo entre el calor y el corte: el calor se iguala, el centro llega al máximo, el jugo espesa.',
  'time-until-the-peak-the-rule-of':
    'Tiempo hasta el máximo, la regla de la cocina, o para una pieza entera 20 min hasta 2 kg y 35 min por encima.',
  'rules-of-cooks-they-differ-and-each':
    'Reglas de cocineros: difieren, y cada una se puede ajustar.',
  'the-cost-of-waiting-is-shown-beside': 'Al lado se muestra lo que cuesta esperar.',
  method: 'Método',
  'the-order-of-pan-and-oven-every':
    'El orden de sartén y horno. Todos los métodos se planean para el mismo final.',
  core: 'Centro',
  'middle-of-the-meat-the-last-place':
    'La mitad de la carne, lo último en calentarse. Ahí debe estar la punta del termómetro.',
  burner: 'Fuego',
  'burner-setting-when-the-piece-goes-in':
    'Ajuste del fuego cuando entra la pieza y enfría el hierro: como estaba, subido o a tope.',
  baste: 'Bañar',
  'spooning-foaming-butter-over-the-piece-at':
    'Echar con cuchara mantequilla espumosa sobre la pieza al final de la sartén.',
  render: 'Fundir',
  'melting-the-fat-under-a-skin-slowly':
    'Derretir la grasa bajo la piel, despacio, desde sartén fría, antes de que la piel se dore.',
  'out-of-the-fridge': 'Fuera de la nevera',
  'time-on-the-counter-before-the-heat':
    'Tiempo en la encimera antes del calor. Calienta el centro menos de lo que se cree.',
  forecast: 'Previsión',
  'pull-and-end-of-this-cook-from':
    'Salida y final de esta cocción según sus lecturas, con su incertidumbre.',
  'least-squares-fit-of-the-kitchen-to':
    'Ajuste por mínimos cuadrados de la cocina a las lecturas, con sus errores habituales, el error del modelo y el lugar de la sonda.',
  'docs-heat-model-md-estimation': 'docs/heat-model.md, “Estimation”.',
  'four-times-in-five-the-result-lies':
    'Cuatro de cada cinco veces el resultado queda en el intervalo.',
  smoke: 'Humo',
  'temperature-at-which-the-fat-in-the':
    'Temperatura a la que humea la grasa de la sartén. Por encima la comida sabe a humo, y el vapor puede arder.',
  'oven-offset': 'Desvío del horno',
  'true-air-temperature-minus-the-dial-ten':
    'Temperatura real del aire menos el mando. Diez o veinte grados son normales.',
  'plate-time': 'Hora del plato',
  'time-at-which-the-piece-is-served':
    'Hora a la que se sirve la pieza. Todos los pasos se cuentan hacia atrás desde ella.',
  'plate-time-minus-the-sum-of-all': 'Hora del plato menos la suma de todos los pasos posteriores.',
  'the-plan-the-pans-and-ovens-of': 'El plan, las sartenes y hornos de la cocina, y sus reglas.',
  'the-range-of-the-time-on-the': 'El intervalo del tiempo al fuego.',
  'pan-warm-up': 'Calentar la sartén',
  'time-in-which-the-empty-pan-reaches':
    'Tiempo en que la sartén vacía llega a su temperatura, con un minuto para igualarse.',
  'one-body-of-iron-power-of-the':
    'Un cuerpo de hierro: potencia del fuego menos las pérdidas de los dos lados.',
  'efficiency-of-burners-docs-heat-model-md':
    'Rendimiento de los fuegos: docs/heat-model.md, “Constants”.',
  'a-calibrated-burner-replaces-the-estimate': 'Un fuego calibrado sustituye la estimación.',
  thaw: 'Descongelar',
  'time-until-no-ice-is-left-in': 'Tiempo hasta que no queda hielo en el centro de la pieza.',
  'enthalpy-of-a-quarter-of-the-section':
    'Entalpía de un cuarto de la sección; parte de hielo según Schwartzberg, primer hielo según Pham.',
  'compared-with-cleland-and-earle-1977-and': 'Comparado con Cleland y Earle (1977) y con Plank.',
  'a-warmer-and-a-cooler-place': 'Un lugar más cálido y uno más frío.',
  'salt-depth': 'Profundidad de la sal',
  'depth-that-the-salt-has-reached-by':
    'Profundidad a la que ha llegado la sal cuando se cocina la pieza.',
  'twice-the-root-of-diffusivity-times-time': 'Dos veces la raíz de la difusividad por el tiempo.',
  'diffusivity-of-salt-in-meat-2-5e':
    'Difusividad de la sal en carne: 2,5e-10 m²/s, valores publicados de 1e-10 a 5e-10.',
  'the-smallest-and-the-largest-published': 'La menor y la mayor difusividad publicadas.',
  drying: 'Secado',
  'water-that-the-surface-loses-in-the':
    'Agua que pierde la superficie en la nevera. Una superficie seca se dora antes.',
  'evaporation-at-the-wet-bulb-temperature-of':
    'Evaporación a la temperatura de bulbo húmedo de la superficie, a través de la capa ya seca.',
  'rule-of-lewis-the-air-of-a': 'Regla de Lewis. El aire de una nevera es una estimación.',
  'a-drier-and-a-damper-fridge': 'Una nevera más seca y una más húmeda.',
  'log-reduction': 'Reducción logarítmica',
  'reduction-of-salmonella-at-the-coldest':
    'Reducción de Salmonella en el punto más frío de la pieza, en potencias de diez.',
  'the-smallest-sum-of-the-lethal-rate':
    'La menor suma de la tasa letal en el tiempo, de todas las partes de la pieza.',
  'published-table-for-beef-it-is-not':
    'Tabla publicada para vacuno. No se usa para pato ni pescado. Por debajo de 54,4 °C no cuenta ninguna parte.',
  'shown-up-to-over-7': 'Se muestra hasta «más de 7».',
  'published-minimum': 'Mínimo publicado',
  'end-temperature-that-food-authorities':
    'Temperatura final que publican las autoridades alimentarias para este alimento.',
  'a-table-by-animal-and-treatment': 'Una tabla por animal y tratamiento.',
  'the-authority-is-named-beside-the-figure': 'La autoridad se nombra junto al valor.',
  'none-the-rules-of-your-country-come': 'Ninguna. Mandan las reglas de tu país.',
  sizzle: 'Chisporroteo',
  'sound-of-the-pan-how-much-steam':
    'Sonido de la sartén: cuánto vapor deja la superficie que toca el hierro.',
  'logarithm-of-the-steam-under-the-piece':
    'Logaritmo del vapor bajo la pieza, entre 0,4 y 16 g/(m²·s).',
  estimates: 'Estimaciones.',
  'ready-time-of-a-table': 'Hora de una mesa',
  'time-at-which-all-pieces-of-a': 'Hora a la que todas las piezas de una mesa están emplatadas.',
  'the-first-time-at-which-pans-ovens':
    'La primera hora en que hay sartenes, hornos, fuegos y personas libres, mejorada con una búsqueda.',
  'the-search-is-compared-with-exact-optima':
    'La búsqueda se compara con óptimos exactos de servicios pequeños.',
  'the-typical-delay-of-steps-and-the':
    'Se incluyen el retraso habitual de los pasos y la incertidumbre de cada pieza.',
  'prep-count': 'Cantidad a preparar',
  'number-of-pieces-to-prepare-for-a': 'Número de piezas que preparar para un día.',
  'the-count-with-the-least-expected-cost':
    'La cantidad con el menor coste esperado de sobras y de quedarse corto.',
  'demand-by-weekday-and-trend-fitted-to':
    'Demanda por día de la semana y tendencia, ajustada a los recuentos de servicios pasados.',
  'the-chance-to-run-out-and-the':
    'La probabilidad de quedarse corto, y lo que cuestan una más y una menos.',
};
