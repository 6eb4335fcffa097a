import { View } from 'react-native';
import type { BuildItem } from '@/core/assembly/list';
import { sayBuild } from '@/core/assembly/sayBuild';
import { wayRoundOf, wayRoundWords } from '@/core/pumps/teardown/wayRound';
import { lower } from '@/core/quantity/letters';
import { Line } from '@/ui/Line';
import { WayGlyph } from '@/ui/WayGlyph';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

/** How a part has to lie, drawn, and how it was found where that was another way. */
export function WayFact({ way }: Pick<BuildItem, 'way'>) {
  const { right, found } = way;
  if (!right) return null;
  const isOther = found !== null && found.option !== right.option;
  return (
    <Line>
      <WayGlyph way={right.id} option={right.option} width={72} />
      <View style={layout.grow}>
        <Words strong>{wayRoundWords(right.id, right.option)}</Words>
        {isOther ? (
          <Words size="note" tone="out">
            {sayBuild('way.asFound', { way: lower(wayRoundWords(found.id, found.option)) })}
          </Words>
        ) : null}
      </View>
      {isOther ? <WayGlyph way={found.id} option={found.option} width={48} /> : null}
    </Line>
  );
}

/** The question for a way that nobody knows, with how it was found. */
export function wayQuestion({ asks, found }: BuildItem['way']): string {
  const way = wayRoundOf(asks ?? '');
  if (!way) return '';
  const { name, seen } = way;
  const mark = seen ? sayBuild('way.seen', { mark: name, seen }) : name;
  return found
    ? sayBuild('way.askFound', { mark, way: lower(wayRoundWords(found.id, found.option)) })
    : sayBuild('way.ask', { mark });
}

/** Says what is right as a rule; nothing where there is no rule. */
export const ruleWords = ({ asks, rule }: BuildItem['way']): string =>
  asks && rule ? sayBuild('way.rule', { way: lower(wayRoundWords(asks, rule)) }) : '';

/** Which pieces go in, what goes on them, what small things are counted. */
export function StepFacts({ item }: { readonly item: BuildItem }) {
  const { step, parts, renewals, small } = item;
  const isWash = step.kind === 'clean';
  return (
    <View>
      <WayFact way={item.way} />
      {isWash
        ? null
        : parts.map(({ id, name, piece }) => (
            <Line key={id}>
              <Words style={layout.grow}>{name}</Words>
              <Words size="note" tone="muted">
                {piece}
              </Words>
            </Line>
          ))}
      {renewals.map((name) => (
        <Line key={name}>
          <Words style={layout.grow}>{name}</Words>
          <Words size="note" tone="muted">
            new
          </Words>
        </Line>
      ))}
      {[step.with, ...small].filter(Boolean).map((words) => (
        <Line key={words}>
          <Words style={layout.grow}>{words}</Words>
        </Line>
      ))}
    </View>
  );
}
