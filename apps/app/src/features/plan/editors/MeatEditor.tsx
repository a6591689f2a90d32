import { View } from 'react-native';
import { cutOf, type PlanRequest } from '@crustan/core/plan/request';
import { mayBeTreated } from '@crustan/core/safety/minimumTemperature';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { Text } from '../../../ui/Text';
import { pieceName } from '../../../words/cutWords';
import { t } from '../t';

/** Questions that decide the published minimum: where game comes from, and whether the meat is intact. */
export const MeatEditor = ({ request }: { readonly request: PlanRequest }) => {
  const dispatch = useAppDispatch();
  const { species, game } = cutOf(request);
  if (!mayBeTreated(species)) return null;
  return (
    <View className="gap-2">
      <Text voice="small" tone="text-iron-500">
        {t('the', { pieceName: pieceName(request) })}
      </Text>
      {game === undefined ? null : (
        <Choice
          label={t('origin-of-the-game')}
          value={request.game ?? game}
          onChange={(origin) => dispatch(requestChanged({ game: origin }))}
          options={[
            { value: 'farmed', label: t('farmed'), detail: t('and-inspected') },
            { value: 'wild', label: t('wild'), detail: t('or-not-inspected') },
          ]}
        />
      )}
      <Choice
        label={t('intact-or-treated-meat')}
        value={request.treated ?? 'intact'}
        onChange={(state) =>
          dispatch(requestChanged({ treated: state === 'intact' ? undefined : state }))
        }
        options={[
          { value: 'intact', label: t('intact'), detail: t('whole-muscle') },
          { value: 'tenderised', label: t('tenderised'), detail: t('by-blades-or-needles') },
          { value: 'injected', label: t('injected'), detail: t('with-brine') },
          { value: 'minced', label: t('minced') },
        ]}
      />
      <Text voice="small" tone="text-iron-500">
        {t('blades-needles-and-mincing-carry-bacteria')}
      </Text>
    </View>
  );
};
