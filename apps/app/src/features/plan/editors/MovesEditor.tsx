import { View } from 'react-native';
import { BUTTER_PAN } from '@crustan/core/plan/butter';
import { cutOf, type EdgeSear, type PlanRequest } from '@crustan/core/plan/request';
import { requestChanged } from '../../../store/draftSlice';
import { useAppDispatch } from '../../../store/store';
import { Choice } from '../../../ui/Choice';
import { useShow } from '../../../words/useShow';
import { PRESS_OPTIONS, SPOT_WORDS } from '../../../words/kitchenWords';
import { Hint } from './Hint';

/** Temperature drop of the pan after the burner is turned down, K. */
const DOWN = 35;

const EDGES_SAID: Readonly<Record<EdgeSear, string>> = {
  none: 'Faces only',
  first: 'Fat edge first',
  last: 'Edges at the end',
  both: 'Both',
};

/** Browning indices of a sear that a cook may ask for. */
const CRUSTS = [
  { value: '0.95', label: 'Golden' },
  { value: '1.25', label: 'Deep brown' },
  { value: '1.55', label: 'Well browned' },
  { value: '1.85', label: 'Dark' },
  { value: '2.5', label: 'Charred', detail: 'bitter to some; it smokes' },
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
        label="Edges"
        value={request.edges}
        onChange={(edges) => change({ edges })}
        options={(['none', 'first', 'last', 'both'] as const).map((value) => ({
          value,
          label: EDGES_SAID[value],
        }))}
      />
      <Hint>
        {fatEdge === undefined
          ? 'This piece usually comes without a fat edge.'
          : `Usually with ${show.thickness(fatEdge)} of fat along one edge: score it, stand it up first.`}
      </Hint>
      <Choice
        label="Pressed"
        value={request.press}
        onChange={(press) => change({ press })}
        options={PRESS_OPTIONS}
      />
      <Choice
        label="Turned"
        value={request.spot}
        onChange={(spot) => change({ spot })}
        options={[
          { value: 'fresh', label: SPOT_WORDS.fresh, detail: 'hotter than where it lay' },
          { value: 'same', label: SPOT_WORDS.same },
        ]}
      />
      <Choice
        label="Burner"
        value={request.panAfter === undefined ? 'steady' : 'down'}
        onChange={(burner) =>
          change({
            panAfter: burner === 'steady' ? undefined : Math.max(120, request.pan - DOWN),
          })
        }
        options={[
          { value: 'steady', label: 'Burner steady' },
          {
            value: 'down',
            label: 'Down once it has browned',
            detail: `then at ${show.degrees(request.panAfter ?? Math.max(120, request.pan - DOWN))}`,
          },
        ]}
      />
      <Choice
        label="Butter"
        value={String(request.baste)}
        onChange={(baste) => change({ baste: Number(baste) })}
        options={[
          { value: '0', label: 'No butter' },
          { value: '60', label: 'Baste 1 min' },
          { value: '120', label: 'Baste 2 min' },
        ]}
      />
      <Hint>
        {`Butter goes in when the pan is down to ${show.temperature(BUTTER_PAN)}, with crushed garlic and herbs; pepper, sugar and rubs burn at searing heat: after, or in the oven's tray. Trimmed fat can be rendered in the pan and seared in.`}
      </Hint>
      <Choice
        label="Turned every"
        value={String(request.every)}
        onChange={(every) => change({ every: Number(every) })}
        options={['15', '30', '60', '120'].map((value) => ({
          value,
          label: `every ${value} s`,
        }))}
      />
      <Choice
        label="Crust of a sear"
        value={crustOption(request.crust)}
        onChange={(value) => change({ crust: Number(value) })}
        options={CRUSTS}
      />
      <Hint>Where an oven finishes it, each sear lasts until the crust is this.</Hint>
    </View>
  );
};
