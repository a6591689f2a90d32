import { translateName } from '@crustan/messages';
import { memo, useState } from 'react';
import { View } from 'react-native';
import { footprint } from '@crustan/core/food';
import { REST_COVERS } from '@crustan/core/heat/restCover';
import { REST_SURFACES } from '@crustan/core/heat/restSurface';
import { PLAN_LIMITS } from '@crustan/core/plan/limits';
import { carvingAfter } from '@crustan/core/plan/carving';
import { minimumOf } from '@crustan/core/plan/minimumOf';
import { cutOf } from '@crustan/core/plan/request';
import { formatDuration } from '@crustan/core/units';
import { requestChanged, type Draft } from '../../../store/draftSlice';
import { useAppDispatch } from '../../../store/store';
import { useScales } from '../../../store/useScales';
import { Choice } from '../../../ui/Choice';
import { Ruler as RulerToScale } from '../../../ui/Drawn';
import { Measure } from '../../../ui/Measure';
import { useShow } from '../../../words/useShow';
import type { Editable } from '../sentenceWords';
import { capital } from '../../../words/cutWords';
import { REST_ON_WORDS } from '../../../words/kitchenWords';
import { CutChooser } from './CutChooser';
import { DonenessStrip } from './DonenessStrip';
import { Hint } from './Hint';
import { MovesEditor } from './MovesEditor';
import { OvenEditor } from './OvenEditor';
import { PanEditor } from './PanEditor';
import { PlateEditor } from './PlateEditor';
import { RubsEditor } from './RubsEditor';
import { SaltEditor } from './SaltEditor';
import { StartEditor } from './StartEditor';
import { SurfaceEditor } from './SurfaceEditor';
import { UnevenAdvice } from './UnevenAdvice';
import { t } from '../t';

/** Pieces alike that are offered. */
const COUNTS = [1, 2, 3, 4, 5, 6, 8, 10] as const;
/** Rests of a whole piece that are offered, s. */
const CARVED_AFTER = [900, 1200, 1500, 1800, 2100, 2400, 3000] as const;

interface Props {
  readonly word: Editable;
  readonly draft: Draft;
}

/** The control that fits one word of the sentence. */
export const Editor = memo(function Editor({ word, draft }: Props) {
  const dispatch = useAppDispatch();
  const show = useShow();
  const { scaleOf } = useScales();
  const { request } = draft;
  const cut = cutOf(request);
  const carve = carvingAfter(request);
  const measure = { units: show.units };
  switch (word) {
    case 'cut':
      return <CutChooser request={request} />;
    case 'thickness':
      return (
        <View className="gap-2">
          <Ruler thickness={request.thickness} />
          <Measure
            {...measure}
            label={t('thickness')}
            kind="thickness"
            value={request.thickness}
            {...PLAN_LIMITS.thickness}
            typical={cut.whole ? [0.025, 0.16] : [0.008, 0.06]}
            onChange={(thickness) => dispatch(requestChanged({ thickness }))}
          />
          <Hint>{t('measure-at-the-thickest-part-it-decides')}</Hint>
          <UnevenAdvice request={request} />
        </View>
      );
    case 'count':
      return (
        <Choice
          label={t('how-many-alike')}
          value={String(request.pieces)}
          onChange={(pieces) => dispatch(requestChanged({ pieces: Number(pieces) }))}
          options={COUNTS.map((count) => ({
            value: String(count),
            label: count === 1 ? t('one') : String(count),
          }))}
        />
      );
    case 'weight': {
      const { length, width } = footprint(cut, request.weight, request.thickness);
      return (
        <View className="gap-2">
          <Measure
            {...measure}
            label={t('weight')}
            kind="weight"
            value={request.weight}
            {...PLAN_LIMITS.weight}
            typical={cut.whole ? [0.8, 5] : [0.08, 1.2]}
            onChange={(weight) => dispatch(requestChanged({ weight }))}
          />
          <Hint>
            {t('at-this-thickness-about-by', {
              thickness: show.thickness(length),
              thickness2: show.thickness(width),
            })}
          </Hint>
        </View>
      );
    }
    case 'surface':
      return <SurfaceEditor />;
    case 'salt':
      return (
        <View className="gap-5">
          <SaltEditor request={request} />
          <RubsEditor />
        </View>
      );
    case 'start':
      return <StartEditor request={request} />;
    case 'pan':
      return <PanEditor request={request} />;
    case 'moves':
      return <MovesEditor request={request} />;
    case 'oven':
      return <OvenEditor request={request} />;
    case 'target': {
      const minimum = minimumOf(request);
      return (
        <View className="gap-2">
          <DonenessStrip
            species={cut.species}
            scale={scaleOf(cut.species)}
            target={request.target}
            onChange={(target) => dispatch(requestChanged({ target }))}
          />
          <Measure
            {...measure}
            label={t('end-temperature')}
            kind="temperature"
            value={request.target}
            {...PLAN_LIMITS.target}
            typical={[40, 78]}
            onChange={(target) => dispatch(requestChanged({ target }))}
          />
          <Hint>
            {t('the-cores-peak-in-the-rest-the', {
              food: translateName(minimum.food),
              temperature: show.temperature(minimum.celsius, 1),
              source: translateName(minimum.source),
            })}
          </Hint>
          <Hint>{t('your-thermometer-goes-in-2')}</Hint>
          <Choice
            label={t('thermometer-goes-in')}
            value={request.stem}
            onChange={(stem) => dispatch(requestChanged({ stem }))}
            options={[
              {
                value: 'top',
                label: t('from-the-top'),
                detail: t('reads-over-the-core-while-it-is'),
              },
              { value: 'side', label: t('from-the-side'), detail: t('nearer-the-core') },
            ]}
          />
        </View>
      );
    }
    case 'cover':
      return (
        <View className="gap-2">
          <Choice
            label={t('rest-2')}
            value={request.cover}
            onChange={(cover) => dispatch(requestChanged({ cover }))}
            options={REST_COVERS.map((cover) => ({
              value: cover,
              label: { open: t('open'), loose: t('loosely-tented'), wrapped: t('wrapped') }[cover],
              detail: {
                open: t('crust-stays-dry'),
                loose: t('warmer-crust-softens-some'),
                wrapped: t('warmest-crust-softens'),
              }[cover],
            }))}
          />
          <Choice
            label={t('rests-on')}
            value={request.restOn}
            onChange={(restOn) => dispatch(requestChanged({ restOn }))}
            options={REST_SURFACES.map((value) => ({
              value,
              label: capital(REST_ON_WORDS[value]),
            }))}
          />
          <Hint>{t('a-board-or-a-cold-plate-under')}</Hint>
          {carve === undefined ? null : (
            <>
              <Choice
                label={t('carved')}
                value={String(carve)}
                onChange={(seconds) => dispatch(requestChanged({ carveAfter: Number(seconds) }))}
                options={CARVED_AFTER.map((seconds) => ({
                  value: String(seconds),
                  label: t('after', { duration: formatDuration(seconds) }),
                }))}
              />
              <Hint>{t('its-target-is-the-core-temperature-when')}</Hint>
            </>
          )}
        </View>
      );
    case 'plate':
      return <PlateEditor />;
  }
});

const Ruler = ({ thickness }: { readonly thickness: number }) => {
  const { units } = useShow();
  const [width, setWidth] = useState(0);
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} style={{ height: 58 }}>
      {width > 0 ? <RulerToScale thickness={thickness} units={units} width={width} /> : null}
    </View>
  );
};
