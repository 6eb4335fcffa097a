import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { Button } from '@/ui/Button';
import { InputError, tried } from '@/core/errors';
import type { Characteristic } from '@/core/pumps/family';
import { families, FAMILY_IDS, familyOf, problemsOf, pumpOf } from '@/core/pumps/registry';
import { unitName } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
import { inUnit } from '@/core/records/shop';
import { createQuickJob, type QuickLimit } from '@/data/create';
import { KEYS, useChangeShop, useShop } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Columns } from '@/ui/Columns';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Pick } from '@/ui/Pick';
import { Heading, Words } from '@/ui/Words';
import { answersIn, buildOf, exampleOf, OPTION_WORD } from '../shell/geometryFields';
import { DESCRIBED } from '@/core/schema/fields';
import { Refused, useOnce } from '../shell/useOnce';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

const UNITS = [
  { value: 'mm', name: 'mm' },
  { value: 'thou', name: 'thou and inch' },
] as const;

/** A stack has so many sections at most. */
const SECTIONS = ['1', '2', '3', '4'].map((value) => ({ value, name: value }));

/** One line of the screen: what is measured, and between what. */
interface Line {
  readonly characteristic: string;
  readonly least: string;
  readonly most: string;
}

/** What was answered of the build, by field. */
type Said = Readonly<Record<string, string>>;

/** What can be measured against a limit of its own, leaves first. */
function measurable(family: string, said: Said): readonly Characteristic[] {
  const { example } = familyOf(family);
  const answers = answersIn(family, buildOf(family), said);
  const geometry = { ...example, ...answers };
  const pump = problemsOf({ family, geometry }, DESCRIBED).length === 0 ? geometry : example;
  const all = pumpOf({ family, geometry: pump }).characteristics;
  const own = all.filter((c) => !c.sum);
  return [...own.filter((c) => c.stations.length > 0), ...own.filter((c) => !c.stations.length)];
}

/** Reads an end of a limit; null for an empty one. */
const endOf = (text: string, c: Characteristic, unit: ShopUnit): number | null =>
  text.trim() === '' ? null : parseReading(text, 'size', bareUnit(c.quantity, unit)).mm;

/**
 * Reads what a line says; null for one that says nothing.
 *
 * @throws InputError where an end is no length, where the ends are the wrong way round, or where an
 *   earlier line has the same characteristic
 */
function limitOf(
  { characteristic, least, most }: Line,
  all: readonly Characteristic[],
  unit: ShopUnit,
  earlier: readonly Line[],
): QuickLimit | null {
  const c = all.find(({ id }) => id === characteristic);
  if (!c) return null;
  const [lower_mm, upper_mm] = [endOf(least, c, unit), endOf(most, c, unit)];
  if (lower_mm === null && upper_mm === null) return null;
  if (lower_mm !== null && upper_mm !== null && upper_mm < lower_mm) {
    throw new InputError('most', 'order', 'Max is below min. Swap them or check the unit.');
  }
  if (earlier.some((line) => line.characteristic === characteristic)) {
    throw new InputError('what', 'twice', say('bench.limitTwice', { check: c.name }));
  }
  return { characteristic: c.id, lower_mm, upper_mm };
}

/** Reads all lines: the limits of those that say anything, and by line what is wrong. */
function limitsOf(lines: readonly Line[], all: readonly Characteristic[], unit: ShopUnit) {
  const limits: QuickLimit[] = [];
  const wrong = lines.map((line, i) => {
    const limit = tried(() => limitOf(line, all, unit, lines.slice(0, i)));
    if (!limit.ok) return limit.message;
    if (limit.value) limits.push(limit.value);
    return '';
  });
  return { limits, wrong };
}

