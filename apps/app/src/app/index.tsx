import { PlanScreen } from '../features/plan/PlanScreen';

export default PlanScreen;
