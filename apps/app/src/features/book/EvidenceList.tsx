import { View } from 'react-native';
import type { EvidenceKind } from '@crustan/core/learn/evidenceKind';
import type { EvidenceShare } from '@crustan/core/learn/evidenceShare';
import { Text } from '../../ui/Text';
import { t } from './t';

const NAMES: Readonly<Record<EvidenceKind, string>> = {
  probe: t('evidence-probe'),
  typed: t('evidence-typed'),
  felt: t('evidence-felt'),
  end: t('evidence-end'),
  doneness: t('evidence-doneness'),
  grey: t('evidence-grey'),
  loss: t('evidence-loss'),
  oven: t('evidence-oven'),
  gun: t('evidence-gun'),
};

/** Part of each sort of evidence in the calibration. */
export const EvidenceList = ({ evidence }: { readonly evidence: readonly EvidenceShare[] }) =>
  evidence.length === 0 ? null : (
    <View className="gap-2">
      <Text voice="head" heading={2}>
        {t('evidence')}
      </Text>
      <View role="list" className="gap-1">
        {evidence.map(({ kind, cooks, share }) => (
          <View key={kind} role="listitem">
            <Text voice="small">
              {t('evidence-line', {
                name: NAMES[kind],
                share: `${Math.round(100 * share)} %`,
                cooks,
              })}
            </Text>
          </View>
        ))}
      </View>
      <Text voice="note" tone="text-iron-500">
        {t('evidence-note')}
      </Text>
    </View>
  );
