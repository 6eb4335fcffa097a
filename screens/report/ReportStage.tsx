import { reasonOf } from '@/core/errors';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import type { ReversalOf } from '@/core/assembly/asked';
import type { Job } from '@/core/records/job';
import {
  pageOf,
  REPORT_FORMS,
  REPORT_UNITS,
  type ReportForm,
  type ReportUnit,
} from '@/core/report/page';
import { reportOf } from '@/core/report/report';
import { FORM_NAME, UNIT_NAME } from '@/core/report/titles';
import { useRecord, useShop } from '@/data/hooks';
import { reportPdf, type ReportPdf } from '@/data/pdf';
import { fileName, saveAs } from '@/data/save';
import { jobFile } from '@/data/transfer/files';
import { Choice } from '@/ui/Choice';
import { Columns } from '@/ui/Columns';
import { Notice } from '@/ui/Notice';
import { OnPaper } from '@/ui/OnPaper';
import { Page } from '@/ui/Page';
import { RowLink } from '@/ui/RowLink';
import { usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { WithReversal } from '../job/WithReversal';
import { ReportPaper } from './ReportPaper';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

/** So many signs are named that the PDF lacks. */
const MOST_SIGNS = 12;

/** The report on the screen, with the ways out: print, PDF, the job as a file, the readings as a table. */
export function ReportStage({ job }: { readonly job: Job }) {
  return (
    <WithReversal job={job}>
      {(reversalOf) => <Report job={job} reversalOf={reversalOf} />}
    </WithReversal>
  );
}

interface Props {
  readonly job: Job;
  readonly reversalOf: ReversalOf | null;
}

/** The report, as it is once all that it tells of is loaded. */
function Report({ job, reversalOf }: Props) {
  const { unit, instruments } = useShop();
  const wide = useWide();
  const palette = usePalette();
  const { data: sheetNow } = useRecord('sheet', job.sheet.id);
  const [form, setForm] = useState<ReportForm>('full');
  const [asked, setAsked] = useState<ReportUnit | null>(null);
  const units = asked ?? unit;
  const { report, page } = useMemo(() => {
    const context = {
      sheetNow: sheetNow ?? null,
      instrumentName: (id: string) => instruments.find((i) => i.id === id)?.name ?? id,
      reversalOf,
    };
    return {
      report: reportOf(job, units === 'both' ? 'mm' : units, context),
      page: pageOf(job, form, units, context),
    };
  }, [job, form, units, instruments, sheetNow, reversalOf]);
  const [failed, setFailed] = useState<string | null>(null);

  const [lacking, setLacking] = useState<ReportPdf | null>(null);
  const save = ({ file: made }: ReportPdf) => {
    saveAs(fileName(job.tag, 'pdf'), made, 'application/pdf');
    setLacking(null);
  };

  const pdf = async () => {
    try {
      const { jsPDF } = await import('jspdf');
      const made = await reportPdf(report, page, jsPDF);
      if (made.lacking.length > 0) setLacking(made);
      else save(made);
    } catch (error) {
      setFailed(say('report.pdfFailed', { error: reasonOf(error) }));
    }
  };
  const saved = (made: () => Promise<void>) => () =>
    void made().catch((error: unknown) =>
      setFailed(say('shell.fileFailed', { error: reasonOf(error) })),
    );
  const file = saved(async () => saveAs(fileName(job.tag, 'json'), await jobFile(job)));
  const csv = saved(async () => {
    const { readingsCsv } = await import('@/data/tables');
    saveAs(fileName(job.tag, 'csv'), readingsCsv(job), 'text/csv');
  });
  return (
    <Page within title={page.sentences[0]}>
      <Columns
        aside="right"
        first={
          <>
            <Words strong>{page.sentences[1]}</Words>
            <FormChoice form={form} onForm={setForm} units={units} onUnits={setAsked} />
            <Actions onPdf={() => void pdf()} onFile={file} onCsv={csv} />
            <Trouble lacking={lacking} onSave={save} failed={failed} />
            <RowLink
              href={`/job/${job.id}/flow`}
              name="Flow and leak map"
              about="what each gap costs"
            />
          </>
        }
        second={
          <View style={wide && [styles.paper, { backgroundColor: palette.paper }]}>
            <ReportPaper headed report={report} page={page} />
          </View>
        }
      />
      <OnPaper>
        <ReportPaper report={report} page={page} />
      </OnPaper>
    </Page>
  );
}

const styles = StyleSheet.create({
  paper: { padding: 28, gap: 14 },
});

interface FormProps {
  readonly form: ReportForm;
  readonly onForm: (form: ReportForm) => void;
  readonly units: ReportUnit;
  readonly onUnits: (units: ReportUnit) => void;
}

/** Who the report is for, and in which units it is. */
function FormChoice({ form, onForm, units, onUnits }: FormProps) {
  return (
    <>
      <Choice
        label="Who it is for"
        value={form}
        options={REPORT_FORMS.map((value) => ({ value, name: FORM_NAME[value] }))}
        onChange={onForm}
      />
      <Choice
        label="Units"
        value={units}
        options={REPORT_UNITS.map((value) => ({ value, name: UNIT_NAME[value] }))}
        onChange={onUnits}
      />
    </>
  );
}

interface ActionsProps {
  readonly onPdf: () => void;
  readonly onFile: () => void;
  readonly onCsv: () => void;
}

/** What is given to the customer, and what is kept or passed on. */
function Actions({ onPdf, onFile, onCsv }: ActionsProps) {
  return (
    <>
      <Words strong>Give it to the customer</Words>
      <View style={layout.wrap}>
        <Button mode="contained" icon="printer-outline" onPress={() => window.print()}>
          Print
        </Button>
        <Button mode="outlined" onPress={onPdf}>
          PDF
        </Button>
      </View>
      <Words strong>Keep or pass on</Words>
      <View style={layout.wrap}>
        <Button mode="outlined" onPress={onFile}>
          Job file
        </Button>
        <Button mode="outlined" onPress={onCsv}>
          CSV of the readings
        </Button>
      </View>
    </>
  );
}

interface TroubleProps {
  readonly lacking: ReportPdf | null;
  readonly onSave: (pdf: ReportPdf) => void;
  readonly failed: string | null;
}

/** What the PDF cannot write, or why a file could not be made. */
function Trouble({ lacking, onSave: save, failed }: TroubleProps) {
  return (
    <>
      {lacking ? (
        <Notice
          kind="caution"
          actions={
            <>
              <Button mode="contained-tonal" onPress={() => window.print()}>
                Print instead
              </Button>
              <Button mode="outlined" onPress={() => save(lacking)}>
                Save the PDF anyway
              </Button>
            </>
          }
        >
          {say(lacking.lacking.length > MOST_SIGNS ? 'report.noSignMore' : 'report.noSign', {
            signs: lacking.lacking.slice(0, MOST_SIGNS).join(', '),
          })}
        </Notice>
      ) : null}
      {failed ? <Notice kind="error">{failed}</Notice> : null}
    </>
  );
}
