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

/** Allergens of a dish and the sides that nobody stated, in a few words. */
const allergenLine = (dish: Pick<KeptDish, 'portions' | 'sides'>): string | undefined => {
  const contains = describeAllergens(dishAllergens(dish));
  const unstated = unstatedSides(dish.sides);
  const parts = [
    ...(contains === '' ? [] : [`contains ${contains}`]),
    ...(unstated.length === 0 ? [] : [`allergens not stated: ${unstated.join(', ')}`]),
  ];
  return parts.length === 0 ? undefined : parts.join('; ');
};

/** A menu is read by the minute. */
const minutes = (seconds: number): string => `${Math.round(seconds / 60)} min`;

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
        Menu
      </Text>
      {error ? <Text role="alert">{describeFailure(error)}</Text> : null}
      {dishes.length === 0 ? (
        <Text>
          Nothing is on the menu yet. A dish is a plan of yours at each doneness that is ordered.
        </Text>
      ) : (
        <View role="list" aria-label="Dishes" className="gap-3">
          {dishes.map(({ id, name, portions, sides, cost, price, shelfDays }) => (
            <View key={id} role="listitem" className="gap-1 border-t border-salt-300 pt-2">
              <View className="flex-row flex-wrap items-center justify-between gap-3">
                <Text voice="head" heading={2} className="max-w-full">
                  {name}
                </Text>
                <Button
                  kind="plain"
                  label="Take off"
                  spoken={`Take off ${name}`}
                  onPress={() => void drop(id)}
                />
              </View>
              {portions.map(({ doneness, options }) => (
                <Text key={doneness} voice="small">
                  {`${doneness}: ${options
                    .map(
                      ({ plan }) =>
                        `${WAY_NAMES[plan.request.way].toLowerCase()}, ${minutes(plan.cookSeconds)} and ${minutes(plan.restSeconds)} of rest${plan.inRange === undefined ? '' : `, ${minutes(plan.inRange)} of it between ${show.degrees(5, 0)} and ${show.temperature(60, 0)}`}`,
                    )
                    .join('; or ')}`}
                </Text>
              ))}
              <Text voice="note" tone="text-iron-500">
                {[
                  `keeps ${shelfDays === 1 ? 'the day' : `${shelfDays} days`} once prepared`,
                  ...sides.map(
                    (side) => `with ${side.name}, ${minutes(side.handsOn + side.handsOff)}`,
                  ),
                  allergenLine({ portions, sides }),
                  cost === undefined ? undefined : `costs ${cost}`,
                  price === undefined ? undefined : `sold at ${price}`,
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
        What the line has to cook on (pans, burners, oven places, cooks) is kept in{' '}
        <Link href="/kitchen" className="py-1">
          <Text voice="small" tone="text-flame-light" className="underline">
            Kitchen
          </Text>
        </Link>
        .
      </Text>
    </ScrollView>
  );
};
