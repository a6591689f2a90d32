import { memo, useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import { scaleLinear } from 'd3-scale';
import { AxisTick } from './AxisTick';
import { Text } from './Text';
import type { UnitSystem } from '@crustan/core/units';
import { temperatureTicks } from './temperatureTicks';
import { INK } from './ink';
import { t } from '../t';

export interface Curve {
  readonly time: readonly number[];
  readonly value: readonly number[];
  readonly colour: string;
  readonly label: string;
  readonly dashed?: boolean;
}

export interface ChartPoint {
  readonly time: number;
  readonly value: number;
}

export interface Props {
  readonly curves: readonly Curve[];
  /** Level drawn across, with its name. */
  readonly level?: { readonly value: number; readonly label: string };
  /** Times drawn down, with their names along the foot. */
  readonly marks: readonly { readonly time: number; readonly label: string }[];
  readonly points?: readonly ChartPoint[];
  /** Shaded stretch of time: the rest. */
  readonly shade?: readonly [number, number];
  /** Point at which the slice is shown. */
  readonly cursor?: ChartPoint | undefined;
  readonly height: number;
  readonly showTemperature: (celsius: number) => string;
  /** Marks of the temperature axis: from, to (C), and their approximate number; default: the range of a core. */
  readonly ticks?: readonly (readonly [low: number, high: number, count: number])[];
  readonly units: UnitSystem;
  /** The temperature axis is not compressed: what matters is above a core's range. */
  readonly linear?: boolean;
  /** Description of the chart in a sentence. */
  readonly says: string;
  readonly onIron?: boolean;
}

const NO_POINTS: readonly ChartPoint[] = [];
const PAD = { left: 40, right: 12, top: 12, bottom: 26 };
/** About how wide a letter of a mark's label is, px. */
const LETTER = 6;

/** Marks whose labels have room along the foot: the last first, for it is the one that matters. */
const labelled = <M extends { readonly label: string }>(
  marks: readonly M[],
  x: (mark: M) => number,
  width: number,
): ReadonlySet<M> => {
  const found = new Set<M>();
  let right = width;
  marks.toReversed().forEach((mark, k) => {
    const wide = mark.label.length * LETTER;
    const first = k === marks.length - 1;
    const ends = k === 0 ? x(mark) : first ? x(mark) + wide : x(mark) + wide / 2;
    if (ends > right) return;
    found.add(mark);
    right = ends - wide;
  });
  return found;
};

/** Above this the scale is squeezed: the core's story is below, the surface's above. */
const SQUEEZE_FROM = 80;
const SQUEEZED_SHARE = 0.26;
const CORE_TICKS = [[0, SQUEEZE_FROM, 4]] as const;

/** Labels of an axis nearer than this run into each other, px. */
const LABEL_HEIGHT = 14;

/** Ticks, from the lowest on, whose labels have room. */
const apart = (ticks: readonly number[], y: (value: number) => number): readonly number[] =>
  ticks
    .toSorted((a, b) => a - b)
    .reduce<readonly number[]>((kept, tick) => {
      const last = kept.at(-1);
      const fits = last === undefined || Math.abs(y(last) - y(tick)) >= LABEL_HEIGHT;
      return fits ? [...kept, tick] : kept;
    }, []);

/** Curves over the cook. The temperature axis is linear to 80 C and squeezed above it. */
export const CurveChart = memo(function CurveChart({
  curves,
  level,
  marks,
  points = NO_POINTS,
  shade,
  cursor,
  height,
  showTemperature,
  ticks: ranges = CORE_TICKS,
  units,
  linear = false,
  says,
  onIron = false,
}: Props) {
  const [width, setWidth] = useState(0);
  const ink = onIron ? INK.salt50 : INK.iron950;
  const faint = onIron ? INK.iron700 : INK.salt200;
  const quiet = onIron ? INK.iron400 : INK.iron500;
  const accent = onIron ? INK.flameDark : INK.flameLight;

  const last = Math.max(1, ...curves.map((curve) => curve.time.at(-1) ?? 0));
  const highest = Math.max(SQUEEZE_FROM + 20, ...curves.flatMap((curve) => curve.value));
  /** Something runs where the scale is compressed: it is drawn and said. */
  const compressed = !linear && curves.some(({ value }) => value.some((at) => at > SQUEEZE_FROM));
  const bottom = height - PAD.bottom;
  const squeeze = PAD.top + (bottom - PAD.top) * SQUEEZED_SHARE;
  const x = scaleLinear()
    .domain([0, last])
    .range([PAD.left, Math.max(PAD.left + 1, width - PAD.right)]);
  const y = scaleLinear()
    .domain(linear ? [0, highest] : [0, SQUEEZE_FROM, highest])
    .range(linear ? [bottom, PAD.top] : [bottom, squeeze, PAD.top])
    .clamp(true);

  const ticks = apart(
    ranges.flatMap((range) => temperatureTicks(units, ...range)),
    y,
  );
  const roomy = labelled(marks, ({ time }) => x(time), width);

  const pathOf = ({ time, value }: Curve): string =>
    `M${time.map((t, i) => `${x(t).toFixed(1)},${y(value[i] ?? 0).toFixed(1)}`).join('L')}`;

  return (
    <View>
      <View className="flex-row flex-wrap gap-x-4 pb-1" aria-hidden>
        {curves.map((curve) => (
          <View key={curve.label} className="max-w-full flex-row items-center gap-1">
            <View
              style={{
                width: 14,
                borderTopWidth: 3,
                borderStyle: curve.dashed ? 'dashed' : 'solid',
                borderColor: curve.colour,
              }}
            />
            <Text voice="note" tone={onIron ? 'text-salt-50' : 'text-iron-950'} className="shrink">
              {curve.label}
            </Text>
          </View>
        ))}
        {compressed ? (
          <Text voice="note" tone={onIron ? 'text-iron-400' : 'text-iron-500'}>
            {t('above-compressed', { temperature: showTemperature(SQUEEZE_FROM) })}
          </Text>
        ) : null}
      </View>
      <View
        role="img"
        aria-label={says}
        onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
        style={{ height }}
      >
        {width > 0 ? (
          <Svg width={width} height={height} aria-hidden>
            {shade ? (
              <Rect
                x={x(shade[0])}
                width={Math.max(0, x(shade[1]) - x(shade[0]))}
                y={PAD.top}
                height={bottom - PAD.top}
                fill={faint}
                fillOpacity={0.45}
              />
            ) : null}
            {compressed ? (
              <Line
                x1={PAD.left}
                x2={width - PAD.right}
                y1={squeeze}
                y2={squeeze}
                stroke={quiet}
                strokeDasharray="2 4"
              />
            ) : null}
            {ticks.map((tick) => (
              <AxisTick
                key={tick}
                from={PAD.left}
                to={width - PAD.right}
                y={y(tick)}
                label={showTemperature(tick)}
                line={faint}
                ink={quiet}
              />
            ))}
            {level ? (
              <G>
                <Line
                  x1={PAD.left}
                  x2={width - PAD.right}
                  y1={y(level.value)}
                  y2={y(level.value)}
                  stroke={accent}
                  strokeWidth={1.5}
                />
                <SvgText
                  x={PAD.left + 4}
                  y={y(level.value) - 5}
                  fontFamily="BarlowCondensedSemiBold"
                  fontSize={14}
                  fill={accent}
                >
                  {level.label}
                </SvgText>
              </G>
            ) : null}
            {marks.map((mark, i) => (
              <G key={`${mark.label}${mark.time}`}>
                <Line
                  x1={x(mark.time)}
                  x2={x(mark.time)}
                  y1={PAD.top}
                  y2={bottom}
                  stroke={quiet}
                  strokeDasharray="2 4"
                />
                <SvgText
                  x={x(mark.time)}
                  y={height - 8}
                  textAnchor={i === 0 ? 'start' : i === marks.length - 1 ? 'end' : 'middle'}
                  fontFamily="BarlowCondensedMedium"
                  fontSize={12}
                  fill={quiet}
                >
                  {roomy.has(mark) ? mark.label : ''}
                </SvgText>
              </G>
            ))}
            {curves.map((curve) => (
              <Path
                key={curve.label}
                d={pathOf(curve)}
                fill="none"
                stroke={curve.colour}
                strokeWidth={curve.dashed ? 1.5 : 2}
                {...(curve.dashed ? { strokeDasharray: '5 4' } : {})}
              />
            ))}
            {points.map((point) => (
              <Circle
                key={point.time}
                cx={x(point.time)}
                cy={y(point.value)}
                r={5}
                fill={accent}
                stroke={onIron ? INK.iron950 : INK.salt50}
                strokeWidth={1.5}
              />
            ))}
            {cursor ? (
              <G>
                <Line
                  x1={x(cursor.time)}
                  x2={x(cursor.time)}
                  y1={PAD.top}
                  y2={bottom}
                  stroke={ink}
                />
                <Circle cx={x(cursor.time)} cy={y(cursor.value)} r={5} fill={ink} />
              </G>
            ) : null}
          </Svg>
        ) : null}
      </View>
    </View>
  );
});
