export { Blocked, Remedies } from './Blocked';
export { Cautions } from './Cautions';
export { Chapters } from './Chapters';
export { KeptPlans } from './KeptPlans';
export { PlanInFull } from './PlanInFull';
export { RunColumn } from './RunColumn';
