import { useState } from 'react';
import { ScrollView, View } from 'react-native';
import { selectOpenService, selectServiceCooks } from '../../store/passSlice';
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
import type { Lacked } from './lackedBy';
import { PassStrip } from './PassStrip';
import { usePass } from './usePass';
import { usePassCalls } from './usePassCalls';
import { usePressed } from './usePressed';
import { t } from './t';

/** Several pieces for one plate, and a service: tasks, tickets, menu, prep counts, report. */
export const PassScreen = () => {
  const open = useAppSelector((state) => selectOpenService(state) !== undefined);
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
        {!live && open ? <PassStrip onOpen={() => setSection('board')} /> : null}
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
  usePassCalls(pass);
  return (
    <View className="min-h-0 flex-1">
      <Delayed lacks={pass.lacks} />
      {section === 'board' ? <Board pass={pass} presses={presses} /> : null}
      {section === 'tickets' ? <Tickets pass={pass} presses={presses} /> : null}
    </View>
  );
};

/** Notices: the page waits for something, or entries are not in the logbook yet. */
const Delayed = ({ lacks }: { readonly lacks: Lacked | undefined }) => {
  const delayed = useAppSelector((state) => state.log.delayed);
  const notKept = useAppSelector((state) => state.log.notKept.length > 0);
  const refused = useAppSelector(
    (state) =>
      (selectOpenService(state)?.refused.length ?? 0) +
      selectServiceCooks(state).filter((cook) => Object.keys(cook.refused).length > 0).length,
  );
  const says = [
    delayed === undefined ? undefined : t('your-entries-are-saved-on-this-phone', { delayed }),
    notKept ? t('this-phone-cannot-keep-it-do-not') : undefined,
    refused === 0 ? undefined : t('the-server-rejected-of-your-entries-see', { refused }),
  ].filter((line) => line !== undefined);
  return (
    <>
      {says.length === 0 ? null : (
        <Text voice="small" tone="text-salt-200" role="status" className="pt-2">
          {says.join(' ')}
        </Text>
      )}
      {lacks === undefined ? null : (
        <Text
          voice="small"
          tone="text-salt-50"
          role="alert"
          testID="lacks-menu"
          className="border-l-4 border-hazard pl-3 pt-2"
        >
          {LACKED_WORDS[lacks]}
        </Text>
      )}
    </>
  );
};

const LACKED_WORDS: Readonly<Record<Lacked, string>> = {
  menu: t('this-phone-could-not-load-the-menu'),
  dish: t('a-dish-that-is-ordered-is-not'),
};
