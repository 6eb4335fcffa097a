import { useState } from 'react';
import { View } from 'react-native';
import { sign, unsign } from '@/core/commands/reporting';
import { signaturesOf } from '@/core/journal/signed';
import { signed, SIGNERS, type Signer } from '@/core/records/entries/signed';
import type { Job } from '@/core/records/job';
import { faultsIn } from '@/core/schema/faultsIn';
import { sayReport } from '@/core/report/sayReport';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { layout } from '@/ui/layout';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { TypedForm } from '../shell/TypedForm';
import { SignPad } from './SignPad';

interface Props {
  readonly job: Job;
}

/** Who signs the report: each opens to a field to draw in, and the name. */
export function SignPanel({ job }: Props) {
  return (
    <View style={layout.stack}>
      <Words strong>Sign it</Words>
      {SIGNERS.map((as) => (
        <SignAs key={as} job={job} as={as} />
      ))}
    </View>
  );
}

const SIGNER_NAME: Readonly<Record<Signer, string>> = {
  rebuilder: 'The rebuilder',
  customer: 'The customer',
};

function SignAs({ job, as }: Props & { readonly as: Signer }) {
  const [open, setOpen] = useState(false);
  const { run, error } = useCommand(job);
  const found = signaturesOf(job).find(({ entry }) => entry.as === as);
  const about = found
    ? sayReport(found.isOvertaken ? 'report.signAgain' : 'report.hasSigned', {
        name: found.entry.name,
      })
    : sayReport('report.notSigned');
  return (
    <View style={layout.stack}>
      <RowButton name={SIGNER_NAME[as]} about={about} open={open} onPress={() => setOpen(!open)} />
      {open ? <SignForm job={job} as={as} onDone={() => setOpen(false)} /> : null}
      {open && found ? (
        <Button
          mode="text"
          onPress={() => void run(unsign(as)).then((done) => done && setOpen(false))}
        >
          Take the signature back
        </Button>
      ) : null}
      {open && error && found ? <Words tone="out">{error}</Words> : null}
    </View>
  );
}

interface FormProps extends Props {
  readonly as: Signer;
  readonly onDone: () => void;
}

/** The field, the name, and what keeps both. */
function SignForm({ job, as, onDone }: FormProps) {
  const { person } = useShop();
  const { run, error } = useCommand(job);
  const [strokes, setStrokes] = useState('');
  const name = as === 'rebuilder' ? person || job.by : job.owner;
  return (
    <View style={layout.stack}>
      <Words size="note" tone="muted">
        {sayReport('report.signHow')}
      </Words>
      <SignPad onDrawn={setStrokes} />
      <TypedForm
        draft={`sign-${job.id}-${as}`}
        fields={[{ name: 'name', label: 'Name', isWide: true }]}
        stored={{ name }}
        error={error}
        faults={({ name: typed = '' }): Record<string, string> => {
          if (typed.trim() === '') return { name: sayReport('report.signName') };
          // What is wrong with the strokes stands at the only field that can say so.
          const wrong = faultsIn(signed.schema.fields, { strokes, name: typed.trim() });
          const [message] = Object.values(wrong);
          return message ? { name: message } : {};
        }}
        answers={[
          {
            name: 'Sign',
            keep: async ({ name: typed = '' }) => {
              const kept = await run(sign({ as, name: typed.trim(), strokes }));
              if (kept) onDone();
              return kept;
            },
          },
        ]}
      />
    </View>
  );
}
