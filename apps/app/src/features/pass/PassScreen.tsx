import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { useAppSelector } from '../../store/store';
import { useWatches } from '../../store/useWatches';
import { Text } from '../../ui/Text';
import { useAwake } from '../../ui/useAwake';
import { After } from './After';
import { Board } from './Board';
import { Menu } from './Menu';
import { OpenService } from './OpenService';
import { Sections, type Section } from './Sections';
import { Tickets } from './Tickets';
import { Tomorrow } from './Tomorrow';
import { usePass } from './usePass';
import { usePressed } from './usePressed';

/** Several pieces landing together, and a service: the board, its tickets, the menu, the par, what it came to. */
export const PassScreen = () => {
  const open = useAppSelector((state) => state.pass.service !== undefined);
  const watches = useWatches();
  const [section, setSection] = useState<Section>('board');
  const live = section === 'board' || section === 'tickets';
  return (
    <View className={`min-h-0 flex-1 ${live ? 'on-iron bg-iron-950' : 'bg-salt-50'}`}>
      <View className="min-h-0 w-full max-w-[1240px] flex-1 self-center px-4 pt-3">
        {watches ? null : <Sections chosen={section} onChoose={setSection} onIron={live} />}
        {live && !open ? (
          <ScrollView className="min-h-0 flex-1">
            <OpenService onMenu={() => setSection('menu')} />
          </ScrollView>
        ) : null}
        {live && open ? <Live section={section} /> : null}
        {section === 'menu' ? <Menu /> : null}
        {section === 'tomorrow' ? <Tomorrow /> : null}
        {section === 'after' ? <After /> : null}
      </View>
    </View>
  );
};

const Live = ({ section }: { readonly section: Section }) => {
  useAwake();
  const pass = usePass();
  const presses = usePressed(pass);
  return (
    <View className="min-h-0 flex-1">
      <Delayed />
      {section === 'board' ? <Board pass={pass} presses={presses} /> : null}
      {section === 'tickets' ? <Tickets pass={pass} presses={presses} /> : null}
    </View>
  );
};

/** What is not yet in the book, where that lasts. */
const Delayed = () => {
  const delayed = useAppSelector((state) => state.pass.delayed ?? state.stove.delayed);
  const notKept = useAppSelector((state) => state.pass.notKept);
  const refused = useAppSelector((state) => Object.values(state.pass.refused)[0]);
  const says = [
    delayed === undefined
      ? undefined
      : `${delayed} What you say is kept on this phone and sent later.`,
    notKept ? 'This phone cannot keep it: do not close this page before it is sent.' : undefined,
    refused === undefined ? undefined : `The book refused something: ${refused}`,
  ].filter((line) => line !== undefined);
  return says.length === 0 ? null : (
    <Text voice="small" tone="text-salt-200" role="status">
      {says.join(' ')}
    </Text>
  );
};
