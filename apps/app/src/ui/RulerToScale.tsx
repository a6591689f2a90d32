import { memo } from 'react';
import Svg, { G, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { UnitSystem } from '@crustan/core/units';
import { INK } from './ink';
import { t } from '../t';

/** CSS pixels to a millimetre: a CSS inch is 96 px, near true size on a phone. */
const PX_PER_MM = 96 / 25.4;

export interface Props {
  /** m */
  readonly thickness: number;
  readonly units: UnitSystem;
  readonly width: number;
}

/** The thickness against a ruler, about as large as life. */
export const RulerToScale = ({ thickness, units, width }: Props) => (
  <Svg width={width} height={58} aria-hidden>
    <Rect
      width={Math.min(width, thickness * 1000 * PX_PER_MM)}
      height={24}
      rx={3}
      fill={INK.iron400}
    />
    <Ticks units={units} width={width} />
  </Svg>
);

/** The ruler itself: one path of strokes, and a figure at every whole unit. */
const Ticks = memo(function Ticks({ units, width }: Omit<Props, 'thickness'>) {
  const metric = units === 'metric';
  const unit = (metric ? 10 : 25.4) * PX_PER_MM;
  const parts = metric ? 10 : 8;
  const count = Math.floor((width * parts) / unit);
  const strokes = Array.from({ length: count + 1 }, (_, i) => {
    const foot = i % parts === 0 ? 42 : i % parts === parts / 2 ? 38 : 34;
    return `M${((i * unit) / parts + 0.5).toFixed(1)},28V${foot}`;
  });
  return (
    <G>
      <Path d={strokes.join('')} stroke={INK.iron700} fill="none" />
      {Array.from({ length: Math.floor(count / parts) + 1 }, (_, i) => (
        <SvgText
          key={i}
          x={i * unit + 2}
          y={55}
          fontSize={12}
          fontFamily="BarlowCondensedMedium"
          fill={INK.iron700}
        >
          {i === 0 ? (metric ? t('0-cm') : t('0-in')) : String(i)}
        </SvgText>
      ))}
    </G>
  );
});