/** What was answered on the screen: the pump, its build and the limits; and the job that is made of it. */
function useMeasureNow() {
  const router = useRouter();
  const client = useQueryClient();
  const shop = useShop();
  const [family, setFamily] = useState(FAMILY_IDS[0] ?? '');
  const [said, setSaid] = useState<Said>({});
  const all = measurable(family, said);
  const blank: Line = { characteristic: all[0]?.id ?? '', least: '', most: '' };
  const [lines, setLines] = useState<readonly Line[]>([blank]);
  const [wrongLines, setWrongLines] = useState<readonly string[]>([]);
  const { run, failed, clear } = useOnce(async () => {
    const { limits, wrong: found } = limitsOf(lines, all, shop.unit);
    setWrongLines(found);
    if (found.some(Boolean)) throw new Refused();
    if (limits.length === 0) throw new Error('Enter at least one limit: a min, a max, or both.');
    const answers = answersIn(family, buildOf(family), said);
    const geometry = { ...familyOf(family).example, ...answers };
    const [odd] = problemsOf({ family, geometry }, DESCRIBED);
    if (odd) throw new Error(`${odd.message}.`);
    const id = await createQuickJob(family, limits, shop, answers);
    await client.invalidateQueries({ queryKey: KEYS.summaries });
    router.replace(`/job/${id}/measure`);
  });
  const put = (at: number, part: Partial<Line>) => {
    clear();
    setWrongLines([]);
    setLines(lines.map((line, i) => (i === at ? { ...line, ...part } : line)));
  };
  const choose = (id: string) => {
    setFamily(id);
    setWrongLines([]);
    setSaid({});
    setLines([{ ...blank, characteristic: measurable(id, {})[0]?.id ?? '' }]);
  };
  /** A line of a check that the other build has not begins with its first. */
  const build = (field: string, value: string) => {
    const next = { ...said, [field]: value };
    const checks = measurable(family, next);
    const isThere = (line: Line) => checks.some(({ id }) => id === line.characteristic);
    const first = checks[0]?.id ?? '';
    setSaid(next);
    setWrongLines([]);
    setLines(lines.map((line) => (isThere(line) ? line : { ...line, characteristic: first })));
  };
  const another = () => {
    const unused = all.find(({ id }) => !lines.some((line) => line.characteristic === id));
    setLines([...lines, { ...blank, characteristic: unused?.id ?? blank.characteristic }]);
  };
  const start = () => void run();
  return { family, said, all, lines, wrongLines, put, choose, build, another, start, failed };
}

type MeasureNow = ReturnType<typeof useMeasureNow>;

/** What kind of pump it is, how it is built, and in which unit it is measured. */
function PumpColumn({ family, said, choose, build }: MeasureNow) {
  const shop = useShop();
  const { apply: changeShop } = useChangeShop();
  return (
    <>
      <Heading>What kind of pump</Heading>
      <Pick
        label="Kind of pump"
        value={family}
        options={families().map(({ id, name }) => ({ value: id, name }))}
        onChange={choose}
      />
      {buildOf(family).map(({ name, label, options }) => (
        <View key={name} style={layout.stack}>
          <Words strong>{label}</Words>
          <Choice
            label={label}
            stacked={options.length > 0}
            value={said[name] ?? exampleOf(family, name)}
            options={
              options.length > 0
                ? options.map((value) => ({ value, name: OPTION_WORD[value] ?? value }))
                : SECTIONS
            }
            onChange={(value) => build(name, value)}
          />
        </View>
      ))}
      <Choice
        label="Units"
        value={shop.unit}
        options={UNITS}
        onChange={(unit) => void changeShop((s) => inUnit(s, unit)).catch(() => undefined)}
      />
    </>
  );
}

/** One limit: of which check, and between what. */
function LimitLine({ now, index: i }: { readonly now: MeasureNow; readonly index: number }) {
  const shop = useShop();
  const { all, lines, wrongLines, put, start } = now;
  const line = lines[i] as Line;
  const c = all.find(({ id }) => id === line.characteristic);
  const unit = unitName(c?.quantity ?? 'gap', shop.unit);
  return (
    <View style={layout.stack}>
      <Pick
        label={say('bench.checkNumber', { number: i + 1 })}
        value={line.characteristic}
        options={all.map(({ id, name }) => ({ value: id, name }))}
        onChange={(characteristic) => put(i, { characteristic })}
      />
      <View style={layout.row}>
        {(['least', 'most'] as const).map((end) => (
          <TextInput
            key={end}
            mode="outlined"
            label={say(end === 'least' ? 'sheets.min' : 'sheets.max', { unit })}
            aria-label={say(end === 'least' ? 'bench.limitMin' : 'bench.limitMax', {
              number: i + 1,
            })}
            value={line[end]}
            onChangeText={(text) => put(i, { [end]: text })}
            inputMode="decimal"
            onSubmitEditing={start}
            style={layout.grow}
            error={Boolean(wrongLines[i])}
          />
        ))}
      </View>
      {wrongLines[i] ? (
        <HelperText type="error" role="alert" padding="none">
          {wrongLines[i]}
        </HelperText>
      ) : null}
    </View>
  );
}

/** Measuring without a sheet: what kind of pump, which unit, one or more limits, and the first leaf. */
export function MeasureNowScreen() {
  const now = useMeasureNow();
  return (
    <Page title="Measure now">
      <Words>
        No sheet is needed. Choose the kind of pump and enter its limits. It is saved as a job, and
        its limits can become a sheet later.
      </Words>
      <Columns
        first={<PumpColumn {...now} />}
        second={
          <>
            <Heading>Limits</Heading>
            {now.lines.map((_, i) => (
              <LimitLine key={i} now={now} index={i} />
            ))}
            <Button mode="outlined" icon="plus" onPress={now.another}>
              Another limit
            </Button>
            {now.failed ? <Notice kind="error">{now.failed}</Notice> : null}
            <Button mode="contained" contentStyle={layout.thumb} onPress={now.start}>
              Start measuring
            </Button>
          </>
        }
      />
    </Page>
  );
}
