import { type ShopUnit, bareUnit } from '@/core/quantity/units';
import type { ReactNode } from 'react';
import { noteDefect } from '@/core/commands/noting';
import { useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { Button } from '@/ui/Button';
import { tried } from '@/core/errors';
import { proposalFor } from '@/core/inspect/consequence';
import type { Point } from '@/core/pumps/shapes';
import { defectOf, defectsOf, nailTells, type DefectId } from '@/core/pumps/teardown/defects';
import type { Surface } from '@/core/pumps/teardown/teardown';
import { parseReading } from '@/core/quantity/parse';
import type { Job } from '@/core/records/job';
import { CONSEQUENCES, type Consequence, type Nail } from '@/core/records/teardown';
import { useShop } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { DefectGlyph } from '@/ui/DefectGlyph';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { Notice } from '@/ui/Notice';
import { Remark } from '@/ui/Remark';
import { Tile, Tiles } from '@/ui/Tile';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { KeptNotices } from '../shell/KeptNotices';
import { useHeldUnit } from '../shell/useHeldUnit';
import { type KeptForm, useKeptForm } from '../shell/useKeptForm';
import { CONSEQUENCE_NAME } from './consequences';
import { say } from '@/core/wording/say';
import { capital } from '@/core/quantity/letters';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly surface: Surface;
  readonly spot: Point | null;
  readonly onDone: () => void;
  /** Noted, but the surface stays in hand: a photo of it comes next. */
  readonly onStay: () => void;
  readonly onCancel: () => void;
}

const NAIL_NAMES = [
  { value: 'passes', name: 'Nail passes' },
  { value: 'catches', name: 'Nail catches' },
] as const;

/** What is said of a defect before it is noted; empty where nothing is. */
interface Described {
  defect: DefectId | '';
  nail: Nail | '';
  depth: string;
  remark: string;
  decided: Consequence | '';
}

type Setting = <N extends keyof Described>(name: N, value: Described[N]) => void;

const NOTHING: Described = { defect: '', nail: '', depth: '', remark: '', decided: '' };

/** A depth as typed; nothing typed is none. */
const depthOf = (text: string, unit: 'mm' | 'thou') =>
  tried(() => (text.trim() === '' ? null : parseReading(text, 'gap', bareUnit('gap', unit)).mm));

/** Holds what is said of a defect, kept until it is noted. */
function useDescribed(job: Job, surface: Surface) {
  const { unit } = useShop();
  const { held, follow, take } = useHeldUnit(unit);
  const kept = useKeptForm<Described>({
    key: `defect/${job.id}/${surface.id}`,
    stored: NOTHING,
    unit: held,
    onUnit: take,
  });
  const { control, setValue } = kept.form;
  const form = useWatch({ control }) as Described;
  const set: Setting = (name, value) => setValue(name, value as never, { shouldDirty: true });
  follow(form.depth !== '');
  return { kept, held, form, set };
}

/** What is wrong with a surface: the kind, the nail, a depth; what follows is proposed, and decided here. */
export function DefectForm(props: Props) {
  const { job, surface, onCancel } = props;
  const described = useDescribed(job, surface);
  const { kept, form, set } = described;
  return form.defect === '' ? (
    kinds(kept, surface, set, onCancel)
  ) : (
    <KnownDefect {...props} described={described} defect={form.defect} />
  );
}

interface KnownProps extends Props {
  readonly described: ReturnType<typeof useDescribed>;
  readonly defect: DefectId;
}

