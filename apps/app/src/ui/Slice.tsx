import { memo, useEffect, useRef } from 'react';
import { View } from 'react-native';
import { ProbeStem } from './Drawn';
import { paintSlice } from './paintSlice';
import type { SliceFigures } from './sliceFigures';
import type { ProbePlace } from './Stem';

interface Props {
  readonly figures: SliceFigures;
  /** Widest it may be drawn, px; the piece keeps its proportions. */
  readonly maxWidth: number;
  readonly maxHeight: number;
  /** A temperature to draw a line at, C. */
  readonly line?: number;
  /** Description of the slice in a sentence. */
  readonly says: string;
  /** Position of the thermometer. */
  readonly probe?: ProbePlace | undefined;
}

/**
 * Cut through the middle, to scale, coloured by the highest temperature of each part; the face that went down first is
 * on top, as it is served.
 */
export const Slice = memo(function Slice({
  figures,
  maxWidth,
  maxHeight,
  line,
  says,
  probe,
}: Props) {
  const { rolled } = figures.cells;
  const canvas = useRef<HTMLCanvasElement>(null);
  const thickness = figures.cells.heights.reduce((sum, size) => sum + size, 0);
  const scale = Math.min(maxWidth / figures.width, maxHeight / thickness);
  const width = Math.max(1, Math.round(figures.width * scale));
  const height = Math.max(1, Math.round(thickness * scale));
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    context.putImageData(
      new ImageData(paintSlice(figures, width, height, line), width, height),
      0,
      0,
    );
  }, [figures, width, height, line]);
  return (
    <View role="img" aria-label={says}>
      <canvas
        ref={canvas}
        width={width}
        height={height}
        aria-hidden
        style={{
          width,
          height,
          borderRadius: rolled ? width / 2 : Math.min(height * 0.32, width * 0.12),
        }}
      />
      {probe ? <ProbeStem probe={probe} width={width} height={height} /> : null}
    </View>
  );
});
