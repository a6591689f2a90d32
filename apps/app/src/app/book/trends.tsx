import { places } from '../../places';

export default places.trends.Screen;
