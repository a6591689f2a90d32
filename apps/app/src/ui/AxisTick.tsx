import { G, Line, Text as SvgText } from 'react-native-svg';

export interface Props {
  /** Ends of the chart's field, and position of the tick on its axis, px. */
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly label: string;
  /** Colours of the line across and of the figure. */
  readonly line: string;
  readonly ink: string;
}

/** A round figure of a chart's upright axis, and the line across at it. */
export const AxisTick = ({ from, to, y, label, line, ink }: Props) => (
  <G>
    <Line x1={from} x2={to} y1={y} y2={y} stroke={line} />
    <SvgText
      x={from - 6}
      y={y + 4}
      textAnchor="end"
      fontFamily="BarlowCondensedMedium"
      fontSize={12}
      fill={ink}
    >
      {label}
    </SvgText>
  </G>
);
