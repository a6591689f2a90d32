import { translateName } from '@crustan/messages';
import { useState } from 'react';
import { View } from 'react-native';
import { keptPlan } from '@crustan/core/formats/keptPlan';
import type { PieceOption } from '@crustan/core/pass/dish';
import type { KeptDish } from '@crustan/core/formats/serviceSchema';
import { requiredMinimum } from '@crustan/core/plan/minimumOf';
import { cutOf } from '@crustan/core/plan/request';
import { waysFor, WAY_TRAITS, type Way } from '@crustan/core/plan/way';
import { describeFailure } from '../../store/bookApi';
import { useKeepDishMutation } from '../../store/passApi';
import { kitchenNow } from '../../store/clock';
import { panInUse, requestHere } from '../../store/kitchenSlice';
import { newId } from '../../store/newId';
import { useAppSelector } from '../../store/store';
import { useScales } from '../../store/useScales';
import { Button } from '../../ui/Button';
import { Chips } from '../../ui/Chips';
import { Choice } from '../../ui/Choice';
import { Progress } from '../../ui/Progress';
import { ChangeInPlan } from '../../ui/ChangeInPlan';
import { Text } from '../../ui/Text';
import { capital, pieceName } from '../../words/cutWords';
import { useShow } from '../../words/useShow';
import { WAY_NAMES } from '../../words/wayWords';
import { passWorker } from '../../workers/passWorker';
import { TextField } from './TextField';
import { t } from './t';

const SHELF = [
  { value: '1', label: t('the-day-2') },
  { value: '2', label: t('2-days') },
  { value: '3', label: t('3-days') },
] as const;

/** Ways besides the plan's own that are offered and begun with. */
const MOST_OTHERS = 2;

const moneyOf = (text: string): number | undefined => {
  const figure = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(figure) || figure < 0 ? undefined : figure;
};

type KeptSteps = KeptDish['portions'][number]['options'][number]['steps'];

/** Steps in the stored format. */
const keptSteps = ({ alone, full, fullArea }: PieceOption): KeptSteps => ({
  alone: { ...alone, stays: [...alone.stays], touches: [...alone.touches] },
  full: { ...full, stays: [...full.stays], touches: [...full.touches] },
  fullArea,
});

