import { useRouter } from 'expo-router';
import { strips } from '../places';
import { selectOpenService, selectStoveCooks } from '../store/passSlice';
import { useAppSelector } from '../store/store';

/** The next task of the stove and of the service while another place is open. A cook is called at every place. */
export const OtherPlaces = ({ path }: { readonly path: string }) => {
  const router = useRouter();
  const cooks = useAppSelector((state) => selectStoveCooks(state).length > 0);
  const service = useAppSelector((state) => selectOpenService(state) !== undefined);
  return (
    <>
      {cooks && path !== '/stove' ? (
        <strips.stove.Chunk onOpen={() => router.push('/stove')} />
      ) : null}
      {service && path !== '/pass' ? (
        <strips.pass.Chunk onOpen={() => router.push('/pass')} />
      ) : null}
    </>
  );
};
