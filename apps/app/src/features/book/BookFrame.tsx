import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { Link, usePathname } from 'expo-router';
import { Text } from '../../ui/Text';
import { t } from './t';

const PARTS = [
  { href: '/book', name: t('cooks') },
  { href: '/book/learned', name: t('calibration') },
  { href: '/book/trends', name: t('trends') },
  { href: '/book/trials', name: t('comparisons') },
  { href: '/book/files', name: t('import-export') },
] as const;

/** Part of the logbook that a path belongs to; default: the cooks. */
const whereIn = (path: string): string =>
  PARTS.find(({ href }) => href !== '/book' && path.startsWith(href))?.href ?? '/book';

interface Props {
  readonly title: string;
  readonly children: ReactNode;
  /** Greatest width of its text, px. */
  readonly wide?: boolean;
}

/** A part of the logbook, with the way to the others. */
export const BookFrame = ({ title, children, wide = false }: Props) => {
  const path = usePathname();
  return (
    <ScrollView className="flex-1 bg-salt-50" contentContainerClassName="pb-10">
      <View
        className={`w-full gap-4 self-center px-4 pt-2 ${wide ? 'max-w-[1100px]' : 'max-w-[860px]'}`}
      >
        <View
          role="navigation"
          aria-label={t('parts-of-the-logbook')}
          className="no-print flex-row flex-wrap gap-x-5"
        >
          {PARTS.map(({ href, name }) => {
            const here = href === whereIn(path);
            return (
              <Link
                key={href}
                href={href}
                aria-current={here ? 'page' : undefined}
                className={`min-h-touch items-center border-b-2 pt-3 ${here ? 'border-flame-light' : 'border-transparent'}`}
              >
                <Text
                  voice={here ? 'strong' : 'body'}
                  tone={here ? 'text-iron-950' : 'text-iron-500'}
                >
                  {name}
                </Text>
              </Link>
            );
          })}
        </View>
        <Text voice="bigFigure" heading={1}>
          {title}
        </Text>
        {children}
      </View>
    </ScrollView>
  );
};