/** Adds the current plan to the menu as a dish: its donenesses and methods are planned, then it is saved. */
export const NewDish = () => {
  const show = useShow();
  const draft = useAppSelector((state) => state.draft.request);
  const sides = useAppSelector((state) => state.draft.sides);
  const kitchen = useAppSelector((state) => state.kitchen);
  const { scaleOf, donenessOf } = useScales();
  const [keep, kept] = useKeepDishMutation();
  const cut = cutOf(draft);
  const scale = scaleOf(cut.species);
  const minimum = requiredMinimum(kitchen, draft);
  const [name, setName] = useState('');
  const [chosen, setChosen] = useState<readonly string[]>([
    donenessOf(cut.species, draft.target).name,
  ]);
  const ways = waysFor(cut).filter((way) => way !== draft.way && WAY_TRAITS[way].noPan !== true);
  const [others, setOthers] = useState<readonly Way[]>([]);
  const [shelf, setShelf] = useState<(typeof SHELF)[number]['value']>('2');
  const [cost, setCost] = useState('');
  const [price, setPrice] = useState('');
  const [share, setShare] = useState<number>();
  const [refused, setRefused] = useState<string>();
  const called = name.trim() === '' ? capital(pieceName(draft)) : name.trim();

  const make = async (): Promise<void> => {
    const steps = scale.filter((step) => chosen.includes(step.name));
    const request = requestHere(draft, kitchen);
    const portions: KeptDish['portions'] = [];
    setRefused(undefined);
    for (const [i, step] of steps.entries()) {
      setShare(i / steps.length);
      const found = await passWorker('menu').portion({
        request: { ...request, target: step.target, pieces: 1 },
        others: others.filter((way) => ways.includes(way)).slice(0, MOST_OTHERS),
        pan: panInUse(kitchen),
        minimum,
      });
      if (!found) return;
      if (found.length === 0) {
        setShare(undefined);
        setRefused(
          minimum !== undefined && step.target < minimum
            ? t('ends-under-the-minimum-set-in-kitchen-2', {
                name: capital(translateName(step.name)),
                temperature: show.temperature(minimum, 1),
              })
            : t('cannot-be-planned-this-way-change-the', {
                name: capital(translateName(step.name)),
              }),
        );
        return;
      }
      portions.push({
        doneness: step.name,
        target: step.target,
        options: found.map(({ plan, steps: taken }) => ({
          plan: keptPlan(plan),
          steps: keptSteps(taken),
        })),
      });
    }
    setShare(undefined);
    const dish: KeptDish = {
      id: newId(),
      createdAt: Math.round(kitchenNow()),
      name: called.slice(0, 60),
      portions,
      sides: sides.map((side) => ({ ...side })),
      shelfDays: Number(shelf),
    };
    const [paid, asked] = [moneyOf(cost), moneyOf(price)];
    if (paid !== undefined) dish.cost = paid;
    if (asked !== undefined) dish.price = asked;
    await keep(dish);
    setName('');
  };
  return (
    <View className="gap-3 border-t-2 border-iron-950 pt-3">
      <Text voice="head" heading={2}>
        {t('add-the-plan-to-the-menu')}
      </Text>
      <Text>
        {`${capital(pieceName(draft))}, ${show.thickness(draft.thickness)}, ${WAY_NAMES[draft.way].toLowerCase()}${sides.map(({ name: side }) => t('with-2', { side: side.toLowerCase() })).join('')}. `}
        <ChangeInPlan />
      </Text>
      <View className="flex-row">
        <TextField
          label={t('what-the-menu-calls-it', { pieceName: capital(pieceName(draft)) })}
          value={name}
          wide
          onChange={setName}
        />
      </View>
      <Text voice="small">{t('donenesses-that-are-ordered')}</Text>
      <Chips
        label={t('donenesses-that-are-ordered')}
        options={scale.map((step) => ({
          value: step.name,
          label: `${translateName(step.name)} ${show.degrees(step.target, 0)}`,
        }))}
        chosen={chosen.filter((one) => scale.some((step) => step.name === one))}
        onChange={setChosen}
        least={1}
      />
      <Text voice="small">{t('other-ways-the-line-may-take-at', { mostOthers: MOST_OTHERS })}</Text>
      <Chips
        label={t('other-ways-the-line-may-take')}
        options={ways.map((way) => ({ value: way, label: WAY_NAMES[way] }))}
        chosen={others.filter((way) => ways.includes(way))}
        onChange={(next) => setOthers(next.slice(-MOST_OTHERS))}
      />
      <Text voice="small">{t('once-salted-and-dried-a-piece-is')}</Text>
      <Choice
        label={t('a-prepared-piece-keeps')}
        options={SHELF}
        value={shelf}
        onChange={setShelf}
      />
      <View className="flex-row flex-wrap gap-2">
        <TextField label={t('costs-you')} value={cost} figures onChange={setCost} />
        <TextField label={t('sold-at-2')} value={price} figures onChange={setPrice} />
      </View>
      {share === undefined ? (
        <Button label={t('add-to-the-menu', { called })} onPress={() => void make()} />
      ) : (
        <>
          <Progress label={t('planning-its-portions')} share={share} />
          <Button
            kind="plain"
            label={t('stop')}
            onPress={() => {
              setShare(undefined);
              void passWorker('menu').drop();
            }}
          />
        </>
      )}
      {refused === undefined ? null : <Text role="alert">{refused}</Text>}
      {kept.error ? (
        <Text role="alert">{t('not-saved', { failure: describeFailure(kept.error) })}</Text>
      ) : null}
    </View>
  );
};
