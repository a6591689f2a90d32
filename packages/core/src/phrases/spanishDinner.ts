import type { CutId } from '../food';
import type { DinnerCode } from './dinnerWords';
import type { DonenessWord } from './donenessWord';

/** Spanish spellings of the words of a dinner, as `DINNER_WORDS`. */
export const SPANISH_DINNER_WORDS: Readonly<Record<DinnerCode, string>> = {
  to: 'hasta, hasta los, hasta unos',
  filler: `el, la, los, las, lo, de, del, al, en, con, por, mi, mis, nuestro, su, se, me, nos, que, es, son, está, están, esté, por favor,
    quiero, queremos, quisiera, me gustaría, hazme, haz, hacer, cocina, cocinar, cocinado, cocinada, prepara, preparar, planea, pon, poner,
    bonito, bueno, buenos, fresco, frescos, fresca, grande, grandes, pequeño, unos, unas, más o menos, aproximadamente, sobre, casi, solo,
    este, esta, eso, pieza, trozo, bistec, filete, carne, luego, después, listo, lista, listos, listas, servido, servir, emplatado,
    en el plato, en la mesa, personas, comensales, invitados, de peso, de grosor, de alto, de grueso, todo, todos, termina, acabado,
    centro, por dentro, temperatura, punto, hecha, hierro, hierro fundido, calor, todavía, así, bien, caliente, noche`,
  pan: 'sartén, sarten, plancha, sartén a, sarten a',
  oven: 'horno, al horno, en el horno, horno a, horno suave',
  pieces: 'piezas, filetes, raciones, bistecs, porciones',
  each: 'cada uno, cada una, por pieza, cada pieza',
  total: 'en total',
  for: 'para',
  at: 'a las, a la, para las, para la, sobre las, hacia las',
  salted: 'salado, salada, salados, saladas, salar, sal, sálalo, con sal',
  'not-salted': 'sin sal, sin salar, salado en la sartén, salada en la sartén',
  yesterday: 'ayer, desde ayer',
  overnight: 'toda la noche, de un día para otro, de la noche a la mañana, una noche',
  ago: 'antes, hace, de antelación',
  dry: 'seco, seca, secos, secas, secado, secada, secado con papel, bien seco',
  wet: 'mojado, mojada, mojados, mojadas, sin secar',
  aired: 'secado en la nevera, secada en la nevera, al aire, destapado en la nevera',
  temper:
    'fuera de la nevera, en la encimera, atemperado, atemperada, atemperar, a temperatura ambiente',
  'reverse-sear':
    'sellado inverso, sellar al final, primero al horno, primero horno, horno y luego sellar, horno suave y luego sellar',
  'sear-oven': 'sellar y horno, sellar y luego horno, sartén y horno, sellado y al horno',
  often:
    'girado a menudo, girando a menudo, girar a menudo, girado cada, girando cada, vuelta cada, girada cada',
  once: 'girado una vez, girada una vez, girar una vez, en la sartén, a la sartén, solo sartén, a la plancha, sellado, sellar',
  'cold-pan': 'sartén fría, sarten fria, desde sartén fría, en sartén fría, en frío',
  'on-skin': 'piel abajo, sobre la piel, sobre su piel, piel crujiente, con la piel crujiente',
  am: 'de la mañana, de la madrugada',
  pm: 'de la tarde, de la noche, por la noche, por la tarde',
  lunch: 'comida, almuerzo, para comer, para almorzar, al mediodía',
  breakfast: 'desayuno, para desayunar',
  dinner: 'cena, para cenar, cenar, plato',
  'o-clock': 'en punto',
  'half-past': '',
  'quarter-past': '',
  'quarter-to': '',
  'past-hour': '',
  'half-after': 'y media',
  'quarter-after': 'y cuarto',
  'quarter-before': 'menos cuarto',
  noon: 'mediodía, a mediodía, a las doce del mediodía',
  today: 'hoy, esta noche, esta tarde',
  tomorrow: 'mañana, mañana por la noche, mañana por la tarde',
  monday: 'lunes, el lunes',
  tuesday: 'martes, el martes',
  wednesday: 'miércoles, miercoles, el miércoles',
  thursday: 'jueves, el jueves',
  friday: 'viernes, el viernes',
  saturday: 'sábado, sabado, el sábado',
  sunday: 'domingo, el domingo',
  not: 'no, sin, nunca',
  fillets: 'lomo de pescado, lomos de pescado',
  'with-skin': 'con piel, con la piel, con su piel',
  'without-skin': 'sin piel, sin la piel',
};

