import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import type { ReversalOf } from '@/core/assembly/asked';
import type { Job } from '@/core/records/job';
import { PAGE_FORMS, REPORT_UNITS, type PageForm, type ReportUnit } from '@/core/report/page';
import { FORM_NAME, UNIT_NAME } from '@/core/report/titles';
import { useShop } from '@/data/hooks';
import type { ReportPdf } from '@/data/pdf/reportPdf';
import { isWaiting } from '@/core/journal/signed';
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
import { Comeback } from './Comeback';
import { NextLook, PhotoChoice } from './PaperChoices';
import { QuotePanel } from './QuotePanel';
import { ReportPaper } from './ReportPaper';
import { SignPanel } from './SignPanel';
import { usePage } from './usePage';
import { useWaysOut } from './useWaysOut';
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
  const { unit } = useShop();
  const wide = useWide();
  const palette = usePalette();
  const [form, setForm] = useState<PageForm>(() => (isWaiting(job) ? 'quote' : 'full'));
  const [asked, setAsked] = useState<ReportUnit | null>(null);
  const units = asked ?? unit;
  const page = usePage(job, form, units, reversalOf);
  const { out, trouble } = useWaysOut(job, page);
  const paper = <ReportPaper page={page} />;
  return (
    <Page within title={page.sentences[0]}>
      <Columns
        aside="right"
        first={
          <>
            <Words strong>{page.sentences[1]}</Words>
            <FormChoice form={form} onForm={setForm} units={units} onUnits={setAsked} />
            {form === 'quote' ? <QuotePanel job={job} /> : null}
            <Actions {...out} />
            <Trouble {...trouble} />
            {form === 'quote' ? null : <SignPanel job={job} />}
            {form === 'quote' ? null : <Comeback job={job} />}
            <View>
              <PhotoChoice job={job} />
              {form === 'quote' ? null : <NextLook job={job} />}
              <RowLink
                href="/shop/heading"
                name="Heading and warranty"
                about="what stands over and beneath all reports of the shop"
              />
              <RowLink
                href={`/job/${job.id}/flow`}
                name="Flow and leak map"
                about="what each gap costs"
              />
            </View>
          </>
        }
        second={
          <View style={wide && [styles.paper, { backgroundColor: palette.paper }]}>
            <ReportPaper headed page={page} />
          </View>
        }
      />
      <OnPaper size={page.around.paper}>{paper}</OnPaper>
    </Page>
  );
}

const styles = StyleSheet.create({
  paper: { padding: 28, gap: 14 },
});

interface FormProps {
  readonly form: PageForm;
  readonly onForm: (form: PageForm) => void;
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
        options={PAGE_FORMS.map((value) => ({ value, name: FORM_NAME[value] }))}
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
  /** A PDF is on its way. */
  readonly isMaking: boolean;
  readonly onPdf: () => void;
  readonly onFile: () => void;
  readonly onCsv: () => void;
}

/** What is given to the customer, and what is kept or passed on. */
function Actions({ isMaking, onPdf, onFile, onCsv }: ActionsProps) {
  return (
    <>
      <Words strong>Give it to the customer</Words>
      <View style={layout.wrap}>
        <Button mode="contained" icon="printer-outline" onPress={() => window.print()}>
          Print
        </Button>
        <Button mode="outlined" loading={isMaking} disabled={isMaking} onPress={onPdf}>
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
