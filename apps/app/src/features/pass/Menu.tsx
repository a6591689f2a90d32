import { formatList, translateName } from '@crustan/messages';
import { ScrollView, View } from 'react-native';
import { Link } from 'expo-router';
import type { KeptDish } from '@crustan/core/formats/serviceSchema';
import { dishAllergens } from '@crustan/core/pass/orderAllergens';
import { unstatedSides } from '@crustan/core/plan/plateAllergens';
import { describeFailure } from '../../store/bookApi';
import { useDropDishMutation } from '../../store/passApi';
import { useDishes } from '../../store/useDishes';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { describeAllergens } from '../../words/allergenWords';
import { useShow } from '../../words/useShow';
import { WAY_NAMES } from '../../words/wayWords';
import { onMenu } from './onMenu';
import { NewDish } from './NewDish';
import { t } from './t';

/** Allergens of a dish and the sides that nobody stated, in a few words. */
const allergenLine = (dish: Pick<KeptDish, 'portions' | 'sides'>): string | undefined => {
  const contains = describeAllergens(dishAllergens(dish));
  const unstated = unstatedSides(dish.sides);
  const parts = [
    ...(contains === '' ? [] : [t('contains-2', { contains })]),
    ...(unstated.length === 0
      ? []
      : [t('allergens-not-stated', { unstated: formatList(unstated) })]),
  ];
  return parts.length === 0 ? undefined : parts.join('; ');
};

/** A menu is read by the minute. */
const minutes = (seconds: number): string => t('min', { value: Math.round(seconds / 60) });

/** Dishes of the menu, and a new one from the plan that is drawn up. */
export const Menu = () => {
  const { dishes: data, error } = useDishes();
  const dishes = onMenu(data);
  const [drop] = useDropDishMutation();
  const show = useShow();
  return (
    <ScrollView
      className="min-h-0 flex-1"
      contentContainerClassName="max-w-[760px] gap-5 pb-8 pt-4"
    >
      <Text voice="strong" heading={1}>
        {t('menu')}
      </Text>
      {error ? <Text role="alert">{describeFailure(error)}</Text> : null}
      {dishes.length === 0 ? (
        <Text>{t('nothing-is-on-the-menu-yet-a')}</Text>
      ) : (
        <View role="list" aria-label={t('dishes')} className="gap-3">
          {dishes.map(({ id, name, portions, sides, cost, price, shelfDays }) => (
            <View key={id} role="listitem" className="gap-1 border-t border-salt-300 pt-2">
              <View className="flex-row flex-wrap items-center justify-between gap-3">
                <Text voice="head" heading={2} className="max-w-full">
                  {name}
                </Text>
                <Button
                  kind="plain"
                  label={t('take-off')}
                  spoken={t('take-off-2', { name })}
                  onPress={() => void drop(id)}
                />
              </View>
              {portions.map(({ doneness, options }) => (
                <Text key={doneness} voice="small">
                  {`${translateName(doneness)}: ${options
                    .map(({ plan }) =>
                      t('and-of-rest', {
                        words: WAY_NAMES[plan.request.way].toLowerCase(),
                        minutes: minutes(plan.cookSeconds),
                        minutes2: minutes(plan.restSeconds),
                        part:
                          plan.inRange === undefined
                            ? ''
                            : t('of-it-between-and', {
                                minutes: minutes(plan.inRange),
                                degrees: show.degrees(5, 0),
                                temperature: show.temperature(60, 0),
                              }),
                      }),
                    )
                    .join(t('or'))}`}
                </Text>
              ))}
              <Text voice="note" tone="text-iron-500">
                {[
                  t('keeps-once-prepared', {
                    part: shelfDays === 1 ? t('the-day') : t('days', { shelfDays }),
                  }),
                  ...sides.map((side) =>
                    t('with', { name: side.name, minutes: minutes(side.handsOn + side.handsOff) }),
                  ),
                  allergenLine({ portions, sides }),
                  cost === undefined ? undefined : t('costs', { cost }),
                  price === undefined ? undefined : t('sold-at', { price }),
                ]
                  .filter((part) => part !== undefined)
                  .join(' · ')}
              </Text>
            </View>
          ))}
        </View>
      )}
      <NewDish />
      <Text voice="small">
        {t('what-the-line-has-to-cook-on')}{' '}
        <Link href="/kitchen" className="py-1">
          <Text voice="small" tone="text-flame-light" className="underline">
            {t('kitchen')}
          </Text>
        </Link>
        {'.'}
      </Text>
    </ScrollView>
  );
};