/** Spanish spellings of each doneness, as `DONENESS_WORDS`. */
export const SPANISH_DONENESS_WORDS: Readonly<Record<DonenessWord, string>> = {
  blue: 'azul, vuelta y vuelta, casi crudo',
  rare: 'poco hecho, poco hecha, poco hechos, poco hechas, jugoso, jugosa, inglés',
  'medium-rare':
    'al punto menos, punto menos, menos que al punto, al punto jugoso, entre poco hecho y al punto',
  medium: 'al punto, a punto, término medio, medio',
  'medium-well': 'al punto más, al punto mas, punto más, tres cuartos, hecho',
  'well done': 'muy hecho, muy hecha, muy hechos, bien hecho, bien hecha, bien cocido, bien pasado',
  pink: 'rosado, rosada, rosados',
  rosy: 'rosa',
  blushing: 'apenas rosado, apenas rosada',
  'just done': 'recién hecho, recién hecha',
  'past medium': 'pasado del punto, pasada del punto',
  translucent: 'translúcido, traslúcido',
  soft: 'tierno, tierna',
  flaking: 'en lascas, a lascas',
  firm: 'firme',
  'raw inside': 'crudo por dentro, cruda por dentro',
  glassy: 'vidrioso, vidriosa',
  'just set': 'recién cuajado, recién cuajada, cuajado',
  opaque: 'opaco, opaca',
  pearly: 'nacarado, nacarada',
};

