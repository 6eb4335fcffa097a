import type { ReportPage } from '../../core/report/page';
import { say } from '../../core/wording/say';
import { Thread } from '../thread';
import type { ReportPdf, ReportType } from './reportPdf';

/** What the thread that writes reports answers. */
interface Reporter {
  writeReport(page: ReportPage, type: ReportType): ReportPdf;
}

async function typeOf(weight: 500 | 600): Promise<string> {
  const response = await fetch(`/fonts/barlow-semi-condensed-${weight}.ttf`);
  if (!response.ok) throw new Error(say('storage.fontMissing', { status: response.status }));
  const bytes = new Uint8Array(await response.arrayBuffer());
  let text = '';
  for (const byte of bytes) text += String.fromCharCode(byte);
  return btoa(text);
}

/** Loads the type of a report, which ships with the app. */
export async function reportType(): Promise<ReportType> {
  const [normal, bold] = await Promise.all([typeOf(500), typeOf(600)]);
  return { normal, bold };
}

/** Writes a report as a PDF file in a thread of its own: what writes it is loaded there, and the page stays free. */
export async function writtenReport(page: ReportPage): Promise<ReportPdf> {
  const thread = new Thread<Reporter>(
    () => new Worker(new URL('../../workers/report.worker', window.location.href)),
  );
  try {
    const type = await reportType();
    return await thread.ask((remote) => remote.writeReport(page, type));
  } finally {
    thread.close();
  }
}
