import type { WordCode } from './phrase';

/** Spanish spellings of each word of cooking times, as `ENGLISH_WORDS`. */
export const SPANISH_WORDS: Readonly<Record<WordCode, string>> = {
  turn: `
    girar, girando, gira, gíralo, gírala, giralo, girarlo, girarla, girado, girada, vuelta, vueltas, dar la vuelta, da la vuelta,
    dale la vuelta, darle la vuelta, dar vuelta, voltear, voltea, voltéalo, voltéala, voltealo, voltearlo, volteando`,
  sear: `
    sellar, sella, séllalo, séllala, sellarlo, sellado, sellada, dorar, dora, dóralo, dórala, dorarlo, dorado, dorada, freír,
    fríe, fríelo, frito, marcar, marca, márcalo, cocinar, cocina, cocínalo, cocínala, cocinarlo, cocinarla, cocinado, saltear`,
  roast: `
    asar, asa, ásalo, ásala, asarlo, asado, asada, hornear, hornea, hornéalo, hornearlo, horneado, terminar en el horno,
    acabar en el horno, asado lento`,
  'rest-verb': `
    reposar, reposa, reposarlo, reposado, reposada, dejar reposar, deja reposar, déjalo reposar, déjala reposar, descansar,
    que repose, que descanse, reposo`,
  baste: `
    bañar, baña, báñalo, báñala, bañarlo, bañado, bañada, bañar con mantequilla, baña con mantequilla, rociar, rocía,
    napar, napa`,
  butter: 'mantequilla',
  move: `
    pasar, pasa, pásalo, pásala, pasarlo, meter, mete, mételo, métela, meterlo, poner, pon, ponlo, ponla, ponerlo, llevar,
    llévalo, colocar, coloca, añadir, añade, echar, echa, empezar, empieza, introducir, introduce`,
  'heat-up': `
    precalentar, precalienta, precalentado, calentar, calienta, calentar el horno, calienta el horno, calentar la sartén,
    calienta la sartén, calentando, encender el horno, enciende el horno`,
  'burner-down': `
    bajar el fuego, baja el fuego, bajando el fuego, fuego bajo, a fuego bajo, fuego medio, a fuego medio, fuego suave,
    a fuego suave, reducir el fuego, reduce el fuego, fuego lento, a fuego lento`,
  'burner-up': 'subir el fuego, sube el fuego, subiendo el fuego, aumentar el fuego',
  cover: `
    papel de aluminio, bajo papel, con papel de aluminio, tapado, tapada, tapar, tapa, tápalo, cubierto, cubierta, cubrir,
    cubre, envuelto en papel`,
  'stop-cooking':
    'sacar, saca, sácalo, sácala, sacarlo, retirar, retira, retíralo, servir, sirve, cortar, corta, fuera del fuego',
  oven: 'horno, horno suave, horno fuerte, horno bajo, al horno, en el horno, rejilla del horno',
  pan: 'sartén, sarten, plancha, hierro, hierro fundido, sartén de hierro, en la sartén, a la sartén',
  board: 'tabla, plato caliente, rejilla',
  'cold-pan': 'sartén fría, sarten fria, desde sartén fría, en frío',
  'per-side': `
    por lado, por cara, cada lado, cada cara, por cada lado, por cada cara, de cada lado, de cada cara, por los dos lados,
    por ambos lados, por ambas caras, por las dos caras, a cada lado`,
  'each-of': 'cada uno de, en cada uno de, en cada una de, en todos, en todas',
  sides: 'lados, caras, bordes',
  'first-side':
    'primer lado, primera cara, el primer lado, la primera cara, un lado, por un lado, una cara, por una cara',
  'second-side': `
    segundo lado, segunda cara, el segundo lado, la segunda cara, otro lado, el otro lado, por el otro lado, otra cara,
    la otra cara, por la otra cara, lado contrario, la otra, el otro`,
  'skin-down':
    'piel abajo, por la piel, por el lado de la piel, lado de la piel, sobre la piel, piel, grasa abajo',
  'skin-up': 'piel arriba, por la carne, por el lado de la carne, lado de la carne',
  every: 'cada',
  until: `
    hasta, hasta que, hasta llegar a, hasta que llegue a, llegue a, alcance, marque, centro, en el centro, temperatura interna,
    temperatura interior, temperatura del centro, en el interior, interior, sonda, hasta los`,
  to: 'a',
  more: 'más, mas, otro, otra, otros, otras, adicional, adicionales, extra, final, finales, último, últimos',
  'high-heat': `
    fuego fuerte, a fuego fuerte, fuego alto, a fuego alto, fuego vivo, a fuego vivo, a tope, fuego máximo, muy caliente,
    humeante, bien caliente`,
  before: 'antes de, antes',
  after: 'después de, tras',
  halfway: 'a la mitad, a mitad, a media cocción',
  repeat: 'repetir, repite, y repetir, lo mismo',
  leave: 'dejar, deja, déjalo, déjala, dejarlo, dejando',
  doneness:
    'poco hecho, al punto, al punto menos, al punto más, muy hecho, bien hecho, azul, rosado',
  'per-size': 'por kg, por kilo, por cada kilo, por cm, por centímetro, por cada 500 g, por libra',
  temper: `
    a temperatura ambiente, temperatura ambiente, fuera de la nevera, de la nevera, nevera, en la encimera, atemperar,
    atempera, atemperado, atemperada, descongelar, descongela`,
  salt: `
    salar, sala, sálalo, sálala, salado, salada, sal, sazonar, sazona, con antelación, la víspera, el día antes, salmuera,
    pimienta, salpimentar, salpimienta`,
  dry: 'secar, seca, sécalo, sécala, seco, secado, destapado, destapada, secar con papel',
  other: `
    marinar, marinada, hervir, hierve, pochar, vapor, remojar, batir, enfriar, congelar, amasar, microondas, barbacoa,
    humo, ahumar, al vacío, baño maría, freidora, estofar, salsa, jugo, patatas, patata, papas, verduras, cebolla, cebollas,
    setas, champiñones, judías, espárragos, zanahorias, arroz, pasta, huevos, huevo, lentejas, col, espinacas, tomates,
    pimientos, panceta, pan, tostada, agua, caldo, vino, nata, reducción, glaseado, puré, ensalada, desglasar, manzanas,
    mientras tanto`,
  not: 'no, sin, nunca, evitar, evita',
  filler: `
    el, la, los, las, lo, le, un poco, de, del, al, en, con, por, para, y, o, u, que, se, su, sus, tu, este, esta, luego,
    después, entonces, unos, unas, aproximadamente, más o menos, solo, sólo, bien, suavemente, rápido, con cuidado, filete,
    filetes, bistec, carne, chuleta, chuletas, pechuga, pechugas, pato, pescado, lomo, lomos, pieza, piezas, entrecot,
    entrecots, chuletón, solomillo, cerdo, ternera, vaca, cordero, salmón, atún, bacalao, costilla, costillas, muslo, pollo,
    jamón, es, son, está, están, esté, tiempo, total, en total, caliente, listo, lista, hecho, mínimo, máximo, al menos,
    arriba, abajo, ahora, mientras, durante, constantemente, continuamente, aceite, grasa, ajo, tomillo, romero, hierbas,
    espumosa, crujiente, mismo, misma, así, todo, todos, todas, muy, bastante, también, oscura, primero, paso, pasos, grande,
    pequeño, ya, temperatura, fuego, calor, aire`,
};
