import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Path, Text as SvgText } from 'react-native-svg';
import { scaleLinear } from 'd3-scale';
import { AxisTick } from './AxisTick';
import { INK } from './ink';

export interface TrendPoint {
  readonly at: number;
  readonly value: number;
  /** Filled: one thing; open: another. */
  readonly filled: boolean;
}

export interface Props {
  readonly points: readonly TrendPoint[];
  /** Drawn through them, at the same moments. */
  readonly running?: readonly { readonly at: number; readonly value: number }[];
  readonly height: number;
  readonly showValue: (value: number) => string;
  readonly showTime: (at: number) => string;
  /** A line the points are held against. */
  readonly zero?: number;
  /** Description of the chart in a sentence. */
  readonly says: string;
}

const PAD = { left: 56, right: 14, top: 12, bottom: 26 };
/** Points drawn at most: more would only cover each other. */
const MOST = 600;

const thinned = <T,>(all: readonly T[]): readonly T[] => {
  if (all.length <= MOST) return all;
  const stride = (all.length - 1) / (MOST - 1);
  return Array.from({ length: MOST }, (_, i) => all[Math.round(i * stride)]).filter(
    (one): one is T => one !== undefined,
  );
};

/** A figure of many cooks over the calendar. */
export const TrendChart = memo(function TrendChart({
  points,
  running,
  height,
  showValue,
  showTime,
  zero,
  says,
}: Props) {
  const [width, setWidth] = useState(0);
  const values = [...points.map(({ value }) => value), ...(zero === undefined ? [] : [zero])];
  const times = points.map(({ at }) => at);
  const x = scaleLinear()
    .domain([Math.min(...times), Math.max(Math.min(...times) + 1, ...times)])
    .range([PAD.left, Math.max(PAD.left + 1, width - PAD.right)]);
  const y = scaleLinear()
    .domain([Math.min(...values), Math.max(Math.min(...values) + 1e-9, ...values)])
    .nice(4)
    .range([height - PAD.bottom, PAD.top]);
  const [first, last] = [Math.min(...times), Math.max(...times)];
  return (
    <View
      role="img"
      aria-label={says}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      style={{ height }}
    >
      {width > 0 && points.length > 0 ? (
        <Svg width={width} height={height} aria-hidden>
          {y.ticks(4).map((tick) => (
            <AxisTick
              key={tick}
              from={PAD.left}
              to={width - PAD.right}
              y={y(tick)}
              label={showValue(tick)}
              line={tick === zero ? INK.iron500 : INK.salt200}
              ink={INK.iron500}
            />
          ))}
          {[first, last].map((at, i) => (
            <SvgText
              key={i}
              x={x(at)}
              y={height - 8}
              textAnchor={i === 0 ? 'start' : 'end'}
              fontFamily="BarlowCondensedMedium"
              fontSize={12}
              fill={INK.iron500}
            >
              {i === 1 && first === last ? '' : showTime(at)}
            </SvgText>
          ))}
          {running && running.length > 1 ? (
            <Path
              d={`M${running.map(({ at, value }) => `${x(at).toFixed(1)},${y(value).toFixed(1)}`).join('L')}`}
              fill="none"
              stroke={INK.flameLight}
              strokeWidth={2}
            />
          ) : null}
          {thinned(points).map(({ at, value, filled }, i) => (
            <Circle
              key={i}
              cx={x(at)}
              cy={y(value)}
              r={4}
              fill={filled ? INK.iron950 : INK.salt50}
              stroke={INK.iron950}
              strokeWidth={1.5}
            />
          ))}
        </Svg>
      ) : null}
    </View>
  );
});