/** Spanish spellings of pieces; a piece that is missing is read in English only. */
export const SPANISH_CUT_WORDS: Readonly<Partial<Record<CutId, string>>> = {
  'strip-steak':
    'entrecot de lomo, entrecots de lomo, lomo bajo, bife de chorizo, bifes de chorizo, bife angosto, contrafilete, filete de lomo bajo',
  ribeye:
    'entrecot, entrecots, entrecote, lomo alto, ojo de bife, ojos de bife, bife ancho, bifes anchos, filete de lomo alto',
  'fillet-steak':
    'solomillo, solomillos, medallón de solomillo, medallones de solomillo, filete de solomillo, filetes de solomillo, lomo fino, tournedó, filet mignon',
  'flat-iron': 'filete de espaldilla, filetes de espaldilla, pez, marucha',
  'rump-steak': 'filete de cadera, filetes de cadera, cadera, cuadril',
  'rump-cap': 'filete de picaña, filetes de picaña, picaña, tapa de cuadril',
  'skirt-steak': 'entraña, entrañas, entraña fina',
  'flank-steak': 'vacío, vacio, bavette, filete de falda',
  'hanger-steak': 'entraña gruesa, onglet, filete de pulmón',
  'minute-steak': 'bistec fino, bistecs finos, filete fino, filetes finos, minutejo',
  'grass-fed-strip': 'entrecot de pasto, entrecot de lomo de pasto, bife de pasto',
  'veal-loin': 'filete de ternera, filetes de ternera, lomo de ternera',
  'veal-fillet': 'solomillo de ternera, medallón de ternera, medallones de ternera',
  'pork-loin': 'filete de lomo de cerdo, lomo de cerdo, cinta de lomo, filetes de lomo de cerdo',
  'pork-fillet': 'solomillo de cerdo, solomillos de cerdo, medallón de cerdo, medallones de cerdo',
  'pork-neck': 'cabeza de lomo, bondiola, aguja de cerdo, secreto, pluma',
  'lamb-loin': 'lomo de cordero, filete de lomo de cordero',
  'lamb-leg':
    'filete de pierna de cordero, filetes de pierna de cordero, pierna de cordero en filetes',
  'lamb-rump': 'cadera de cordero',
  'venison-loin': 'lomo de ciervo, lomo de venado, lomo de corzo, filete de ciervo, ciervo, venado',
  'venison-haunch': 'pierna de ciervo, pierna de venado, filete de pierna de ciervo',
  'duck-breast-skinned': 'pechuga de pato sin piel, magret sin piel',
  'rib-bone-in': 'chuleta de vaca, chuletas de vaca, chuleta con hueso, entrecot con hueso',
  't-bone': 'chuletón en t, t bone, porterhouse, bistec en t',
  'long-bone-rib': 'chuletón, chuletones, chuletón de vaca, tomahawk',
  'veal-chop': 'chuleta de ternera, chuletas de ternera',
  'pork-chop': 'chuleta de cerdo, chuletas de cerdo, chuleta, chuletas',
  'lamb-chop': 'chuleta de cordero, chuletas de cordero, chuletillas',
  'lamb-rack': 'costillar de cordero, medio costillar de cordero, carré de cordero',
  'boar-loin': 'lomo de jabalí, filete de jabalí, jabalí',
  'duck-breast': 'pechuga de pato, pechugas de pato, magret, magrets, magret de pato, pato',
  'salmon-fillet': 'salmón sin piel, lomo de salmón sin piel',
  'salmon-skin-on':
    'salmón, salmon, lomo de salmón, lomos de salmón, filete de salmón, filetes de salmón, salmón con piel',
  'tuna-steak': 'filete de atún, filetes de atún, atún, atun, tronco de atún, lomo de atún',
  'white-fish-fillet':
    'pescado blanco sin piel, filete de pescado blanco, filetes de pescado blanco',
  'white-fish-skin-on':
    'pescado blanco, lubina, lubinas, dorada, doradas, merluza, bacalao, lomo de merluza, lomos de merluza, lomo de bacalao',
  'monkfish-tail': 'rape, cola de rape, lomo de rape, lomos de rape',
  scallop: 'vieira, vieiras, callo de hacha',
  'rib-roast': 'costillar de vaca, rosbif con hueso, costillar asado, lomo alto entero',
  'whole-fillet': 'solomillo entero, solomillo de vaca entero',
  'whole-rump-cap': 'picaña entera',
  'loin-joint': 'lomo de vaca entero, rosbif, lomo bajo entero',
  'pork-loin-joint': 'lomo de cerdo entero, pieza de lomo de cerdo',
  'rolled-lamb-leg': 'pierna de cordero, pierna de cordero deshuesada',
  'salmon-side': 'lomo entero de salmón, salmón entero',
};

/** Numbers in words. */
export const SPANISH_NUMBERS: Readonly<Record<string, number>> = {
  ...{ un: 1, uno: 1, una: 1, dos: 2, tres: 3, cuatro: 4, cinco: 5, seis: 6, siete: 7, ocho: 8 },
  ...{ nueve: 9, diez: 10, once: 11, doce: 12, quince: 15, veinte: 20, treinta: 30, cuarenta: 40 },
  ...{ cincuenta: 50, sesenta: 60 },
};

/** Spellings of the units of time, and their seconds. */
export const SPANISH_TIMES = [
  { seconds: 86_400, words: 'días, día, dias, dia' },
  { seconds: 3600, words: 'horas, hora, hrs, hr, h' },
  { seconds: 60, words: 'minutos, minuto, mins, min, m' },
  { seconds: 1, words: 'segundos, segundo, segs, seg, s' },
] as const;
