import { chromium, expect, type BrowserContext, type Page } from '@playwright/test';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { evenFrom, seedOf } from '../core/random';
import { fillStorage, freeStorage, openDemo, pick, saved } from './bench';
import { BROWSER } from './browser';
import { journalIn, putTexts, textsUnder } from './database';
import { killBrowser } from './processes';

/**
 * A bad week at the bench in a few minutes: three tabs that measure, strike, write on tags and import,
 * while the browser is killed, its storage is full, its clock jumps and odd records turn up. Whatever
 * was once in storage has to be there at the end.
 */

const PHONE = { viewport: { width: 390, height: 844 } };
const TABS = 3;

/** Jobs of the demo that are in work. */
const JOBS = ['demo-job-hm-0417', 'demo-job-hm-0419', 'demo-job-hm-0420'] as const;

const FILE = 'public/demo/highmoor.json';

/** Long enough in ms for what was done to be stored, on a machine that stutters. */
const SETTLED_MS = 400;

const ODD: readonly string[] = ['', 'null', '{', '[]', '7', '{"schema":99}', '{"photos":7}'];

/** The measuring stage of a job, be it in the middle of the work or at its end. */
const ready = (tab: Page) =>
  tab.getByRole('button', { name: /^(Instruments and gauge|Go to Report)$/ }).first();

class Soak {
  private context!: BrowserContext;
  private tabs: Page[] = [];
  private readonly even: () => number;
  private odd = 0;
  /** Every entry that was seen in storage, by job. */
  readonly seen = new Map<string, Set<string>>(JOBS.map((job) => [job, new Set()]));
  readonly done = new Map<string, number>();

  constructor(
    seed: string,
    private readonly profile: string,
    private readonly origin: string,
  ) {
    this.even = evenFrom(seedOf(seed));
  }

  private one<T>(list: readonly T[]): T {
    return list[Math.floor(this.even() * list.length)] as T;
  }

  private get tab(): Page {
    return this.one(this.tabs);
  }

  async open(): Promise<void> {
    this.context = await chromium.launchPersistentContext(this.profile, {
      ...BROWSER,
      ...PHONE,
      baseURL: this.origin,
    });
    this.tabs = [this.context.pages()[0] ?? (await this.context.newPage())];
    while (this.tabs.length < TABS) this.tabs.push(await this.context.newPage());
  }

  async begin(): Promise<void> {
    await this.open();
    await openDemo(this.tabs[0] as Page);
    await this.everyTab();
  }

  /** Puts each tab on a job. */
  private async everyTab(): Promise<void> {
    for (const tab of this.tabs) await this.toJob(tab);
  }

  private async toJob(tab: Page): Promise<string> {
    const job = this.one(JOBS);
    await tab.goto(`/job/${job}/measure`);
    const clean = tab.getByRole('button', { name: /^Clean and dry/ });
    await expect(clean.or(ready(tab)).first()).toBeVisible();
    if (await clean.isVisible()) await clean.click();
    return job;
  }

  /** Notes what is in storage: from then on it may not go. */
  private async note(tab: Page): Promise<void> {
    for (const job of JOBS) {
      for (const { id } of await journalIn(tab, job)) this.seen.get(job)?.add(id);
    }
  }

