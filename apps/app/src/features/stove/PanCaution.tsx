import { Caution } from '../../ui/Caution';
import { t } from './t';

/** Safety equipment to have ready before a pan is hot. */
export const PanCaution = () => (
  <Caution lead={t('extractor-on-lid-within-reach')}>{t('if-the-oil-flames-heat-off-lid')}</Caution>
);
