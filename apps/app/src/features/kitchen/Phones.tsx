import { useState } from 'react';
import { Image, TextInput, View } from 'react-native';
import type { PairingCode, Phone, PhoneList, PhoneRole } from '@crustan/core/formats/phonesSchema';
import { describeFailure } from '../../store/bookApi';
import {
  useChangePhoneMutation,
  usePairingCodeMutation,
  usePhonesQuery,
  useRevokePhoneMutation,
} from '../../store/phonesApi';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Text } from '../../ui/Text';
import { useNow } from '../../ui/useNow';
import { useShow } from '../../words/useShow';
import { t } from './t';

/** Phones that were paired meanwhile show within this, ms. */
const LOOKED_AT = 4000;

const ROLES = [
  { value: 'cook', label: t('cooks') },
  { value: 'watcher', label: t('view-only') },
] as const satisfies readonly { readonly value: PhoneRole; readonly label: string }[];

/** A QR code of the server's. */
const Drawn = ({ svg, says }: { readonly svg: string; readonly says: string }) => (
  <Image
    source={{ uri: `data:image/svg+xml,${encodeURIComponent(svg)}` }}
    accessibilityLabel={says}
    style={{ width: 208, height: 208 }}
  />
);

/** The phones of this kitchen: how one comes to it, and those that are let in. */
export const Phones = () => {
  const { data, error } = usePhonesQuery(undefined, { pollingInterval: LOOKED_AT });
  if (error) return <Text role="alert">{describeFailure(error)}</Text>;
  if (!data) return <Text voice="small">{t('looking')}</Text>;
  if (!data.network) {
    return <Text>{t('crustan-is-on-this-machine-only-start')}</Text>;
  }
  const { addresses, welcome, welcomeQr } = data.network;
  return (
    <View className="gap-4">
      <View className="flex-row flex-wrap gap-4">
        <Drawn svg={welcomeQr} says={t('qr-code-of', { welcome })} />
        <View className="min-w-[200px] flex-1 gap-1">
          <Text voice="label">{t('1-on-the-phone-once-trust-this')}</Text>
          <Text selectable>{welcome}</Text>
          <Text voice="label" className="pt-2">
            {t('2-open-it')}
          </Text>
          {addresses.map((address) => (
            <Text key={address} selectable>
              {address}
            </Text>
          ))}
        </View>
      </View>
      <PairPhone phones={data.phones} current={data.code} />
      {data.phones.length === 0 ? (
        <Text voice="small">{t('no-phone-is-paired-yet')}</Text>
      ) : (
        <View role="list" aria-label={t('paired-phones')} className="gap-3">
          {data.phones.map((phone) => (
            <PhoneRow key={phone.id} phone={phone} />
          ))}
        </View>
      )}
    </View>
  );
};

interface PairProps extends Pick<PhoneList, 'phones'> {
  /** The code that the server takes now. */
  readonly current: PairingCode | undefined;
}

const PairPhone = ({ phones, current }: PairProps) => {
  const now = useNow(1000);
  const [role, setRole] = useState<PhoneRole>('cook');
  const [ask, { data: asked, error, isLoading }] = usePairingCodeMutation();
  // Wrong tries of strangers replace a code: the newest that the server named is shown.
  const code = current && (!asked || current.issuedAt >= asked.issuedAt) ? current : asked;
  // A phone that was paired since has used it up.
  const used = code !== undefined && phones.some(({ pairedAt }) => pairedAt >= code.issuedAt);
  const left = code && !used ? Math.ceil((code.endsAt - now) / 1000) : 0;
  return (
    <View className="gap-2">
      <Text voice="label">{t('3-pair-it')}</Text>
      <Choice label={t('what-the-phone-may-do')} options={ROLES} value={role} onChange={setRole} />
      {code && left > 0 ? (
        <View className="flex-row flex-wrap items-center gap-4">
          <Drawn svg={code.qr} says={t('qr-code-that-opens', { address: code.address })} />
          <View className="gap-1">
            <Text voice="action" testID="pairing-code" selectable>
              {`${code.code.slice(0, 3)} ${code.code.slice(3)}`}
            </Text>
            <Text voice="small">
              {t('good-once-for', {
                value: Math.floor(left / 60),
                padStart: String(left % 60).padStart(2, '0'),
              })}
            </Text>
          </View>
        </View>
      ) : null}
      <Button
        kind="plain"
        label={code && left > 0 ? t('another-code') : t('pair-a-phone')}
        disabled={isLoading}
        onPress={() => void ask(role)}
      />
      {error ? <Text role="alert">{describeFailure(error)}</Text> : null}
    </View>
  );
};

const PhoneRow = ({ phone: { id, name, role, seenAt } }: { readonly phone: Phone }) => {
  const show = useShow();
  const [change, changed] = useChangePhoneMutation();
  const [revoke, revoked] = useRevokePhoneMutation();
  const failed = changed.error ?? revoked.error;
  return (
    <View role="listitem" className="gap-2 border-t border-salt-300 pt-2">
      <TextInput
        aria-label={t('name-of-the-phone', { name })}
        defaultValue={name}
        maxLength={40}
        onEndEditing={({ nativeEvent: { text } }) => {
          const next = text.trim();
          if (next !== '' && next !== name) void change({ id, name: next });
        }}
        className="min-h-touch rounded border border-salt-300 bg-salt-0 px-3 font-text text-16 text-iron-950"
      />
      <Text voice="small" tone="text-iron-500">
        {t('last-seen', { day: show.day(seenAt) })}
      </Text>
      <Choice
        label={t('what-may-do', { name })}
        options={ROLES}
        value={role}
        onChange={(next) => void change({ id, role: next })}
      />
      <Button
        kind="plain"
        label={t('revoke')}
        spoken={t('revoke-2', { name })}
        onPress={() => void revoke(id)}
      />
      {failed ? <Text role="alert">{describeFailure(failed)}</Text> : null}
    </View>
  );
};
