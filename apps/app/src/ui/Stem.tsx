import { View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';

/** A stem in a slice: from which side, and how far down its tip is, as a share of the height. */
export interface ProbePlace {
  readonly from: 'top' | 'bottom' | 'side';
  readonly depth: number;
}

/** The stem, over the slice, with its tip in the middle. */
export const Stem = ({
  probe: { from, depth },
  width,
  height,
}: {
  readonly probe: ProbePlace;
  readonly width: number;
  readonly height: number;
}) => {
  const tip = { x: width / 2, y: depth * height };
  const start = {
    top: { x: tip.x, y: 0 },
    bottom: { x: tip.x, y: height },
    side: { x: width, y: tip.y },
  }[from];
  return (
    <View className="pointer-events-none absolute left-0 top-0" testID="probe">
      <Svg width={width} height={height}>
        <Line x1={start.x} y1={start.y} x2={tip.x} y2={tip.y} stroke="#141618" strokeWidth={3} />
        <Line x1={start.x} y1={start.y} x2={tip.x} y2={tip.y} stroke="#F4F1EA" strokeWidth={1.5} />
        <Circle cx={tip.x} cy={tip.y} r={4} fill="#F4F1EA" stroke="#141618" strokeWidth={1.5} />
      </Svg>
    </View>
  );
};
