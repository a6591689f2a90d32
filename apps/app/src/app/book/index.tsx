import { places } from '../../places';

export default places.book.Chunk;
