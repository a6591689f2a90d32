import { CallStrip } from '../../calls/CallStrip';
import { mostUrgent } from './liveCook';
import { useAwake } from '../../ui/useAwake';
import { useNow } from '../../ui/useNow';
import { useStove } from './useStove';
import { useStoveCalls } from './useStoveCalls';
import { t } from './t';

/** The next step on the stove while another place is open. It calls as the stove does. */
export const StoveStrip = ({ onOpen }: { readonly onOpen: () => void }) => {
  useAwake();
  const { cooks } = useStove();
  const now = useNow(1000);
  const wordsOf = useStoveCalls(cooks, now);
  const next = mostUrgent(cooks);
  if (!next || next.current.kind === 'judge') return null;
  const { current } = next;
  return (
    <CallStrip
      place={t('stove')}
      words={wordsOf(next, current)}
      left={(current.dueAt - now) / 1000}
      onOpen={onOpen}
    />
  );
};
