import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { Text } from '../../ui/Text';
import { t } from './t';

interface ChapterProps {
  readonly title: string;
  readonly says: string;
  readonly children: () => ReactNode;
  /** Open to begin with, and once this becomes true. */
  readonly opened?: boolean;
}

/** One line that says the answer, and opens into how it is known. */
export const Chapter = ({ title, says, children, opened = false }: ChapterProps) => {
  const [open, setOpen] = useState(opened);
  const [wasOpened, setWasOpened] = useState(opened);
  // A link to this chapter opens it once; the user can close it again.
  if (opened !== wasOpened) {
    setWasOpened(opened);
    if (opened) setOpen(true);
  }
  return (
    <View className="border-t border-salt-200">
      <Pressable
        role="button"
        aria-expanded={open}
        onPress={() => setOpen(!open)}
        className="min-h-touch flex-row items-baseline justify-between gap-3 py-3"
      >
        <Text voice="strong">{title}</Text>
        <Text voice="small" tone="text-iron-500" className="flex-1 text-right">
          {open ? t('close-2') : says}
        </Text>
      </Pressable>
      {open ? <View className="pb-4">{children()}</View> : null}
    </View>
  );
};
