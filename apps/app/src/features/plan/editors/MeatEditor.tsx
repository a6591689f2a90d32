import { View } from 'react-native';
import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import { mayBeTreated } from '@crustan/core/safety/minimumTemperature';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { Text } from '../../../ui/Text';
import { pieceName } from '../../../words/cutWords';

/** Questions that decide the published minimum: where game comes from, and whether the meat is intact. */
export const MeatEditor = ({ request }: { readonly request: PlanRequest }) => {
  const dispatch = useAppDispatch();
  const { species, game } = cutOf(request);
  if (!mayBeTreated(species)) return null;
  return (
    <View className="gap-2">
      <Text voice="small" tone="text-iron-500">
        {`The ${pieceName(request)}`}
      </Text>
      {game === undefined ? null : (
        <Choice
          label="Origin of the game"
          value={request.game ?? game}
          onChange={(origin) => dispatch(requestChanged({ game: origin }))}
          options={[
            { value: 'farmed', label: 'Farmed', detail: 'and inspected' },
            { value: 'wild', label: 'Wild', detail: 'or not inspected' },
          ]}
        />
      )}
      <Choice
        label="Intact or treated meat"
        value={request.treated ?? 'intact'}
        onChange={(state) =>
          dispatch(requestChanged({ treated: state === 'intact' ? undefined : state }))
        }
        options={[
          { value: 'intact', label: 'Intact', detail: 'whole muscle' },
          { value: 'tenderised', label: 'Tenderised', detail: 'by blades or needles' },
          { value: 'injected', label: 'Injected', detail: 'with brine' },
          { value: 'minced', label: 'Minced' },
        ]}
      />
      <Text voice="small" tone="text-iron-500">
        Blades, needles and mincing carry bacteria from the surface into the meat. The label or the
        butcher states it.
      </Text>
    </View>
  );
};
