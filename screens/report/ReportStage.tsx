import { reasonOf } from '@/core/errors';
import { type ReactNode, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import type { ReversalOf } from '@/core/assembly/asked';
import type { Job } from '@/core/records/job';
import { reportOf } from '@/core/report/report';
import { useRecord, useShop } from '@/data/hooks';
import { reportPdf, type ReportPdf } from '@/data/pdf';
import { fileName, saveAs } from '@/data/save';
import { jobFile } from '@/data/transfer/files';
import { Columns } from '@/ui/Columns';
import { useMore } from '@/ui/More';
import { Notice } from '@/ui/Notice';
import { OnPaper } from '@/ui/OnPaper';
import { Page } from '@/ui/Page';
import { RowLink } from '@/ui/RowLink';
import { usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
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
  const report = useMemo(
    () =>
      reportOf(job, unit, {
        sheetNow: sheetNow ?? null,
        instrumentName: (id) => instruments.find((i) => i.id === id)?.name ?? id,
        reversalOf,
      }),
    [job, unit, instruments, sheetNow, reversalOf],
  );
  const [failed, setFailed] = useState<string | null>(null);

  const [lacking, setLacking] = useState<ReportPdf | null>(null);
  const save = ({ file: made }: ReportPdf) => {
    saveAs(fileName(job.tag, 'pdf'), made, 'application/pdf');
    setLacking(null);
  };

  const pdf = async () => {
    try {
      const { jsPDF } = await import('jspdf');
      const made = await reportPdf(report, jsPDF);
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
  const more = useMore(
    'Save as',
    [
      { name: 'PDF', onPress: () => void pdf() },
      { name: 'Job file', onPress: file },
      { name: 'CSV of the readings', onPress: csv },
    ],
    'named',
  );
  return (
    <Page within title={report.overall.words}>
      <Columns
        aside="right"
        first={
          <>
            {actions(more, lacking, save, failed)}
            <RowLink
              href={`/job/${job.id}/flow`}
              name="Flow and leak map"
              about="what each gap costs"
            />
          </>
        }
        second={
          <View style={wide && [styles.paper, { backgroundColor: palette.paper }]}>
            <ReportPaper headed report={report} />
          </View>
        }
      />
      <OnPaper>
        <ReportPaper report={report} />
      </OnPaper>
    </Page>
  );
}

const styles = StyleSheet.create({
  paper: { padding: 28, gap: 14 },
});

/** Printing, saving, and what the PDF cannot write. */
function actions(
  more: { readonly button: ReactNode; readonly list: ReactNode },
  lacking: ReportPdf | null,
  save: (pdf: ReportPdf) => void,
  failed: string | null,
): ReactNode {
  return (
    <>
      <View style={layout.wrap}>
        <Button mode="contained" icon="printer-outline" onPress={() => window.print()}>
          Print
        </Button>
        {more.button}
      </View>
      {more.list}
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
