import { useEffect, type ReactNode } from 'react';
import { useColorScheme } from 'react-native';
import { PaperProvider } from 'react-native-paper';
import { speak, type Language } from '@/core/language';
import type { Shop } from '@/core/records/shop';
import { ShopProvider, useShopThere, useStoredShop } from '@/data/hooks';
import Icon from '@/ui/icons/Icon';
import { STRONG_THEMES, THEMES } from '@/ui/theme';
import { useMedia } from '@/ui/useMedia';

/** Draws Paper's icons from the app's own. */
export const SETTINGS = {
  icon: ({ name, size, color }: { name: unknown; size: number; color?: string }) => (
    <Icon name={String(name)} size={size} {...(color ? { color } : {})} />
  ),
};

/** Returns the language that a shop's screens are in: spelled as it chose, or as the browser's language is. */
function languageOf({ spelling }: Pick<Shop, 'spelling'>, locale: string): Language {
  const device = /^en-(US|PH)\b/i.test(locale) ? 'american' : 'british';
  return { spelling: spelling === 'device' ? device : spelling, locale };
}

/** The theme that the shop chose, or the one that the device asks for; nothing before that is known. */
export function Appearance({ children }: { readonly children: ReactNode }) {
  const device = useColorScheme();
  const there = useShopThere();
  const shop = useStoredShop();
  // Said before anything below is drawn: what is drawn is spelled by it.
  const { spelling, locale } = languageOf(shop, navigator.language);
  speak({ spelling, locale });
  const dark = shop.theme === 'system' ? device === 'dark' : shop.theme === 'dark';
  const more = useMedia('(prefers-contrast: more)');
  const theme = (more ? STRONG_THEMES : THEMES)[dark ? 'dark' : 'light'];
  // What the style sheet draws, the focus ring and the page behind, goes by the theme in force as well.
  useEffect(() => {
    const { style, dataset } = document.documentElement;
    dataset.theme = dark ? 'dark' : 'light';
    style.setProperty('--focus', theme.palette.blue);
    style.setProperty('--on-chosen', theme.palette.plate);
    style.setProperty('--plate', theme.palette.plate);
  }, [dark, theme]);
  return (
    <PaperProvider theme={theme} settings={SETTINGS}>
      {there ? (
        <ShopProvider key={spelling} value={shop}>
          {children}
        </ShopProvider>
      ) : null}
    </PaperProvider>
  );
}
