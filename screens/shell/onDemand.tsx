import { useQuery } from '@tanstack/react-query';
import type { ComponentType } from 'react';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Words } from '@/ui/Words';
import { say } from '@/core/wording/say';

/** Said while something is on its way. Nothing moves: what turns would take the time that opening needs. */
export const Opening = () => (
  <Words tone="muted" style={{ margin: 24 }}>
    Opening…
  </Words>
);

/**
 * The query that loads a view when it is first shown. Not by Suspense, which holds back what is
 * there already.
 */
export const viewQuery = <P,>(name: string, load: () => Promise<ComponentType<P>>) => ({
  queryKey: ['view', name],
  queryFn: async () => ({ View: await load() }),
});

/** Said where a view cannot be loaded. */
export const NotLoaded = () => (
  <Page title="This page cannot be shown">
    <Notice kind="error">{say('shell.notLoaded')}</Notice>
  </Page>
);

/** Makes a screen that is loaded when it is first opened. */
export function onDemand<P extends object = object>(
  name: string,
  load: () => Promise<ComponentType<P>>,
): ComponentType<P> {
  return function OnDemand(props: P) {
    const { data, error } = useQuery(viewQuery(name, load));
    if (error) return <NotLoaded />;
    return data ? <data.View {...props} /> : <Opening />;
  };
}
