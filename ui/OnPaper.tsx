import type { ReactNode } from 'react';
import { createPortal } from 'react-dom';
import type { Paper } from '@/core/records/heading';
import { PaperProvider } from 'react-native-paper';
import { LIGHT_THEME } from './theme';

interface Props {
  readonly children: ReactNode;
  /** The paper that it is printed on. */
  readonly size?: Paper;
}

/** Says to the browser which paper there is; the style of the app has A4. */
const PAGE: Readonly<Record<Paper, string>> = { a4: '', letter: '@page { size: letter; }' };

/** What is printed instead of the screen: always in the light theme. */
export function OnPaper({ children, size = 'a4' }: Props) {
  const paper = document.getElementById('print');
  return paper
    ? createPortal(
        <PaperProvider theme={LIGHT_THEME}>
          <style>{PAGE[size]}</style>
          {children}
        </PaperProvider>,
        paper,
      )
    : null;
}
