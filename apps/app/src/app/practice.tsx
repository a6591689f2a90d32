import { places } from '../places';

export default places.practice.Chunk;