/** How bad a defect is, what follows from it, and what is decided. */
function KnownDefect({ described, defect, ...props }: KnownProps) {
  const { job, surface, spot, onDone, onStay, onCancel } = props;
  const { run, error } = useCommand(job);
  const { kept, held, form, set } = described;
  const { depth, remark } = form;
  const nail = form.nail || null;
  const deep = depthOf(depth, held);
  const wrong = deep.ok ? null : deep.message;
  const depth_mm = deep.ok ? deep.value : null;
  const proposal = proposalFor(job.sheet, surface, { defect, nail, depth_mm }, job.rules);
  const taken = form.decided || proposal.consequence;
  const save = async (then: () => void) => {
    const noted = await kept.save(() =>
      run(
        noteDefect({
          surface: surface.id,
          defect,
          nail,
          depth_mm,
          spot,
          proposed: proposal.consequence,
          why: proposal.why,
          decided: taken,
          remark: remark.trim(),
        }),
      ),
    );
    if (noted) then();
  };
  return (
    <View style={styles.form}>
      <KeptNotices kept={kept} />
      {what(defect, defectOf(defect), set)}
      {nailTells(defect, surface.kind) ? (
        <Choice
          label="Fingernail test"
          value={form.nail}
          options={NAIL_NAMES}
          onChange={(said) => set('nail', said as Nail)}
        />
      ) : null}
      {surface.kind === 'spring' ? null : depthField(held, depth, set, wrong)}
      <Words>
        <Words strong>
          {say('look.suggested', { action: CONSEQUENCE_NAME[proposal.consequence] })}
        </Words>{' '}
        {`${capital(proposal.why)}.`}
      </Words>
      <Choice
        label="Your decision"
        value={taken}
        options={CONSEQUENCES.map((value) => ({ value, name: CONSEQUENCE_NAME[value] }))}
        onChange={(what) => set('decided', what)}
      />
      <Remark value={remark} onChange={(text) => set('remark', text)} />
      {error ? <Notice kind="error">{error}</Notice> : null}
      <Button
        mode="contained"
        contentStyle={styles.large}
        disabled={wrong !== null}
        onPress={() => void save(onDone)}
      >
        Record
      </Button>
      <FootRow>
        <FootButton
          name="Record and add photo"
          disabled={wrong !== null}
          onPress={() => void save(onStay)}
        />
        <FootButton name="Back" onPress={onCancel} />
      </FootRow>
    </View>
  );
}

const styles = StyleSheet.create({
  form: { gap: 10 },
  what: { flexDirection: 'row', gap: 10, alignItems: 'center' },
  large: { minHeight: 64 },
});

/** The kinds of defect that such a surface has, each with how it looks. */
function kinds(kept: KeptForm<Described>, surface: Surface, set: Setting, onCancel: () => void) {
  return (
    <>
      <KeptNotices kept={kept} />
      <Words strong>What is it?</Words>
      <Tiles label="What is it?">
        {defectsOf(surface.kind).map(({ id, name, looks }) => (
          <Tile
            key={id}
            name={name}
            note={looks}
            picture={<DefectGlyph defect={id} />}
            onPress={() => set('defect', id)}
          />
        ))}
      </Tiles>
      <FootRow>
        <FootButton name="Back" onPress={onCancel} />
      </FootRow>
    </>
  );
}

/** How deep it is, where that was measured. */
function depthField(held: ShopUnit, depth: string, set: Setting, wrong: string | null): ReactNode {
  return (
    <View>
      <TextInput
        mode="outlined"
        label={say('look.depth', { unit: held })}
        aria-label="Depth, if measured"
        value={depth}
        onChangeText={(text) => set('depth', text)}
        inputMode="decimal"
        error={wrong !== null}
      />
      {wrong ? (
        <HelperText type="error" role="alert" padding="none">
          {wrong}
        </HelperText>
      ) : null}
    </View>
  );
}

/** What it is taken for, and the way to another. */
function what(defect: DefectId, known: ReturnType<typeof defectOf>, set: Setting) {
  return (
    <View style={styles.what}>
      <DefectGlyph defect={defect} width={56} />
      <View style={layout.grow}>
        <Words size="title" strong>
          {known.name}
        </Words>
        <Words size="note" tone="muted">
          {known.looks}
        </Words>
      </View>
      <Button mode="text" onPress={() => set('defect', '')}>
        Other
      </Button>
    </View>
  );
}
