import { View } from 'react-native';
import { pieceTakenBack, wentWithThePiece, type OfThePiece } from '../../store/draftSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import type { PlanRequest } from '@crustan/core/plan/request';
import { pieceName } from '../../words/cutWords';
import type { Show } from '../../words/show';
import { useShow } from '../../words/useShow';
import { COVER_WORDS, describeSalt, describeSurface } from './sentenceWords';

/** Defaults of the new piece that replace choices made for the former one. */
const SAY: Readonly<Record<OfThePiece, (request: PlanRequest, show: Show) => string>> = {
  surface: describeSurface,
  saltAhead: describeSalt,
  thaw: () => 'not frozen',
  temper: () => 'straight from the fridge',
  pan: ({ pan }, show) => `a ${show.temperature(pan)} pan`,
  panAfter: () => 'the burner unchanged',
  edges: () => 'no edges seared',
  cover: ({ cover }) => `rested ${COVER_WORDS[cover]}`,
  hold: () => 'not held',
  airing: () => 'not dried in the fridge',
  game: () => 'game from its default origin',
  treated: () => 'intact meat',
  carveAfter: () => 'carved after its default rest',
};

/** Says what went with the piece before, and takes it back in one tap. */
export const PieceChanged = () => {
  const draft = useAppSelector((state) => state.draft);
  const dispatch = useAppDispatch();
  const show = useShow();
  const went = wentWithThePiece(draft);
  if (draft.before === undefined || went.length === 0) return null;
  const begins = went.map((key) => SAY[key](draft.request, show)).join(', ');
  return (
    <View role="status" className="items-start gap-1">
      <Text voice="small">{`Planned as this piece usually is: ${begins}.`}</Text>
      <Button
        kind="plain"
        label={`Back to the ${pieceName(draft.before)}`}
        onPress={() => dispatch(pieceTakenBack())}
      />
    </View>
  );
};
