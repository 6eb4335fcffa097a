import { jsPDF } from 'jspdf';
import { readFileSync } from 'node:fs';
import { record, withVoided } from '../core/journal/commands';
import { readFile } from '../core/records/readFile';
import type { Job } from '../core/records/job';
import { reportOf } from '../core/report/report';
import { reportPdf } from './pdf';

/** A line as it was drawn: its words, how low, and on which page. */
interface Drawn {
  readonly line: string;
  readonly y: number;
  readonly page: number;
}

const drawnLines: Drawn[] = [];

/** Stands for the PDF writer: draws as it does, and notes what was drawn. */
const Recorder = function Recorded(...settings: ConstructorParameters<typeof jsPDF>) {
  const pdf = new jsPDF(...settings);
  const text = pdf.text.bind(pdf);
  pdf.text = (line: string | string[], x: number, y: number) => {
    const { pageNumber: page } = pdf.getCurrentPageInfo();
    drawnLines.push({ line: String(line), y, page });
    return text(line, x, y);
  };
  return pdf;
} as unknown as typeof jsPDF;

const { jobs } = readFile(readFileSync('public/demo/highmoor.json', 'utf8'));
const job = jobs.find((j) => j.journal.some((e) => e.kind === 'leaf')) as Job;
const leaf = job.journal.find((e) => e.kind === 'leaf')!;
const AT = '2026-11-20T09:00:00.000Z';
const PAGE_MM = 297;

/** A job with so many more readings, each of them struck for a reason of its own. */
const struck = (count: number): Job =>
  Array.from({ length: count }).reduce<Job>((j, _, n) => {
    const id = `struck-${n}`;
    const added = record(j, { ...leaf, id, voided: null } as never);
    return withVoided(added, [id], { at: AT, by: 'Runa T.', why: `reason${n}` });
  }, job);

/** The words of a text, as they are told apart however the lines were broken. */
const wordsOf = (text: string): string[] => text.split(/\s+/).filter(Boolean);

beforeAll(() => {
  Object.assign(globalThis, {
    fetch: async (path: string) => {
      const bytes = readFileSync(`public${path}`);
      return { ok: true, arrayBuffer: async () => bytes };
    },
  });
});
beforeEach(() => {
  drawnLines.length = 0;
});

describe('the report as a PDF', () => {
  it('has every word, on as many pages as it takes, and none below the edge of one', async () => {
    const report = reportOf(struck(300), 'mm');
    const { file, lacking } = await reportPdf(report, Recorder);
    expect(file.size).toBeGreaterThan(10_000);
    expect(lacking).toEqual([]);
    const drawn = new Set(drawnLines.flatMap(({ line }) => wordsOf(line)));
    const { title, pump, overall, facts, sections, struck: struckThrough, notes } = report;
    const all = [title, pump, overall.words, ...facts.flat(), ...struckThrough, ...notes];
    const rows = report.rows.flatMap(({ name, limits, evidence, reason }) => [
      name,
      limits,
      evidence,
      reason,
    ]);
    const words = [...all, ...rows, ...sections.flatMap(({ lines }) => lines)].flatMap(wordsOf);
    const missing = words.filter((word) => ![...drawn].some((there) => there.includes(word)));
    expect(missing).toEqual([]);
    expect(struckThrough.join()).toContain('reason299');
    expect(Math.max(...drawnLines.map(({ page }) => page))).toBeGreaterThan(2);
    expect(Math.max(...drawnLines.map(({ y }) => y))).toBeLessThan(PAGE_MM - 13);
  });

  it('keeps to one page where that is enough', async () => {
    await reportPdf(reportOf(job, 'mm'), Recorder);
    expect(Math.max(...drawnLines.map(({ page }) => page))).toBeLessThanOrEqual(2);
  });

  it.each([
    ['Ωμέγα', 'Greek'],
    ['Завод', 'Cyrillic'],
    ['מוסך', 'Hebrew'],
    ['油泵车间', 'Chinese'],
    ['🔧', 'a picture'],
  ])('says what of “%s”, %s, its type has no sign for', async (name) => {
    const { lacking } = await reportPdf(reportOf({ ...job, owner: name }, 'mm'), Recorder);
    expect(lacking.length).toBeGreaterThan(0);
    for (const sign of lacking) expect(name).toContain(sign);
    const latin = await reportPdf(reportOf({ ...job, owner: 'Łódź Šérvîçe Åß' }, 'mm'), Recorder);
    expect(latin.lacking).toEqual([]);
  });
});
