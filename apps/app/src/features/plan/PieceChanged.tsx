import { formatList } from '@crustan/messages';
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
import { t } from './t';

/** Defaults of the new piece that replace choices made for the former one. */
const SAY: Readonly<Record<OfThePiece, (request: PlanRequest, show: Show) => string>> = {
  surface: describeSurface,
  saltAhead: describeSalt,
  thaw: () => t('not-frozen'),
  temper: () => t('straight-from-the-fridge-2'),
  pan: ({ pan }, show) => t('a-pan', { temperature: show.temperature(pan) }),
  panAfter: () => t('the-burner-unchanged'),
  edges: () => t('no-edges-seared'),
  cover: ({ cover }) => t('rested', { words: COVER_WORDS[cover] }),
  hold: () => t('not-held'),
  airing: () => t('not-dried-in-the-fridge'),
  game: () => t('game-from-its-default-origin'),
  treated: () => t('intact-meat'),
  carveAfter: () => t('carved-after-its-default-rest'),
};

/** Says what went with the piece before, and takes it back in one tap. */
export const PieceChanged = () => {
  const draft = useAppSelector((state) => state.draft);
  const dispatch = useAppDispatch();
  const show = useShow();
  const went = wentWithThePiece(draft);
  if (draft.before === undefined || went.length === 0) return null;
  const begins = formatList(went.map((key) => SAY[key](draft.request, show)));
  return (
    <View role="status" className="items-start gap-1">
      <Text voice="small">{t('planned-as-this-piece-usually-is', { begins })}</Text>
      <Button
        kind="plain"
        label={t('back-to-the', { pieceName: pieceName(draft.before) })}
        onPress={() => dispatch(pieceTakenBack())}
      />
    </View>
  );
};
