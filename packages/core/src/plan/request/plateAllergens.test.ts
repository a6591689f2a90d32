import { describe, expect, it } from '@jest/globals';
import { RUB_IDS, RUBS, SPECIES } from '../../food';
import { FATS } from '../../gear/fats';
import { ANIMAL_ALLERGENS } from '../../safety/allergens';
import { STEAK } from '../../tests';
import { minimumOf, requiredMinimum } from './minimumOf';
import { panAllergens, plateAllergens, unstatedSides } from './plateAllergens';
import { USUAL, type PlanRequest } from './request';

const PLAIN: PlanRequest = { ...STEAK, fat: USUAL.fat, baste: 0, rubs: undefined };
const ids = (request: PlanRequest, sides = {}): readonly string[] =>
  plateAllergens(request, [{ name: 'mash', ...sides }]).map(({ allergen }) => allergen);

describe('allergens of a plate', () => {
  it('are none for a plain steak in the default fat', () => {
    expect(plateAllergens(PLAIN)).toEqual([]);
  });

  it('include the fat, the basting butter, the rubs, the animal and the sides, each named', () => {
    const request: PlanRequest = {
      ...PLAIN,
      cut: 'scallop',
      fat: 'groundnut',
      baste: 60,
      rubs: ['mustard', 'sesame'],
    };
    expect(plateAllergens(request, [{ name: 'mash', allergens: ['milk', 'celery'] }])).toEqual([
      { allergen: 'celery', from: [{ kind: 'side', name: 'mash' }] },
      { allergen: 'milk', from: [{ kind: 'butter' }, { kind: 'side', name: 'mash' }] },
      { allergen: 'molluscs', from: [{ kind: 'animal', species: 'scallop' }] },
      { allergen: 'mustard', from: [{ kind: 'rub', rub: 'mustard' }] },
      { allergen: 'peanuts', from: [{ kind: 'fat', fat: 'groundnut' }] },
      { allergen: 'sesame', from: [{ kind: 'rub', rub: 'sesame' }] },
    ]);
    expect(panAllergens(request)).toEqual(['milk', 'molluscs', 'mustard', 'peanuts', 'sesame']);
  });

  it('carry every allergen of every table', () => {
    for (const { id, allergens } of FATS) {
      expect(ids({ ...PLAIN, fat: id })).toEqual([...allergens]);
    }
    for (const rub of RUB_IDS) expect(ids({ ...PLAIN, rubs: [rub] })).toEqual(RUBS[rub].allergens);
    for (const species of SPECIES) {
      expect(ANIMAL_ALLERGENS[species].every((id) => id === 'fish' || id === 'molluscs')).toBe(
        true,
      );
    }
  });

  it('name the sides whose allergens nobody stated', () => {
    expect(unstatedSides([{ name: 'mash' }, { name: 'greens', allergens: [] }])).toEqual(['mash']);
  });
});

describe('the minimum of a plan', () => {
  it('is 73.9 C for wild boar unless it is farmed, and 71.1 C for a tenderised steak', () => {
    const boar: PlanRequest = { ...STEAK, cut: 'boar-loin' };
    expect(minimumOf(boar).celsius).toBe(73.9);
    expect(minimumOf({ ...boar, game: 'farmed' }).celsius).toBe(62.8);
    expect(minimumOf({ ...STEAK, treated: 'tenderised' }).celsius).toBe(71.1);
    expect(minimumOf(STEAK).celsius).toBe(62.8);
  });

  it('is required where the kitchen is locked and where someone is at risk', () => {
    expect(requiredMinimum({ locked: false, atRisk: false }, STEAK)).toBeUndefined();
    expect(requiredMinimum({ locked: true, atRisk: false }, STEAK)).toBe(62.8);
    expect(requiredMinimum({ locked: false, atRisk: true }, STEAK)).toBe(62.8);
  });
});
