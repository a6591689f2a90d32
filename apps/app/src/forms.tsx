import { lazy, Suspense, type ComponentProps } from 'react';
import type { JudgeForm as JudgeFormType } from './judging/JudgeForm';
import type { OwnCutForm as OwnCutFormType } from './features/plan/editors/OwnCutForm';
import type { OwnSide as OwnSideType } from './features/plan/OwnSide';

/** Forms come in one piece with what they are made with, when the first of them is wanted. */
const sheet = () => import('./formSheet');
const LateJudge = lazy(() => sheet().then((m) => ({ default: m.JudgeForm })));
const LateCut = lazy(() => sheet().then((m) => ({ default: m.OwnCutForm })));
const LateSide = lazy(() => sheet().then((m) => ({ default: m.OwnSide })));

export const JudgeForm = (props: ComponentProps<typeof JudgeFormType>) => (
  <Suspense fallback={null}>
    <LateJudge {...props} />
  </Suspense>
);

export const OwnCutForm = (props: ComponentProps<typeof OwnCutFormType>) => (
  <Suspense fallback={null}>
    <LateCut {...props} />
  </Suspense>
);

export const OwnSide = (props: ComponentProps<typeof OwnSideType>) => (
  <Suspense fallback={null}>
    <LateSide {...props} />
  </Suspense>
);
