import { lazy, Suspense, type ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { ScrollView, StyleSheet } from 'react-native';
import { PaperProvider } from 'react-native-paper';
import { Button } from '@/ui/Button';
import { NEW_SHOP } from '@/core/records/shop';
import { ShopProvider } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { LIGHT_THEME } from '@/ui/theme';
import { SETTINGS } from './Appearance';
import { say } from '@/core/wording/say';

const BackupPanel = lazy(async () => ({
  default: (await import('../shop/room')).BackupPanel,
}));

/** Stands round everything: where the app itself fails, what is stored can still be saved. */
export function LastWall({ children }: { readonly children: ReactNode }) {
  return <ErrorBoundary FallbackComponent={Bare}>{children}</ErrorBoundary>;
}

/** Nothing of what failed is asked: neither the shop's theme nor any of its settings. */
function Bare({ resetErrorBoundary }: FallbackProps) {
  return (
    <PaperProvider theme={LIGHT_THEME} settings={SETTINGS}>
      <ShopProvider value={NEW_SHOP}>
        <ScrollView role="main" contentContainerStyle={styles.page}>
          <Notice
            kind="error"
            actions={
              <Button mode="outlined" onPress={resetErrorBoundary}>
                Try again
              </Button>
            }
          >
            {say('shell.appFailed')}
          </Notice>
          <Suspense fallback={null}>
            <BackupPanel />
          </Suspense>
        </ScrollView>
      </ShopProvider>
    </PaperProvider>
  );
}

const styles = StyleSheet.create({ page: { padding: 16, gap: 12 } });
