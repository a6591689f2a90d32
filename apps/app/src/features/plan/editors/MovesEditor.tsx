import { View } from 'react-native';
import { BUTTER_PAN } from '@crustan/core/plan/butter';
import { cutOf, type EdgeSear, type PlanRequest } from '@crustan/core/plan/request';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { useShow } from '../../../words/useShow';
import { PRESS_OPTIONS, SPOT_WORDS } from '../../../words/kitchenWords';
import { Hint } from './Hint';
import { t } from '../t';

/** Temperature drop of the pan after the burner is turned down, K. */
const DOWN = 35;

const EDGES_SAID: Readonly<Record<EdgeSear, string>> = {
  none: t('faces-only'),
  first: t('fat-edge-first'),
  last: t('edges-at-the-end'),
  both: t('both'),
};

/** Browning indices of a sear that a cook may ask for. */
const CRUSTS = [
  { value: '0.95', label: t('golden') },
  { value: '1.25', label: t('deep-brown') },
  { value: '1.55', label: t('well-browned') },
  { value: '1.85', label: t('dark') },
  { value: '2.5', label: t('charred'), detail: t('bitter-to-some-it-smokes') },
] as const;
/** Widest distance of an index from the option by which it is shown: plans of before have others. */
const NEAR = 0.2;

const crustOption = (crust: number): string =>
  CRUSTS.find(({ value }) => Math.abs(Number(value) - crust) < NEAR)?.value ?? '';

/** Actions at the stove beside turning. */
export const MovesEditor = ({ request }: { readonly request: PlanRequest }) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const { fatEdge } = cutOf(request);
  const change = (changed: Partial<PlanRequest>) => dispatch(requestChanged(changed));
  return (
    <View className="gap-3">
      <Choice
        label={t('edges')}
        value={request.edges}
        onChange={(edges) => change({ edges })}
        options={(['none', 'first', 'last', 'both'] as const).map((value) => ({
          value,
          label: EDGES_SAID[value],
        }))}
      />
      <Hint>
        {fatEdge === undefined
          ? t('this-piece-usually-comes-without-a-fat')
          : t('usually-with-of-fat-along-one-edge', { thickness: show.thickness(fatEdge) })}
      </Hint>
      <Choice
        label={t('pressed')}
        value={request.press}
        onChange={(press) => change({ press })}
        options={PRESS_OPTIONS}
      />
      <Choice
        label={t('turned')}
        value={request.spot}
        onChange={(spot) => change({ spot })}
        options={[
          { value: 'fresh', label: SPOT_WORDS.fresh, detail: t('hotter-than-where-it-lay') },
          { value: 'same', label: SPOT_WORDS.same },
        ]}
      />
      <Choice
        label={t('burner')}
        value={request.panAfter === undefined ? 'steady' : 'down'}
        onChange={(burner) =>
          change({
            panAfter: burner === 'steady' ? undefined : Math.max(120, request.pan - DOWN),
          })
        }
        options={[
          { value: 'steady', label: t('burner-steady') },
          {
            value: 'down',
            label: t('down-once-it-has-browned'),
            detail: t('then-at', {
              degrees: show.degrees(request.panAfter ?? Math.max(120, request.pan - DOWN)),
            }),
          },
        ]}
      />
      <Choice
        label={t('butter')}
        value={String(request.baste)}
        onChange={(baste) => change({ baste: Number(baste) })}
        options={[
          { value: '0', label: t('no-butter') },
          { value: '60', label: t('baste-1-min') },
          { value: '120', label: t('baste-2-min') },
        ]}
      />
      <Hint>
        {t('butter-goes-in-when-the-pan-is', { temperature: show.temperature(BUTTER_PAN) })}
      </Hint>
      <Choice
        label={t('turned-every')}
        value={String(request.every)}
        onChange={(every) => change({ every: Number(every) })}
        options={['15', '30', '60', '120'].map((value) => ({
          value,
          label: t('every-s', { value }),
        }))}
      />
      <Choice
        label={t('crust-of-a-sear')}
        value={crustOption(request.crust)}
        onChange={(value) => change({ crust: Number(value) })}
        options={CRUSTS}
      />
      <Hint>{t('where-an-oven-finishes-it-each-sear')}</Hint>
    </View>
  );
};
