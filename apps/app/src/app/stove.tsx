import { places } from '../places';

export default places.stove.Chunk;
