import { useState } from 'react';
import { reasonOf } from '@/core/errors';
import type { Job } from '@/core/records/job';
import type { ReportPage } from '@/core/report/page';
import { say } from '@/core/wording/say';
import type { ReportPdf } from '@/data/pdf/reportPdf';
import { writtenReport } from '@/data/pdf/thread';
import { fileName, saveAs } from '@/data/save';
import { jobFile } from '@/data/transfer/files';

/** Returns the ways out of a report: a PDF, the job as a file, its readings as a table; and what went wrong with them. */
export function useWaysOut(job: Job, page: ReportPage) {
  const [isMaking, setMaking] = useState(false);
  const [failed, setFailed] = useState<string | null>(null);
  const [lacking, setLacking] = useState<ReportPdf | null>(null);
  const save = ({ file }: ReportPdf) => {
    saveAs(fileName(job.tag, 'pdf'), file, 'application/pdf');
    setLacking(null);
  };
  const pdf = async () => {
    setMaking(true);
    try {
      const made = await writtenReport(page);
      setFailed(null);
      if (made.lacking.length > 0) setLacking(made);
      else save(made);
    } catch (error) {
      setFailed(say('report.pdfFailed', { error: reasonOf(error) }));
    } finally {
      setMaking(false);
    }
  };
  const saved = (made: () => Promise<void>) => () =>
    void made().catch((error: unknown) =>
      setFailed(say('shell.fileFailed', { error: reasonOf(error) })),
    );
  return {
    out: {
      isMaking,
      onPdf: () => void pdf(),
      onFile: saved(async () => saveAs(fileName(job.tag, 'json'), await jobFile(job))),
      onCsv: saved(async () => {
        const { readingsCsv } = await import('@/data/tables');
        saveAs(fileName(job.tag, 'csv'), readingsCsv(job), 'text/csv');
      }),
    },
    trouble: { lacking, onSave: save, failed },
  };
}
