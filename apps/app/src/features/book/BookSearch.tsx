import { sayJudged } from '../../words/judgedWords';
import { useEffect, useState } from 'react';
import { TextInput, View } from 'react-native';
import type { CookSearch } from '@crustan/core/formats';
import { CRUST_SEEN, WOULD_COOK_AGAIN } from '@crustan/core/formats/judgementSchema';
import { WAYS } from '@crustan/core/plan/way';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { capital } from '../../words/cutWords';
import { WAY_NAMES } from '../../words/wayWords';
import { INK } from '../../ui/ink';

interface Props {
  readonly search: CookSearch;
  readonly onSearch: (search: CookSearch) => void;
  /** Cooks that answer it; undefined while they are looked for. */
  readonly found: number | undefined;
}

/** Typing pauses so long before it is looked for, ms. */
const SETTLES = 120;
const MONTH = 30 * 86_400_000;
const SPANS = [
  { value: 'all', label: 'Any time', months: undefined },
  { value: 'month', label: 'This month', months: 1 },
  { value: 'season', label: 'Three months', months: 3 },
  { value: 'year', label: 'A year', months: 12 },
] as const;

const ANY = 'any';

/** Words to look for, and what else must hold. */
export const BookSearch = ({ search, onSearch, found }: Props) => {
  const [typed, setTyped] = useState(search.words ?? '');
  const [open, setOpen] = useState(false);
  const [span, setSpan] = useState<(typeof SPANS)[number]['value']>('all');
  useEffect(() => {
    const words = typed.trim();
    if (words === (search.words ?? '')) return;
    const timer = setTimeout(() => {
      const { words: _before, ...rest } = search;
      onSearch(words === '' ? rest : { ...rest, words });
    }, SETTLES);
    return () => clearTimeout(timer);
  }, [typed, search, onSearch]);

  const set = <K extends 'way' | 'crust' | 'again'>(key: K, value: CookSearch[K] | undefined) => {
    const { [key]: _before, ...rest } = search;
    onSearch(value === undefined ? rest : { ...rest, [key]: value });
  };
  const narrowed = Object.keys(search).filter((key) => key !== 'words').length;
  const choose = <K extends 'way' | 'crust' | 'again'>(
    key: K,
    label: string,
    values: readonly NonNullable<CookSearch[K]>[],
    say: (value: NonNullable<CookSearch[K]>) => string,
  ) => (
    <View className="gap-1">
      <Text voice="small" tone="text-iron-500">
        {label}
      </Text>
      <Choice<string>
        label={label}
        value={search[key] ?? ANY}
        onChange={(chosen) =>
          set(
            key,
            values.find((value) => value === chosen),
          )
        }
        options={[
          { value: ANY, label: 'Any' },
          ...values.map((value) => ({ value, label: say(value) })),
        ]}
      />
    </View>
  );
  return (
    <View className="gap-3">
      <View className="flex-row items-center gap-3">
        <TextInput
          aria-label="Search the book"
          role="searchbox"
          placeholder="Search titles, pieces, notes"
          placeholderTextColor={INK.iron500}
          value={typed}
          onChangeText={setTyped}
          className="min-h-touch min-w-0 flex-1 rounded border border-salt-300 bg-salt-0 px-3 font-text text-16 text-iron-950"
        />
        <Button
          kind="plain"
          label={narrowed === 0 ? 'Filters' : `Filters: ${narrowed}`}
          onPress={() => setOpen(!open)}
        />
      </View>
      {open ? (
        <View className="gap-3 border-l-2 border-salt-300 pl-3">
          {choose('way', 'Way', WAYS, (way) => WAY_NAMES[way])}
          {choose('crust', 'Crust', CRUST_SEEN, (code) => capital(sayJudged(code)))}
          {choose('again', 'Would cook it', WOULD_COOK_AGAIN, (code) => capital(sayJudged(code)))}
          <View className="gap-1">
            <Text voice="small" tone="text-iron-500">
              When
            </Text>
            <Choice
              label="When"
              value={span}
              onChange={(chosen) => {
                setSpan(chosen);
                const months = SPANS.find(({ value }) => value === chosen)?.months;
                const { from: _before, ...rest } = search;
                onSearch(
                  months === undefined ? rest : { ...rest, from: Date.now() - months * MONTH },
                );
              }}
              options={SPANS}
            />
          </View>
        </View>
      ) : null}
      <Text voice="small" tone="text-iron-500" role="status">
        {found === undefined
          ? 'Looking…'
          : `${found} ${found === 1 ? 'cook' : 'cooks'}${narrowed > 0 || search.words ? ' answer' : ''}`}
      </Text>
    </View>
  );
};
