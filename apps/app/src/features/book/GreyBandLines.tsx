import { useRef, useState, type PointerEvent as Pointed } from 'react';
import { View } from 'react-native';
import type { GreyDepths } from '@crustan/core/formats/judgementSchema';
import {
  greyDepthsOf,
  movedLine,
  SLICE_LINES,
  type SliceLine,
  type SliceLines,
} from '@crustan/core/learn/greyDepths';
import { Button } from '../../ui/Button';
import { INK } from '../../ui/ink';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { t } from './t';

interface Props {
  /** Address of the photograph. */
  readonly src: string;
  /** Thickness of the piece, m. */
  readonly thickness: number;
  readonly isSaving: boolean;
  readonly onSave: (depths: GreyDepths) => void;
  readonly onClose: () => void;
}

const FIRST: SliceLines = { upperFace: 0.1, pinkBegins: 0.3, pinkEnds: 0.7, lowerFace: 0.9 };

const LINES: Readonly<Record<SliceLine, { readonly name: string; readonly isFace: boolean }>> = {
  upperFace: { name: t('line-upper-face'), isFace: true },
  pinkBegins: { name: t('line-pink-begins'), isFace: false },
  pinkEnds: { name: t('line-pink-ends'), isFace: false },
  lowerFace: { name: t('line-lower-face'), isFace: true },
};

/** Steps of the keys, shares of the picture's height. */
const STEPS: Readonly<Record<string, number>> = {
  ArrowUp: -0.005,
  ArrowDown: 0.005,
  PageUp: -0.05,
  PageDown: 0.05,
};
/** Size of a handle, px: a thumb's. */
const HANDLE = 48;

/** Four lines on the photograph of a slice, moved by thumb or keys: the grey band under each face. */
export const GreyBandLines = ({ src, thickness, isSaving, onSave, onClose }: Props) => {
  const show = useShow();
  const [lines, setLines] = useState(FIRST);
  const picture = useRef<HTMLDivElement>(null);
  const depths = greyDepthsOf(lines, thickness);
  const move = (line: SliceLine, to: number): void => setLines((now) => movedLine(now, line, to));
  const drag = (line: SliceLine, event: Pointed<HTMLDivElement>): void => {
    const box = picture.current?.getBoundingClientRect();
    if (!box || !event.currentTarget.hasPointerCapture(event.pointerId)) return;
    move(line, (event.clientY - box.top) / box.height);
  };
  return (
    <View className="w-full gap-3">
      <Text voice="small">{t('drag-the-lines', { thickness: show.thickness(thickness) })}</Text>
      <div ref={picture} style={{ position: 'relative', width: '100%' }}>
        <img src={src} alt="" draggable={false} style={{ display: 'block', width: '100%' }} />
        {SLICE_LINES.map((line, i) => (
          <div key={line}>
            <div
              aria-hidden
              style={{
                position: 'absolute',
                top: `${100 * lines[line]}%`,
                width: '100%',
                height: 2,
                marginTop: -1,
                pointerEvents: 'none',
                background: LINES[line].isFace ? INK.salt50 : INK.flameLight,
                outline: `1px solid ${INK.iron950}`,
              }}
            />
            <div
              role="slider"
              tabIndex={0}
              aria-label={LINES[line].name}
              aria-orientation="vertical"
              aria-valuemin={0}
              aria-valuemax={100}
              aria-valuenow={Math.round(100 * lines[line])}
              onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
              onPointerMove={(event) => drag(line, event)}
              onKeyDown={(event) => {
                const step = STEPS[event.key];
                if (step === undefined) return;
                event.preventDefault();
                move(line, lines[line] + step);
              }}
              style={{
                position: 'absolute',
                top: `${100 * lines[line]}%`,
                left: `${12.5 + 25 * i}%`,
                width: HANDLE,
                height: HANDLE,
                margin: -HANDLE / 2,
                touchAction: 'none',
                cursor: 'ns-resize',
                borderRadius: HANDLE / 2,
                border: `3px solid ${LINES[line].isFace ? INK.iron950 : INK.flameLight}`,
                background: INK.salt50,
                opacity: 0.85,
                display: 'flex',
                alignItems: 'center',
                justifyContent: 'center',
              }}
            >
              <Text voice="label">{String(i + 1)}</Text>
            </div>
          </div>
        ))}
      </div>
      <View role="list" className="gap-1">
        {SLICE_LINES.map((line, i) => (
          <Text key={line} voice="small">
            {`${i + 1} · ${LINES[line].name}`}
          </Text>
        ))}
      </View>
      <Text role="status">
        {depths
          ? t('grey-depths', { upper: show.depth(depths.upper), lower: show.depth(depths.lower) })
          : t('faces-too-close')}
      </Text>
      <View className="flex-row flex-wrap gap-2">
        <Button
          kind="main"
          label={isSaving ? t('writing') : t('save-the-grey-band')}
          disabled={depths === undefined || isSaving}
          onPress={() => depths && onSave(depths)}
        />
        <Button kind="plain" label={t('close-the-lines')} onPress={onClose} />
      </View>
    </View>
  );
};
