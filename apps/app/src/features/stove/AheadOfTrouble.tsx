import { useEffect, useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { troubleAhead, chooseFix, type OfferedFix } from '@crustan/core/whatif/chooseFix';
import { kitchenNow } from '../../store/clock';
import { offerAnswered } from '../../store/declinedSlice';
import { fresh } from '../../store/freshEvent';
import { pressed } from '../../store/logSlice';
import { useAppDispatch, useAppSelector } from '../../store/store';
import { useGear } from '../../store/useGear';
import { Button } from '../../ui/Button';
import { Text } from '../../ui/Text';
import { useShow } from '../../words/useShow';
import { describeKitchen } from './forecastWords';
import type { LiveCook } from './liveCook';
import { describeOffer } from './troubleWords';
import { THINNER, findFixesNow } from './findFixesNow';
import { t } from './t';

/** Time after which an offer is computed again, ms: the piece cooks meanwhile. */
const STANDS = 60_000;

interface Offer {
  readonly name: string;
  readonly at: number;
  readonly fix: OfferedFix | undefined;
}

/** Wanted result of the cook against the forecast. */
const expectedOf = ({ cook, state, forecast, plateAt }: LiveCook, now: number) => {
  const slice = state.left.find(({ kind }) => kind === 'slice');
  const late = (plateAt - cook.plan.plateAt) / 1000;
  return {
    late,
    untilPull: forecast ? (forecast.pullAt - now) / 1000 : 0,
    slicedIn: slice ? (slice.dueAt - now) / 1000 - late : undefined,
  };
};

/**
 * The best fix when readings predict a wrong end or time, shown once; "Keep the plan" is stored for that trouble of
 * that cook.
 */
export const AheadOfTrouble = ({
  live,
  now,
}: {
  readonly live: LiveCook;
  readonly now: number;
}) => {
  const dispatch = useAppDispatch();
  const show = useShow();
  const { pan } = useGear();
  const answered = useAppSelector((state) => state.declined);
  const [offer, setOffer] = useState<Offer>();
  const { cook, forecast, state } = live;
  const inHeat = state.place === 'pan' || state.place === 'oven';
  const ahead = useMemo(
    () => (forecast && inHeat ? troubleAhead(forecast, expectedOf(live, now)) : undefined),
    [forecast, inHeat, live, now],
  );
  const trouble = ahead?.trouble;
  const name = `${cook.id} ${trouble}`;
  const open = trouble !== undefined && !answered.includes(name);
  const latest = useRef({ live, pan });
  useEffect(() => {
    latest.current = { live, pan };
  });
  const asking = useRef(false);
  const stale = open && (offer?.name !== name || now - offer.at > STANDS);
  useEffect(() => {
    if (!stale || asking.current) return;
    asking.current = true;
    const asked = latest.current;
    const at = kitchenNow();
    const { slicedIn } = expectedOf(asked.live, at);
    const { target } = asked.live.cook.plan.plan.request;
    findFixesNow(asked.live, asked.pan, at, trouble, { delay: 0, thinner: THINNER })
      .then(
        (options) => {
          const fix = slicedIn === undefined ? undefined : chooseFix(options, { target, slicedIn });
          setOffer({ name, at, fix });
        },
        // Nothing is offered; Trouble can still be asked.
        () => setOffer({ name, at, fix: undefined }),
      )
      .finally(() => {
        asking.current = false;
      });
  }, [stale, name, trouble]);
  if (!open || offer?.name !== name || !offer.fix || !forecast) return null;
  const { fix, at } = offer;
  const { does, brings } = describeOffer(fix, show);
  const kitchen = describeKitchen(forecast, cook.plan.plan.request, show);
  const answer = (): void => void dispatch(offerAnswered(name));
  const take = (): void => {
    const { legs, restSeconds } = fix.option;
    const event = { ...fresh(), at, kind: 'changed', why: trouble, legs, restSeconds } as const;
    dispatch(pressed({ cook: cook.id, event }));
    answer();
  };
  return (
    <View
      role="region"
      aria-label={t('a-way-out')}
      className="gap-2 border-l-4 border-flame-dark pl-3"
      testID="offer"
    >
      <Text tone="text-salt-50" aria-live="polite">
        {`${kitchen === '' ? '' : `${kitchen} `}${does}: ${brings.charAt(0).toLowerCase()}${brings.slice(1)}`}
      </Text>
      <View className="flex-row gap-2">
        <View className="flex-1">
          <Button kind="stovePlain" label={does} onPress={take} />
        </View>
        <View className="flex-1">
          <Button kind="stovePlain" label={t('keep-the-plan')} onPress={answer} />
        </View>
      </View>
    </View>
  );
};
