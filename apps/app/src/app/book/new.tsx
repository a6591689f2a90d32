import { places } from '../../places';

export default places.writeDown.Chunk;
