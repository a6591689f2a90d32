import { useState } from 'react';
import { View } from 'react-native';
import type { AllergenId } from '@crustan/core/food/allergens';
import { AllergenChips } from '../../ui/AllergenChips';
import { Button } from '../../ui/Button';
import { describeAllergens } from '../../words/allergenWords';
import { TextField } from './TextField';
import { t } from './t';

interface Props {
  readonly allergens: readonly AllergenId[];
  readonly note: string;
  readonly onAllergens: (allergens: AllergenId[]) => void;
  readonly onNote: (note: string) => void;
  readonly onEnter: () => void;
}

/** Allergens that a table must not be served, chosen from the declarable ones, with a note. */
export const AllergyField = ({ allergens, note, onAllergens, onNote, onEnter }: Props) => {
  const [open, setOpen] = useState(false);
  return (
    <View className="gap-2">
      <View className="items-start">
        <Button
          kind="stovePlain"
          label={
            allergens.length === 0
              ? open
                ? t('close-the-allergens')
                : t('add-an-allergy')
              : t('no', { allergens: describeAllergens(allergens) })
          }
          spoken={
            allergens.length === 0
              ? undefined
              : t('no-change-the-allergy', { allergens: describeAllergens(allergens) })
          }
          onPress={() => setOpen(!open)}
        />
      </View>
      {open ? (
        <AllergenChips
          label={t('must-not-be-served')}
          onIron
          chosen={allergens}
          onChange={onAllergens}
        />
      ) : null}
      {open || allergens.length > 0 || note !== '' ? (
        <View className="flex-row">
          <TextField
            label={t('allergy-note')}
            value={note}
            onIron
            wide
            onChange={(text) => onNote(text.slice(0, 120))}
            onEnter={onEnter}
          />
        </View>
      ) : null}
    </View>
  );
};
