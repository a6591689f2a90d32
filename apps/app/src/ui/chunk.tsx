import { createElement, useEffect, useState, type ComponentType, type ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from './Button';
import { Text } from './Text';
import { t } from '../t';

const Nothing = (): ReactNode => null;

const Failed = ({ retry }: { readonly retry: () => void }) => (
  <View className="items-start gap-3 p-4" role="alert">
    <Text>{t('this-part-of-the-page-did-not')}</Text>
    <Button kind="plain" label={t('try-again')} onPress={retry} />
  </View>
);

/**
 * A component whose script is a separate chunk, loaded when it is first drawn. It does not suspend: React delays
 * suspended content by 300 ms, and a tap must be answered sooner.
 * @param Waiting shown until it is loaded
 */
export const chunk = <P extends object>(
  fetchComponent: () => Promise<ComponentType<P>>,
  Waiting: ComponentType<P> = Nothing,
) => {
  let here: ComponentType<P> | undefined;
  const load = async (): Promise<ComponentType<P>> => {
    here ??= await fetchComponent();
    return here;
  };
  const Chunk = (props: P): ReactNode => {
    const [found, setFound] = useState(() => here);
    const [failed, setFailed] = useState(false);
    useEffect(() => {
      if (found || failed) return;
      let live = true;
      load().then(
        (component) => live && setFound(() => component),
        () => live && setFailed(true),
      );
      return () => {
        live = false;
      };
    }, [found, failed]);
    if (found) return createElement(found, props);
    return failed ? <Failed retry={() => setFailed(false)} /> : createElement(Waiting, props);
  };
  return { load, Chunk };
};
