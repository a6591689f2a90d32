import type { ReactNode } from 'react';
import { View, useWindowDimensions } from 'react-native';
import { Link, usePathname } from 'expo-router';
import { Text } from './Text';
import { WIDE } from './wide';
import { t } from '../t';

const PLACES = [
  { href: '/', name: t('plan') },
  { href: '/stove', name: t('stove') },
  { href: '/pass', name: t('service-2') },
  { href: '/book', name: t('logbook') },
  { href: '/kitchen', name: t('kitchen') },
] as const;

const isAt = (path: string, href: string): boolean =>
  href === '/'
    ? path === '/' || path === '/card'
    : path.startsWith(href) || (href === '/stove' && path.startsWith('/practice'));

interface Props {
  /** Places that are shown; default: all. */
  readonly only?: readonly string[] | undefined;
  readonly children: ReactNode;
}

/** The places of the kitchen: a bar under the thumb on a phone, a rail on a wide screen. */
export const Shell = ({ only, children }: Props) => {
  const path = usePathname();
  const { width } = useWindowDimensions();
  const wide = width >= WIDE;
  return (
    <View className={`flex-1 bg-salt-50 ${wide ? 'flex-row' : 'flex-col-reverse'}`}>
      <View
        role="navigation"
        aria-label={t('places')}
        className={`on-iron bg-iron-900 ${wide ? 'w-[84px] gap-1 pt-6' : 'h-[60px] flex-row'}`}
      >
        {PLACES.filter(({ href }) => only === undefined || only.includes(href)).map(
          ({ href, name }) => {
            const here = isAt(path, href);
            const edge = wide ? 'border-l-4' : 'border-t-4';
            return (
              <Link
                key={href}
                href={href}
                aria-current={here ? 'page' : undefined}
                className={`min-h-touch items-center justify-center ${wide ? 'py-3 text-center' : 'flex-1 pt-3 text-center'} ${edge} ${
                  here ? 'border-flame-dark' : 'border-transparent'
                }`}
              >
                {/* Five names share the width of a phone: larger text stops where they would no longer fit. */}
                <Text
                  voice="figure"
                  tone={here ? 'text-salt-50' : 'text-iron-400'}
                  className={wide ? '' : '!text-[length:min(1.125rem,5vw)] !leading-[1.3]'}
                >
                  {name}
                </Text>
              </Link>
            );
          },
        )}
      </View>
      <View role="main" className="min-h-0 flex-1">
        {children}
      </View>
    </View>
  );
};
