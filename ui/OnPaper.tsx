import type { ReactNode } from 'react';
import { createPortal } from 'react-dom';
import { PaperProvider } from 'react-native-paper';
import { LIGHT_THEME } from './theme';

/** What is printed instead of the screen: always in the light theme. */
export function OnPaper({ children }: { readonly children: ReactNode }) {
  const paper = document.getElementById('print');
  return paper
    ? createPortal(<PaperProvider theme={LIGHT_THEME}>{children}</PaperProvider>, paper)
    : null;
}
