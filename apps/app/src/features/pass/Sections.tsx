import { Pressable, ScrollView } from 'react-native';
import { Text } from '../../ui/Text';
import { t } from './t';

const SECTIONS = [
  { value: 'board', label: t('tasks') },
  { value: 'tickets', label: t('tickets') },
  { value: 'menu', label: t('menu') },
  { value: 'tomorrow', label: t('prep') },
  { value: 'after', label: t('report') },
] as const;
export type Section = (typeof SECTIONS)[number]['value'];

interface Props {
  readonly chosen: Section;
  readonly onChoose: (section: Section) => void;
  readonly onIron: boolean;
}

/** The parts of the service, one at a time. */
export const Sections = ({ chosen, onChoose, onIron }: Props) => (
  <ScrollView
    horizontal
    className="no-print grow-0"
    role="tablist"
    aria-label={t('parts-of-the-service')}
  >
    {SECTIONS.map(({ value, label }) => {
      const here = value === chosen;
      const tone = onIron
        ? here
          ? 'text-salt-50'
          : 'text-iron-400'
        : here
          ? 'text-iron-950'
          : 'text-iron-500';
      const edge = onIron ? 'border-flame-dark' : 'border-flame-light';
      return (
        <Pressable
          key={value}
          role="tab"
          aria-selected={here}
          onPress={() => onChoose(value)}
          className={`min-h-touch justify-center border-b-4 px-3 ${here ? edge : 'border-transparent'}`}
        >
          <Text voice="head" tone={tone}>
            {label}
          </Text>
        </Pressable>
      );
    })}
  </ScrollView>
);
