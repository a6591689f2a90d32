/** A recipe in words and its meaning. */
export interface RecipeCase {
  readonly text: string;
  /** Steps in the notation of `TIMES_CORPUS`; after `?` the parts that must be reported, between `|`. */
  readonly meaning: string;
  /** Settings: C and s. */
  readonly settings?: Readonly<Record<string, number | true>>;
}

/** Recipes as books, magazines and cooks write them. */
export const RECIPE_CORPUS: readonly RecipeCase[] = [
  {
    text: 'Preheat the oven to 200 C for 20 minutes. Heat a pan over high heat for 5 minutes. Sear the steak 2 minutes per side. Transfer to the oven for 6 minutes. Rest 5 minutes.',
    meaning: 'p120 t p120 o360@200 r300',
    settings: { oven: 200 },
  },
  {
    text: 'Let the steak stand at room temperature for 30 minutes. Pat dry. Sear for 3 minutes. Turn and sear for 2 minutes. Rest for 5 minutes.',
    meaning: 'p180 t p120 r300',
    settings: { temper: 1800 },
  },
  {
    text: 'Salt the meat and leave uncovered overnight. Roast at 110 C for 1 hour 15 minutes. Sear 90 seconds, turn, sear 90 seconds.',
    meaning: 'o4500@110 p90 t p90',
  },
  {
    text: 'Roast for 15 minutes at 220 C. Reduce the oven to 160 C and roast for 1 hour. Rest for 20 minutes under foil.',
    meaning: 'o900@220 o3600@160 r1200f',
  },
  {
    text: 'Take the steaks out of the fridge 1 hour before cooking. Season with salt and pepper. Fry for 2 minutes on each side. Leave to rest for 5 minutes.',
    meaning: 'p120 t p120 r300',
    settings: { temper: 3600 },
  },
  {
    text: 'Place the duck breasts skin side down in a cold pan. Cook for 10 minutes until the fat has rendered. Turn and cook for 2 minutes. Rest 5 minutes.',
    meaning: 'p600 t p120 r300 ? rendered',
    settings: { startsCold: true },
  },
  {
    text: 'Heat the oven to 180C. Brown the lamb on all four sides, 2 minutes each side. Roast for 12 minutes. Rest for 10 minutes.',
    meaning: 'p120 t p120 t p120 t p120 o720@180 r600',
    settings: { oven: 180 },
  },
  {
    text: 'Marinate the steak for 2 hours. Cook in a hot pan for 3 minutes per side.',
    meaning: 'p180 t p180 ? Marinate the steak for 2 hours',
  },
  {
    text: 'Boil the potatoes for 20 minutes. Meanwhile, fry the steak for 3 minutes on each side. Rest for 4 minutes.',
    meaning: 'r240 ? Boil the potatoes | fry the steak',
  },
  {
    text: 'Sear the fillet for 1 minute per side. Add butter, garlic and thyme and baste for 1 minute. Rest for 5 minutes. Simmer the sauce for 10 minutes.',
    meaning: 'p60 t p60 p60b r300 ? Simmer the sauce',
  },
  {
    text: 'Cook the salmon skin side down for 4 minutes. Flip and cook for 1 minute more.',
    meaning: 'p240 t p60',
  },
  {
    text: 'Cook for 3 minutes per side for rare, 4 minutes per side for medium.',
    meaning: 'p180 t p180 ? 4 minutes per side for medium',
  },
  {
    text: 'Sear for 2 minutes. Flip and repeat. Finish in the oven at 350F for 6 to 8 minutes.',
    meaning: 'p120 t p120 o360-480@176.7',
  },
  {
    text: 'Roast at 180C for 20 minutes per 500 g. Rest for 15 minutes.',
    meaning: 'r900 ? per 500 g',
  },
  {
    text: 'Bake at 250°F until the internal temperature reaches 120°F. Sear in a very hot pan for 1 minute per side.',
    meaning: 'o@121.1!48.9 p60 t p60',
  },
  {
    text: 'Preheat oven to 120 C. Put the steak on a rack in the oven until the core reaches 50 C. Heat a cast iron pan. Sear for 45 seconds on each side.',
    meaning: 'o@120!50 p45 t p45',
    settings: { oven: 120 },
  },
  {
    text: 'Flip the steak every 30 seconds for 6 minutes. Rest for 5 minutes.',
    meaning: 'p360/30 r300',
  },
  {
    text: 'Cook the chops for 5 minutes, turn, and cook for another 4 minutes. Let stand for 5 minutes before serving.',
    meaning: 'p300 t p240 r300',
  },
  {
    text: 'Roast for 40 minutes at gas mark 5, turning halfway.',
    meaning: 'o2400@190 ? turning halfway',
  },
  {
    text: 'Chill the dough for 30 minutes. Whisk the eggs for 2 minutes.',
    meaning: '? Chill | Whisk',
  },
  {
    text: '1. Heat the pan for 3 minutes.\n2. Sear for 2 minutes.\n3. Turn and sear for 2 minutes.\n4. Rest for 5 minutes.',
    meaning: 'p120 t p120 r300',
  },
  {
    text: 'Season the steak. Sear 90 seconds, turn, sear 90 seconds. Rest.',
    meaning: 'p90 t p90',
  },
  {
    text: 'Bring the steaks to room temperature, about 45 minutes. Fry for 2 to 3 minutes on each side. Rest for at least 5 minutes.',
    meaning: 'p120-180 t p120-180 r300',
    settings: { temper: 2700 },
  },
  {
    text: 'Sear the joint all over for 8 minutes. Roast at 90 C for 2 hours 30 minutes. Rest for 30 minutes.',
    meaning: 'p480 o9000@90 r1800',
  },
  {
    text: 'Preheat the grill. Grill for 4 minutes a side.',
    meaning: '? Grill for 4 minutes',
  },
  {
    text: 'Fry the onions for 10 minutes. Add the steak and cook for 3 minutes per side.',
    meaning: 'p180 t p180 ? Fry the onions',
  },
  {
    text: 'Pan-sear over high heat for 2 minutes. Reduce heat to medium. Turn and cook for 3 minutes.',
    meaning: 'p120 t p180',
  },
  {
    text: 'Dry-brine for 24 hours. Roast at 225F for 45 minutes. Sear for 1 minute per side.',
    meaning: 'o2700@107.2 p60 t p60',
    settings: { ahead: 86400 },
  },
  {
    text: 'Soak in brine for 1 hour. Pat dry. Cook 5 minutes skin down, then 1 minute flesh side.',
    meaning: 'p300 t p60',
    settings: { ahead: 3600 },
  },
  {
    text: 'Cook sous vide at 54 C for 2 hours. Sear for 45 seconds per side.',
    meaning: 'p45 t p45 ? sous vide',
  },
  {
    text: 'Place in a preheated oven at 200 °C for 10 minutes. Remove and rest for 8 minutes, covered with foil.',
    meaning: 'o600@200 r480f',
  },
  {
    text: 'Get a pan smoking hot. Lay the steak in and do not touch it for 2 minutes. Turn and cook for 2 minutes.',
    meaning: 'p120 ? do not touch it for 2 minutes | turn',
  },
  {
    text: 'Sear the tuna for 30 seconds on each side. Slice and serve.',
    meaning: 'p30 t p30',
  },
  {
    text: 'Fry the pork for 4 minutes each side, then transfer to the oven and roast at 170 C for 15 minutes. Rest for 5.',
    meaning: 'p240 t p240 o900@170 r300',
  },
  {
    text: 'Render the fat side for 6 minutes. Sear each side for 2 minutes. Rest for 6 minutes.',
    meaning: 'p360 p120 t p120 r360',
  },
  {
    text: 'Simmer for 2 hours. Serve with bread.',
    meaning: '? Simmer for 2 hours',
  },
  {
    text: 'Heat oven to 130C. Cook the beef in the oven for 50 minutes. Increase the oven to 240C and cook for 10 minutes. Rest 20 minutes.',
    meaning: 'o3000@130 o600@240 r1200',
    settings: { oven: 130 },
  },
  {
    text: 'Flip after 3 minutes and cook 2 minutes more. Rest for 5 minutes.',
    meaning: 'p180 t p120 r300',
  },
  {
    text: 'Cook the steak for 8 minutes, flipping every minute. Deglaze with wine and reduce for 3 minutes.',
    meaning: 'p480/60 ? Deglaze with wine',
  },
  {
    text: 'Wait 10 minutes. Sear 2 min a side.',
    meaning: 'p120 t p120 ? Wait 10 minutes',
  },
];
