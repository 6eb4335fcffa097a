import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { reasonOf } from '@/core/errors';
import type { HistoryLine } from '@/core/history/answer';
import { askedOfSheet, questionOf } from '@/core/history/ask';
import { sayHistory } from '@/core/history/say';
import type { Characteristic } from '@/core/pumps/family';
import { pumpOf } from '@/core/pumps/registry';
import { formatLength, formatWithUnit } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import { sheetName, type Sheet } from '@/core/records/sheet';
import { paragraph } from '@/core/wording/say';
import { useShop } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowLink } from '@/ui/RowLink';
import { Words } from '@/ui/Words';
import { RecordPage } from '../shell/RecordPage';
import { CharacteristicHistory } from './CharacteristicHistory';
import { useHistoryLines } from './useHistory';

/** Whose pumps are counted on a sheet of the demo: those of the demo never mix with the shop's own. */
const WHOSE = [
  { value: 'demo', name: 'The demo’s' },
  { value: 'own', name: 'Our own' },
] as const;

/** What the shop's own pumps of a model say: every check in a line, or one of them in full. */
export const SheetHistoryScreen = () => (
  <RecordPage kind="sheet">{(sheet) => <SheetHistory sheet={sheet} />}</RecordPage>
);

function SheetHistory({ sheet }: { readonly sheet: Sheet }) {
  const { of } = useLocalSearchParams<{ of?: string }>();
  const { unit } = useShop();
  const { characteristics } = pumpOf(sheet);
  const [tier, setTier] = useState(sheet.tiers[0]?.id ?? '');
  const [isDemo, setIsDemo] = useState(sheet.demo === true);
  const c = characteristics.find(({ id }) => id === of);
  const asked = c ? askedOfSheet(sheet, tier, c, isDemo) : null;
  return (
    <Page title={sayHistory('history.title', { model: sheetName(sheet) })}>
      {sheet.tiers.length > 1 ? (
        <Choice
          label="Limits to use"
          value={tier}
          options={sheet.tiers.map(({ id, name }) => ({ value: id, name }))}
          onChange={setTier}
        />
      ) : null}
      {sheet.demo ? (
        <Choice
          label="Whose pumps"
          value={isDemo ? 'demo' : 'own'}
          options={WHOSE}
          onChange={(whose) => setIsDemo(whose === 'demo')}
        />
      ) : null}
      {c && asked ? (
        <CharacteristicHistory
          asked={asked}
          told={{ name: c.name, kind: c.quantity, unit }}
          used={null}
        />
      ) : (
        <Lines sheet={sheet} tier={tier} isDemo={isDemo} all={characteristics} unit={unit} />
      )}
    </Page>
  );
}

/** Says of one check how many pumps were measured and what they are spread over. */
function lineWords(
  { n, median, nine, isDrifting }: HistoryLine,
  c: Characteristic,
  unit: ShopUnit,
) {
  const count = sayHistory('history.count', { n });
  if (!nine || median === null) return count;
  const spread = sayHistory('history.line', {
    median: formatWithUnit(median, c.quantity, unit),
    from: formatLength(nine[0], c.quantity, unit),
    to: formatLength(nine[1], c.quantity, unit),
  });
  return paragraph(count, spread, isDrifting ? sayHistory('history.drift') : '');
}

interface LinesProps {
  readonly sheet: Sheet;
  readonly tier: string;
  readonly isDemo: boolean;
  readonly all: readonly Characteristic[];
  readonly unit: ShopUnit;
}

/** Every check of the model of which anything was measured, in a line. */
function Lines({ sheet, tier, isDemo, all, unit }: LinesProps) {
  const questions = all.map((c) => questionOf(sheet, tier, c, { isDemo }));
  const { answer, error, reading } = useHistoryLines(questions);
  if (error) return <Notice kind="error">{reasonOf(error)}</Notice>;
  if (!answer) {
    return (
      <Words tone="muted">{reading ? sayHistory('history.reading', reading) : 'Opening…'}</Words>
    );
  }
  const measured = answer.filter(({ n }) => n > 0);
  if (measured.length === 0) {
    return <Words>{sayHistory(isDemo ? 'history.noneDemo' : 'history.none')}</Words>;
  }
  return (
    <View>
      <Words tone="muted">As the pumps came in.</Words>
      {measured.map((line) => {
        const c = all.find(({ id }) => id === line.characteristic);
        return c ? (
          <RowLink
            key={c.id}
            href={`/sheets/${sheet.id}/history?of=${c.id}`}
            name={c.name}
            about={lineWords(line, c, unit)}
          />
        ) : null;
      })}
    </View>
  );
}
