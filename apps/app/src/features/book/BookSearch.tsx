import { translateName } from '@crustan/messages';
import { describeJudged } from '../../words/judgedWords';
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
import { describeAsked } from '../../words/askedWords';
import { useShow } from '../../words/useShow';
import { INK } from '../../ui/ink';
import { asWritten, loadGrammar, NOTHING_SAID, readWords, type SaidSearch } from './saidSearch';
import { t } from './t';

interface Props {
  readonly onSearch: (search: CookSearch) => void;
  /** Cooks that answer it; undefined while they are looked for. */
  readonly found: number | undefined;
}

/** Longest search, letters: as the message bounds it. */
const LONGEST = 120;
/** Pause in typing after which the search starts, ms. */
const SETTLES = 80;
const MONTH = 30 * 86_400_000;
const SPANS = [
  { value: 'all', label: t('any-time'), months: undefined },
  { value: 'month', label: t('this-month'), months: 1 },
  { value: 'season', label: t('three-months'), months: 3 },
  { value: 'year', label: t('a-year'), months: 12 },
] as const;

const ANY = 'any';

type Filter = 'way' | 'crust' | 'again';

/** Words to look for, and what else must hold. */
export const BookSearch = ({ onSearch, found }: Props) => {
  const show = useShow();
  const scale = show.units === 'imperial' ? 'f' : 'c';
  const [typed, setTyped] = useState('');
  /** True if the words are searched as plain text. */
  const [plain, setPlain] = useState(false);
  const [said, setSaid] = useState<SaidSearch>(NOTHING_SAID);
  const [chosen, setChosen] = useState<CookSearch>({});
  const [open, setOpen] = useState(false);
  const [span, setSpan] = useState<(typeof SPANS)[number]['value']>('all');
  useEffect(() => {
    const words = typed.trim();
    let dropped = false;
    const timer = setTimeout(async () => {
      const read = plain ? asWritten(words) : await readWords(words, scale);
      if (!dropped) setSaid(read);
    }, SETTLES);
    return () => {
      dropped = true;
      clearTimeout(timer);
    };
  }, [typed, plain, scale]);
  useEffect(() => onSearch({ ...said.search, ...chosen }), [said, chosen, onSearch]);

  const set = <K extends Filter>(key: K, value: CookSearch[K] | undefined) => {
    const { [key]: _before, ...rest } = chosen;
    setChosen(value === undefined ? rest : { ...rest, [key]: value });
  };
  const narrowed = Object.keys(chosen).length;
  const asks = narrowed > 0 || Object.keys(said.search).length > 0;
  const choose = <K extends Filter>(
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
        value={chosen[key] ?? ANY}
        onChange={(picked) =>
          set(
            key,
            values.find((value) => value === picked),
          )
        }
        options={[
          { value: ANY, label: t('any') },
          ...values.map((value) => ({ value, label: say(value) })),
        ]}
      />
    </View>
  );
  return (
    <View className="gap-3">
      <View className="flex-row items-center gap-3">
        <TextInput
          aria-label={t('search-the-logbook')}
          role="searchbox"
          placeholder={t('ribeye-over-4-cm-too-done')}
          placeholderTextColor={INK.iron500}
          maxLength={LONGEST}
          value={typed}
          onChangeText={setTyped}
          onFocus={loadGrammar}
          className="min-h-touch min-w-0 flex-1 rounded border border-salt-300 bg-salt-0 px-3 font-text text-16 text-iron-950"
        />
        <Button
          kind="plain"
          label={narrowed === 0 ? t('filters') : t('filters-2', { narrowed })}
          onPress={() => setOpen(!open)}
        />
      </View>
      <Understood said={said} plain={plain} onPlain={setPlain} />
      {open ? (
        <View className="gap-3 border-l-2 border-salt-300 pl-3">
          {choose('way', t('way'), WAYS, (way) => WAY_NAMES[way])}
          {choose('crust', t('crust'), CRUST_SEEN, (code) => capital(describeJudged(code)))}
          {choose('again', t('would-cook-it'), WOULD_COOK_AGAIN, (code) =>
            capital(describeJudged(code)),
          )}
          <View className="gap-1">
            <Text voice="small" tone="text-iron-500">
              {t('when')}
            </Text>
            <Choice
              label={t('when')}
              value={span}
              onChange={(picked) => {
                setSpan(picked);
                const months = SPANS.find(({ value }) => value === picked)?.months;
                const { from: _before, ...rest } = chosen;
                setChosen(
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
          ? t('looking')
          : t('count-cooks', { count: found }) + (asks ? t('found') : '')}
      </Text>
    </View>
  );
};

/** Conditions that were read from the words, parts that were not used, and a switch to plain text. */
const Understood = ({
  said: { search, unread },
  plain,
  onPlain,
}: {
  readonly said: SaidSearch;
  readonly plain: boolean;
  readonly onPlain: (plain: boolean) => void;
}) => {
  const show = useShow();
  const asked = describeAsked(search, show);
  if (plain) {
    return search.words === undefined ? null : (
      <View className="flex-row flex-wrap items-center gap-3">
        <Text voice="small" tone="text-iron-500">
          {t('words')}
        </Text>
        <Button kind="plain" label={t('read-them')} onPress={() => onPlain(false)} />
      </View>
    );
  }
  if (asked.length === 0 && unread.length === 0) return null;
  return (
    <View className="gap-1">
      <View className="flex-row flex-wrap items-center gap-3">
        <Text voice="small" className="min-w-0 flex-1">
          {[...asked, ...(search.words === undefined ? [] : [`“${search.words}”`])].join(' · ')}
        </Text>
        <Button kind="plain" label={t('plain-words')} onPress={() => onPlain(true)} />
      </View>
      {unread.map(({ text, why }) => (
        <Text key={text} voice="note" role="alert">
          {t('was-not-used', { text, why: translateName(why) })}
        </Text>
      ))}
    </View>
  );
};
