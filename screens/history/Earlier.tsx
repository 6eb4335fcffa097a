import { View } from 'react-native';
import type { EarlierVisit } from '@/core/history/answer';
import { sayHistory } from '@/core/history/say';
import type { Told } from '@/core/history/sentences';
import { formatWithUnit } from '@/core/quantity/format';
import { dateText } from '@/core/wording/date';
import { RowLink } from '@/ui/RowLink';
import { Heading } from '@/ui/Words';

interface Props {
  readonly visits: readonly EarlierVisit[];
  readonly told: Told;
}

const dayOf = (day: string): string => dateText(day, 'utc day');

function aboutVisit({ day, out, used, usedUnit, mm }: EarlierVisit, { kind, unit }: Told): string {
  const stay = out
    ? sayHistory('history.visitOut', { day: dayOf(day), out: dayOf(out) })
    : sayHistory('history.visitIn', { day: dayOf(day) });
  const run = used === null ? '' : sayHistory('history.used', { count: used, unit: usedUnit });
  return [stay, run, mm === null ? '' : formatWithUnit(mm, kind, unit)].filter(Boolean).join(' · ');
}

/** The visits of the same pump before this one. */
export function Earlier({ visits, told }: Props) {
  if (visits.length === 0) return null;
  return (
    <View>
      <Heading level={3}>The same pump before</Heading>
      {visits.map((visit) => (
        <RowLink
          key={visit.id}
          href={`/job/${visit.id}/report`}
          name={visit.tag}
          about={aboutVisit(visit, told)}
        />
      ))}
    </View>
  );
}
