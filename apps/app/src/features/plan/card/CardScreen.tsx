import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { Link } from 'expo-router';
import { cardRequests, type Card } from '@crustan/core/plan/card';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import { plateAllergens } from '@crustan/core/plan/plateAllergens';
import { cutOf } from '@crustan/core/plan/request';
import { usesOven, WAY_TRAITS } from '@crustan/core/plan/way';
import { gearUsed, panInUse, requestHere } from '../../../store/kitchenSlice';
import { useAppSelector } from '../../../store/store';
import { useScales } from '../../../store/useScales';
import { Button } from '../../../ui/Button';
import { Chips } from '../../../ui/Chips';
import { Measure } from '../../../ui/Measure';
import { Progress } from '../../../ui/Progress';
import { saveFile } from '../../../ui/saveFile';
import { Text } from '../../../ui/Text';
import { plateAllergenWords } from '../../../words/allergenWords';
import { capital, pieceName } from '../../../words/cutWords';
import { usedWords } from '../../../words/usedWords';
import { useShow } from '../../../words/useShow';
import { WAY_NAMES } from '../../../words/wayWords';
import { usePlannedOn } from '../../../workers/useAsked';
import {
  describeMoves,
  describeOven,
  describePan,
  describeRest,
  describeSalt,
  describeStart,
  describeSurface,
} from '../sentenceWords';
import { CardTable } from './CardTable';
import { thicknessesFrom, thinnestFor } from './cardWords';
import { useCard } from './useCard';
import { t } from '../t';

/** Columns of a new card: those nearest to the current settings. */
const COLUMNS = 4;

/** A sheet of one piece and way for this kitchen: thickness by doneness, to print or to save. */
export const CardScreen = () => {
  const show = useShow();
  const { units } = show;
  const draft = useAppSelector((state) => state.draft.request);
  const kitchen = useAppSelector((state) => state.kitchen);
  const { scaleOf } = useScales();
  const cut = cutOf(draft);
  const whole = cut.whole === true;
  const scale = scaleOf(cut.species);
  const [thinnest, setThinnest] = useState(() => thinnestFor(draft.thickness, units, whole));
  const [names, setNames] = useState<readonly string[]>(() =>
    scale
      .toSorted((a, b) => Math.abs(a.target - draft.target) - Math.abs(b.target - draft.target))
      .slice(0, COLUMNS)
      .map(({ name }) => name),
  );
  const columns = useMemo(() => scale.filter(({ name }) => names.includes(name)), [scale, names]);
  const card = useMemo(
    (): Card => ({
      request: requestHere(draft, kitchen),
      thicknesses: thicknessesFrom(thinnest, units, whole),
      targets: columns.map(({ target }) => target),
    }),
    [draft, kitchen, thinnest, units, whole, columns],
  );
  const requests = useMemo(() => cardRequests(card), [card]);
  const { cells, running, broken, start, stop } = useCard(requests, usePlannedOn(draft));
  const pan = panInUse(kitchen);
  const heat = [
    ...(WAY_TRAITS[draft.way].noPan ? [] : [describePan(draft, show), describeMoves(draft)]),
    ...(usesOven(draft.way) ? [describeOven(draft, show)] : []),
  ].join(', ');
  const allergens = plateAllergenWords(plateAllergens(draft), []);
  const used = usedWords(gearUsed(kitchen), card.request, show);

  const save = async (): Promise<void> => {
    const { writeCardCsv } = await import('@crustan/core/formats/csv');
    const rows = requests.flatMap((request, i) => {
      const cell = cells.get(i);
      return cell === undefined ? [] : [{ request, cell }];
    });
    saveFile('crustan-card.csv', 'text/csv', writeCardCsv(rows));
  };

  return (
    <ScrollView className="flex-1 bg-salt-50" contentContainerClassName="gap-4 px-4 pb-10 pt-4">
      <View>
        <Text voice="head" heading={1}>
          {`${capital(pieceName(draft))}: ${WAY_NAMES[draft.way].toLowerCase()}`}
        </Text>
        <Text voice="small" tone="text-iron-500">
          {t('from-rested-on-kg-of-iron-and', {
            surface: describeSurface(draft),
            salt: describeSalt(draft),
            start: describeStart(draft, show),
            heat,
            rest: describeRest(draft),
            mass: pan.mass,
            value: pan.power / 1000,
            burner: pan.burner,
          })}
        </Text>
        {used === undefined ? null : <Text voice="small">{used}</Text>}
        {allergens === undefined ? null : <Text voice="small">{allergens}</Text>}
      </View>
      <View className="no-print gap-3 lg:max-w-[620px]">
        <Chips
          label={t('columns-of-the-card')}
          options={scale.map(({ name }) => ({ value: name, label: name }))}
          chosen={names}
          onChange={setNames}
          least={1}
        />
        <Measure
          units={units}
          label={t('thinnest')}
          named
          kind="thickness"
          value={thinnest}
          least={0.01}
          most={PLAN_LIMITS.thickness.most - 0.07}
          typical={whole ? [0.02, 0.1] : [0.01, 0.05]}
          onChange={setThinnest}
        />
        <View className="flex-row flex-wrap gap-2">
          {running ? (
            <Button kind="plain" label={t('stop')} onPress={stop} />
          ) : (
            <Button
              label={t('compute-plans', { requestsCount: requests.length })}
              onPress={start}
            />
          )}
          <Link href="/" className="min-h-touch justify-center px-2 pt-3 underline">
            <Text tone="text-flame-light">{t('back-to-the-plan')}</Text>
          </Link>
        </View>
        {running ? <Progress label={t('planned')} share={cells.size / requests.length} /> : null}
        {broken === undefined ? null : (
          <Text role="alert">{t('the-computation-stopped-press-it-again', { broken })}</Text>
        )}
      </View>
      {cells.size === 0 && !running ? null : (
        <CardTable card={card} cells={cells} names={columns.map(({ name }) => name)} />
      )}
      <Text voice="small">{t('the-time-is-from-the-first-heat')}</Text>
      {cells.size === 0 ? null : (
        <View className="no-print flex-row flex-wrap gap-2">
          <Button kind="plain" label={t('print')} onPress={() => globalThis.print()} />
          <Button kind="plain" label={t('save-as-csv')} onPress={() => void save()} />
        </View>
      )}
    </ScrollView>
  );
};
