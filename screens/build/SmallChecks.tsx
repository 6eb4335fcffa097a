import { View } from 'react-native';
import type { CheckBeside } from '@/core/assembly/checks';
import { sayBuild } from '@/core/assembly/sayBuild';
import { Line } from '@/ui/Line';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

/** Small checks as they must be, beside what was found; nothing where none belong here. */
export function SmallChecks({ checks }: { readonly checks: readonly CheckBeside[] }) {
  if (checks.length === 0) return null;
  return (
    <View>
      <Heading level={3}>As it must be</Heading>
      {checks.map(({ name, right, found, isAmiss }) => (
        <Line key={name}>
          <Words style={layout.grow}>{sayBuild('check.right', { name, right })}</Words>
          <Words size="note" tone={isAmiss ? 'out' : 'muted'}>
            {found ? sayBuild('check.found', { found }) : 'not looked at'}
          </Words>
        </Line>
      ))}
    </View>
  );
}
