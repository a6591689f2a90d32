import type { WordCode } from './phrase';

/** Spellings of each word of the grammar: lower case, between commas. A space stands for any white space or a hyphen. */
export const ENGLISH_WORDS: Readonly<Record<WordCode, string>> = {
  turn: `
    turn, turns, turned, turning, flip, flips, flipped, flipping, turn over, flip over,
    turn it over, flip it over, flip it, turn it`,
  sear: `
    sear, sears, seared, searing, fry, fried, frying, pan fry, pan sear, brown, browning, cook,
    cooks, cooked, cooking, cook on, griddle, crisp, crust, colour, color, render, saute`,
  roast: `
    roast, roasts, roasted, roasting, bake, baked, baking, oven roast, finish in the oven,
    slow roast`,
  'rest-verb': 'rest, rests, rested, resting, stand, let stand, sit, relax',
  baste: `
    baste, bastes, basted, basting, butter baste, baste with butter, spoon over, butter basting,
    basting with butter, spoon the butter over, spooning`,
  butter: 'butter',
  move: `
    into, transfer, move, put, place, slide, finish, pop, onto, lay, add, transferred, moved,
    lower into, start, start in, set, return, lay in`,
  'heat-up': `
    preheat, pre heat, preheating, heat the oven, heat a, heat the pan, heat your,
    heat the, heat an, warm the oven, heat oven, heat, heat up, heating, get a pan, get the pan,
    get your pan, warm, oven on`,
  'burner-down': `
    lower heat, on medium, over medium, on medium heat, over medium heat, on low, on low heat, over low heat, lower the heat, reduce heat, reduce the heat, turn down the heat,
    turn the heat down, burner down, heat down, turn down, lower the burner,
    turn the burner down, reduce to, lower to, low heat, gentle heat, medium heat, moderate heat,
    medium low heat, reduce, lower, drop the heat, drop to, drop the heat to`,
  'burner-up': 'raise the heat, turn up the heat, turn the heat up, burner up, increase',
  cover: `
    foil, under foil, in foil, tented, tent, covered, loosely covered, cover, tent with foil,
    wrapped in foil, loosely tented`,
  'stop-cooking': 'remove, take off, take out, pull, serve, slice, carve, off the heat',
  oven: 'slow oven, low oven, hot oven, oven, ovens, rack, oven rack',
  pan: 'pan, skillet, frying pan, cast iron, iron, cast iron pan, cast iron skillet',
  board: 'board, warm plate, plate, rack to rest, wire rack',
  'cold-pan': 'cold pan, from cold, cold start, cold skillet',
  'per-side': `
    a side, per side, each side, every side, both sides, either side, two sides, on each side,
    on both sides, on either side, on the two sides, on every side, the two sides, to a side,
    /side, / side, p/side, pr side, per face, each face, each`,
  'each-of': 'each of, each of the, on each of, on all, all, on each of the, for each of',
  sides: 'sides, faces, edges',
  'first-side':
    'first side, one side, on one side, the first side, presentation side, side one, top side',
  'second-side': `
    second side, other side, the other side, another side, opposite side, the other,
    reverse side, side two, underside, the second side`,
  'skin-down': `
    skin, skin side down, skin down, skin side, on its skin, on the skin, fat side down, skin on,
    on the skin side, fat side, fat down`,
  'skin-up': `
    flesh, flesh side down, flesh side, skin side up, skin up, flesh down, on the flesh side,
    on the flesh, meat side down, meat side`,
  every: 'every, once every',
  until: `
    until, till, til, reaches, reach, reads, core, internal, core temperature,
    internal temperature, internal temp, core temp, in the middle, in the centre, in the center,
    inside, centre, center, hits, probe reads, up to, an internal temperature of,
    a core temperature of, internal temperature of, registers, thermometer reads, the core is,
    the middle is, it is at`,
  to: 'to',
  more: `
    more, another, again, further, a further, additional, longer, an additional, extra, final,
    last, a last, a final, further more`,
  'high-heat': `
    high heat, over high heat, on high heat, over medium high heat, on medium high heat, on high, high, medium high heat, medium high, full heat,
    full blast, very hot, smoking hot, ripping hot, screaming hot, hard, fierce heat`,
  before: 'before, prior to, ahead of',
  after: 'after, once it has had',
  halfway: 'halfway, half way, halfway through, half way through, midway, part way through',
  leave: 'leave, left, leave to stand',
  repeat: 'repeat, repeat on, do the same, and repeat, same again',
  doneness: 'rare, medium, medium rare, well done, medium well, blue, pink',
  'per-size': `
    per kg, per kilo, per kilogram, per pound, per lb, a pound, per inch, per cm, per 500 g,
    per 500g, per 450 g, per 450g, per 100 g, per 100g, per half kilo, for every pound,
    for each pound, for every 500g`,
  temper: `
    room temperature, room temp, out of the fridge, from the fridge, on the counter, temper,
    take the chill off, at room temperature, to room temperature, fridge, refrigerator, counter,
    thaw, defrost`,
  salt: `
    ahead, in advance, beforehand, the day before, overnight, earlier, salt, salted, season,
    seasoned, salting, dry brine, brine, seasoning, pepper`,
  dry: 'pat dry, dry, patted dry, uncovered, air dry, drying, pat, blot',
  other: `
    marinate, marinade, simmer, boil, poach, steam, soak, whisk, blend, chill, refrigerate,
    freeze, knead, prove, proof, microwave, grill, barbecue, deep fry, smoke, smoker, sous vide,
    water bath, air fryer, slow cooker, braise, sauce, gravy, jus, potatoes, potato, vegetables,
    veg, onions, onion, chips, shallots, mushrooms, beans, greens, asparagus, carrots, rice,
    pasta, eggs, egg, polenta, lentils, cabbage, spinach, tomatoes, peppers, bacon, bread, toast,
    water, stock, wine, cream, reduction, glaze, mash, salad, dressing, reduced by half, deglaze,
    leeks, apples, cherries, fries, wedges, noodles, meanwhile`,
  not: "without, do not, not, never, no, don't, dont, avoid",
  filler: `
    the, a, an, it, its, them, reverse sear, reverse seared, this, that, these, your, my, their, each one, for, in, on, at, of,
    with, over, from, by, off, and, or, then on, about, around, approximately, roughly, approx,
    circa, ca, just, only, maybe, well, nicely, gently, lightly, quickly, carefully, undisturbed,
    completely, steak, steaks, meat, chop, chops, breast, breasts, duck, fish, fillet, fillets,
    piece, pieces, ribeye, ribeyes, strip, sirloin, rump, pork, beef, lamb, salmon, tuna, cod,
    loin, joint, rack of lamb, rib, ribs, thigh, chicken, veal, venison, cutlet, cutlets,
    tenderloin, filet, trout, bass, is, are, be, has, have, should, will, you, we, i, they, if,
    as, so, let, keep, allow, give, go, do, make, get, time, total, in total, golden,
    deep, good, nice, hot, done, ready, minimum, at least, max, maximum, up, down, temperature,
    temp, now, twice, while, when, during, constantly, once, continuously, slices, slicing, serving,
    before slicing, before serving, cutting, carving, oil, fat, garlic, thyme, rosemary,
    herbs, foaming, preheated, preheated to, same, way, part, through, to finish, out, back, still, which,
    who, there, here, all over, very, really, quite, too, also, evenly, dark, crisp skin, direct,
    first of all, first, next, lastly, finally, step, steps, heavy, large, big, small, little, bit`,
};

/** Numbers in words, and what each is. */
export const ENGLISH_NUMBERS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  fifteen: 15,
  twenty: 20,
  thirty: 30,
  forty: 40,
  'forty five': 45,
  fifty: 50,
  sixty: 60,
  ninety: 90,
  'a couple of': 2,
  'a couple': 2,
  couple: 2,
  'a pair of': 2,
  'pair of': 2,
  'a dozen': 12,
  'half a dozen': 6,
};

/** Spellings of the units of time, and their seconds. */
export const ENGLISH_TIMES = [
  { seconds: 3600, words: 'hours, hour, hrs, hr, h' },
  { seconds: 60, words: 'minutes, minute, mins, min, m, mn' },
  { seconds: 1, words: 'seconds, second, secs, sec, s' },
] as const;
