export { JudgeForm } from './judging/JudgeForm';
export { OwnCutForm } from './features/plan/editors/OwnCutForm';
export { OwnSide } from './features/plan/OwnSide';
