import { places } from '../../places';

export default places.trends.Chunk;
