import { CallStrip } from '../../calls/CallStrip';
import { useAwake } from '../../ui/useAwake';
import { useShow } from '../../words/useShow';
import { describeTask } from './passWords';
import { usePass } from './usePass';
import { usePassCalls } from './usePassCalls';
import { t } from './t';

/** The next task of the service while another screen is open. It schedules and calls as the board does. */
export const PassStrip = ({ onOpen }: { readonly onOpen: () => void }) => {
  useAwake();
  const show = useShow();
  const pass = usePass();
  const [next] = usePassCalls(pass);
  if (!next) return null;
  const { does, of } = describeTask(next, pass, show);
  return (
    <CallStrip
      place={t('service')}
      words={`${does} · ${of}`}
      left={next.due - (pass.line.now - pass.line.epoch) / 1000}
      onOpen={onOpen}
    />
  );
};