  private readonly acts: Readonly<Record<string, () => Promise<void>>> = {
    answer: async () => {
      const tab = this.tab;
      for (let n = 0; n < 3; n++) {
        await tab.keyboard.press(this.one(['1', '2', '3', '4']));
        await tab.waitForTimeout(SETTLED_MS);
      }
      await this.note(tab);
    },
    'answer in two tabs at once': async () => {
      const [one, other] = this.tabs as [Page, Page];
      await Promise.all([one.keyboard.press('4'), other.keyboard.press('4')]);
      await one.waitForTimeout(SETTLED_MS);
      await this.note(one);
    },
    undo: async () => {
      const tab = this.tab;
      await tab.keyboard.press('u');
      await tab.waitForTimeout(SETTLED_MS);
      await this.note(tab);
    },
    'another job': async () => void (await this.toJob(this.tab)),
    reload: async () => void (await this.tab.reload()),
    kill: async () => {
      // In the middle of a write, wherever in it.
      void this.tab.keyboard.press('4').catch(() => undefined);
      await new Promise((resolve) => setTimeout(resolve, this.even() * 40));
      killBrowser(this.profile);
      await this.open();
      await this.everyTab();
    },
    'storage full': async () => {
      const tab = this.tab;
      await fillStorage(tab);
      await tab.keyboard.press('4');
      await tab.waitForTimeout(SETTLED_MS);
      await freeStorage(tab);
      await this.note(tab);
    },
    'the clock jumps': async () => {
      const tab = this.tab;
      const days = Math.round((this.even() - 0.5) * 4000);
      await tab.evaluate((ms) => {
        const real = Date.now;
        Date.now = () => real.call(Date) + ms;
      }, days * 86_400_000);
      await tab.keyboard.press('4');
      await tab.waitForTimeout(SETTLED_MS);
      await this.note(tab);
    },
    'an older file comes in': async () => {
      const tab = this.tab;
      await tab.goto('/import');
      await pick(tab, 'Choose a file', FILE);
      const take = tab.getByRole('button', { name: 'Import', exact: true });
      await expect(take).toBeVisible();
      if (await take.isEnabled()) {
        await take.click();
        await expect(tab).toHaveURL(/\/$/);
      }
      await this.toJob(tab);
    },
    'an odd record turns up': async () => {
      const kind = this.one(['job', 'sheet', 'study', 'brief', 'draft', 'made', 'photo', 'seal']);
      const id = this.one([
        'odd',
        `odd-${this.odd++}`,
        kind === 'brief' ? this.one(JOBS) : 'odd-x',
      ]);
      const tab = this.tab;
      await putTexts(tab, { [`${kind}/${id}`]: this.one(ODD) });
      await tab.goto('/');
      await expect(tab.locator(`a[href^="/job/${JOBS[0]}"]`)).toBeVisible();
      await this.toJob(tab);
    },
  };

  async act(): Promise<void> {
    const name = this.one(Object.keys(this.acts));
    this.done.set(name, (this.done.get(name) ?? 0) + 1);
    await this.acts[name]?.();
  }

  /** Everything that was seen is there, every record opens, and a backup brings it all to an empty browser. */
  async check(): Promise<void> {
    const [tab] = this.tabs as [Page];
    for (const job of JOBS) {
      const there = new Set((await journalIn(tab, job)).map(({ id }) => id));
      expect([...(this.seen.get(job) ?? [])].filter((id) => !there.has(id))).toEqual([]);
      await this.opens(tab, job);
    }
    await tab.goto('/shop');
    const file = path.join(this.profile, 'backup.zip');
    await saved(tab, 'Save a backup', file);
    const records = await kept(tab);
    await this.restores(file, records);
  }

  private async opens(tab: Page, job: string): Promise<void> {
    await tab.goto(`/job/${job}/measure`);
    await expect(ready(tab)).toBeVisible();
    await expect(tab.getByText(/cannot be shown/)).toHaveCount(0);
  }

  private async restores(file: string, records: object): Promise<void> {
    const browser = await chromium.launch(BROWSER);
    try {
      const page = await (await browser.newContext({ ...PHONE, baseURL: this.origin })).newPage();
      await page.goto('/import');
      await pick(page, 'Choose a file', {
        name: 'backup.zip',
        mimeType: 'application/zip',
        buffer: await readFile(file),
      });
      await page.getByRole('button', { name: 'Import', exact: true }).click();
      await expect(page.locator(`a[href^="/job/${JOBS[0]}"]`)).toBeVisible();
      expect(await kept(page)).toEqual(records);
    } finally {
      await browser.close();
    }
  }

  async close(): Promise<void> {
    await this.context.close().catch(() => undefined);
    killBrowser(this.profile);
  }
}

/** Returns every job of the demo that lies in a browser, part by part, but for what says when it was written. */
async function kept(page: Page): Promise<Record<string, unknown>> {
  const texts: Record<string, string> = {};
  for (const job of JOBS) {
    for (const prefix of [`job/${job}`, `copy/${job}`, `entries/${job}/`]) {
      Object.assign(texts, await textsUnder(page, prefix));
    }
  }
  return Object.fromEntries(Object.entries(texts).map(([key, text]) => [key, JSON.parse(text)]));
}

/**
 * Acts for a while, then checks.
 *
 * @returns what was done, and how many entries had to be there
 */
export async function soak(seed: string, minutes: number, origin: string): Promise<string> {
  const profile = await mkdtemp(path.join(tmpdir(), 'bench-soak-'));
  const bench = new Soak(seed, profile, origin);
  const until = Date.now() + minutes * 60_000;
  try {
    await bench.begin();
    while (Date.now() < until) await bench.act();
    await bench.check();
  } finally {
    await bench.close();
    await rm(profile, { recursive: true, force: true, maxRetries: 5 });
  }
  const acts = [...bench.done].map(([name, count]) => `${name} ${count}`).join(', ');
  const entries = [...bench.seen.values()].reduce((sum, ids) => sum + ids.size, 0);
  return `${entries} entries there; done: ${acts}`;
}
