import { useState } from 'react';
import { View } from 'react-native';
import { writeOwnSteps } from '@crustan/core/plan/writeOwnSteps';
import type { HeatScale } from '@crustan/core/plan/ownSteps';
import { Text } from '../../../ui/Text';
import { FileButton } from '../../../ui/FileButton';

/** A recipe's file is no larger, bytes. */
const LARGEST = 2_000_000;

const timesIn = async (file: File, scale: HeatScale): Promise<string> => {
  if (file.size > LARGEST) return '';
  const { recipesIn } = await import('@crustan/core/formats/recipe');
  const { recipeTimes } = await import('@crustan/core/formats/recipeTimes');
  const text = await file.text();
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return '';
  }
  const [recipe] = recipesIn(value);
  return recipe === undefined ? '' : writeOwnSteps(recipeTimes(recipe, scale).steps, scale);
};

interface Props {
  readonly scale: HeatScale;
  readonly onTimes: (line: string) => void;
}

/** Takes the steps with times out of a recipe's file. */
export const RecipeTimes = ({ scale, onTimes }: Props) => {
  const [said, setSaid] = useState<string>();
  const read = async (file: File): Promise<void> => {
    const line = await timesIn(file, scale);
    if (line !== '') onTimes(line);
    setSaid(
      line === ''
        ? `“${file.name}” has no recipe whose steps say their times; a schema.org recipe as JSON would be right.`
        : `Taken from “${file.name}”: hold it against the recipe’s words.`,
    );
  };
  return (
    <View className="gap-1">
      <FileButton
        label="Take them from a recipe’s file"
        named="A recipe’s file (schema.org, JSON)"
        accept="application/json,application/ld+json,.json,.jsonld"
        onFile={(file) => void read(file)}
      />
      {said === undefined ? null : (
        <Text voice="small" role="status">
          {said}
        </Text>
      )}
    </View>
  );
};
