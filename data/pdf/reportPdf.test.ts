import { jsPDF } from 'jspdf';
import { readFileSync } from 'node:fs';
import { record, withVoided } from '../../core/journal/commands';
import { readFile } from '../../core/records/readFile';
import type { Job } from '../../core/records/job';
import { onPaper, sign } from '../../core/commands/reporting';
import type { Photo } from '../../core/records/photo';
import { NEW_SHOP } from '../../core/records/shop';
import { strokesText } from '../../core/records/strokes';
import { faced, stamp } from '../../core/testing/findings';
import { idleTest, testedJob } from '../../core/testing/tests';
import { pageOf, type ReportForm } from '../../core/report/page';
import { reportOf } from '../../core/report/report';
import { reportPdf, type ReportType } from './reportPdf';
import { reportType } from './thread';

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

/** A JPEG of one grey point. */
const JPEG =
  'data:image/jpeg;base64,/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wgALCAABAAEBAREA/8QAFBABAAAAAAAAAAAAAAAAAAAAAP/aAAgBAQABPxA=';
const PHOTO: Photo = { schema: 1, id: 'p', revision: 0, job: 'j', width: 4, height: 3, jpeg: JPEG };

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

/** Writes the report of a job as a PDF, for the next rebuilder unless it is said otherwise. */
const written = (of: Job, form: ReportForm = 'full') =>
  reportPdf(pageOf(of, form, 'mm'), type, Recorder);

/** The words of a text, as they are told apart however the lines were broken. */
const wordsOf = (text: string): string[] => text.split(/\s+/).filter(Boolean);

let type: ReportType;

beforeAll(async () => {
  Object.assign(globalThis, {
    fetch: async (path: string) => {
      const bytes = readFileSync(`public${path}`);
      return { ok: true, arrayBuffer: async () => bytes };
    },
  });
  type = await reportType();
});
beforeEach(() => {
  drawnLines.length = 0;
});

describe('the report as a PDF', () => {
  it('has every word, on as many pages as it takes, and none below the edge of one', async () => {
    const long = struck(300);
    const report = reportOf(long, 'mm');
    const { file, lacking } = reportPdf(pageOf(long, 'full', 'mm'), type, Recorder);
    expect(file.size).toBeGreaterThan(10_000);
    expect(lacking).toEqual([]);
    const drawn = new Set(drawnLines.flatMap(({ line }) => wordsOf(line)));
    const { title, pump, sentences, sections, struck: struckThrough, notes } = report;
    const came = pageOf(long, 'full', 'mm').sections[0]!.rows.flat();
    const all = [title, pump, ...sentences, ...came, ...struckThrough, ...notes];
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

  it.each(['a4', 'letter'] as const)(
    'is one page of %s for the owner with all that a shop puts on it',
    (paper) => {
      const samples = Array.from({ length: 300 }, (_, i) => ({
        t_s: i / 5,
        flow_lpm: 17 + Math.sin(i),
        bar: 8,
        rpm: 700,
        oil_C: 90,
      }));
      const run = idleTest(17, { from: 'simulated', run: 'r', from_s: 8, to_s: 50 });
      const tested = testedJob(faced(job, 0.01), run);
      const taken = ['p', 'q', 'r'].map((id) => ({ id, at: AT, by: '', of: 'tag' }));
      const chosen = onPaper({ photos: ['p', 'q', 'r'], nextUsed: 5200 })(
        { ...tested, photos: taken },
        stamp(),
      );
      const strokes = strokesText([
        [
          [0, 0],
          [1000, 300],
        ],
      ]);
      const signed = sign({ as: 'rebuilder', name: 'Ivo K.', strokes })(chosen, stamp());
      const heading = {
        name: 'Highmoor Depot',
        address: 'Depot Road\nbay 2',
        warranty: 'Twelve months from the day on which it went.',
        picture: JPEG,
        paper,
      };
      const photos = chosen.paper.photos.map((id) => ({ ...PHOTO, id }));
      const page = pageOf(signed, 'owner', 'mm', {
        shop: { heading, money: NEW_SHOP.money },
        photos,
        run: samples,
      });
      expect(page.chart?.where).toBe('700 rpm, 8 bar');
      expect(page.around.photos).toHaveLength(3);
      reportPdf(page, type, Recorder);
      // It may have been drawn anew, smaller each time: the last is what is kept.
      const { page: pages } = drawnLines.at(-1)!;
      expect(pages).toBe(1);
      const lines = drawnLines.map(({ line }) => line);
      expect(lines).toEqual(
        expect.arrayContaining([
          'Highmoor Depot',
          'bay 2',
          'Twelve months from the day on which it went.',
        ]),
      );
      expect(lines.join(' ')).toContain('Rebuilt and tested by Ivo K.');
    },
  );

  it('keeps to one page where that is enough', async () => {
    written(job);
    expect(Math.max(...drawnLines.map(({ page }) => page))).toBeLessThanOrEqual(2);
  });

  it.each(jobs.map((one) => [one.tag, one] as const))(
    'is one page for the owner of %s, its parts marked, none of them empty',
    async (_, one) => {
      const { file } = written(one, 'owner');
      expect(Math.max(...drawnLines.map(({ page }) => page))).toBe(1);
      const text = Buffer.from(await file.arrayBuffer()).toString('latin1');
      expect(text.match(/\/Title /g)?.length).toBeGreaterThan(2);
    },
  );

  it.each([
    ['Ωμέγα', 'Greek'],
    ['Завод', 'Cyrillic'],
    ['מוסך', 'Hebrew'],
    ['油泵车间', 'Chinese'],
    ['🔧', 'a picture'],
  ])('says what of “%s”, %s, its type has no sign for', async (name) => {
    const { lacking } = written({ ...job, owner: name });
    expect(lacking.length).toBeGreaterThan(0);
    for (const sign of lacking) expect(name).toContain(sign);
    const latin = written({ ...job, owner: 'Łódź Šérvîçe Åß' });
    expect(latin.lacking).toEqual([]);
  });
});
