import type { Page } from '@playwright/test';
import { faults } from './axe';
import { outOfReach } from './edges';
import { answer, expect, instruction, newJob, openDemo, test } from './bench';

const SCREENS = [
  ['the bench', '/', /HM-0417/],
  ['a new job', '/new', /Limit sheet/],
  ['the tag', '/job/demo-job-hm-0417/tag', /Go to Strip/],
  ['which variant', '/job/demo-job-hm-0421/strip', /Still possible/],
  ['the strip', '/job/demo-job-hm-0405/strip', /Teardown done/],
  ['looking', '/job/demo-job-hm-0421/look', /inspected/],
  ['inspected', '/job/demo-job-hm-0405/look', /Measure these first/],
  ['clean and dry', '/job/demo-job-hm-0421/measure', /bone dry/],
  ['measuring', '/job/demo-job-hm-0417/measure', /Won’t go/],
  ['a gerotor', '/job/demo-job-hm-0420/measure', /outer rotor/],
  ['a tandem', '/job/demo-job-hm-0419/measure', /Outside mic/],
  ['a vane pump, done', '/job/demo-job-hm-0418/measure', /all in\./],
  ['sizes', '/job/demo-job-hm-0417/measure#sizes', /Won’t go/],
  ['deciding', '/job/demo-job-hm-0405/decide', /Start this plan/],
  ['deciding, what if', '/job/demo-job-hm-0409/decide#What if', /As planned/],
  ['deciding, other plans', '/job/demo-job-hm-0405/decide#Other plans', /In every plan/],
  ['deciding, sign off', '/job/demo-job-hm-0409/decide#Sign off', /You decide/],
  ['the flow', '/job/demo-job-hm-0412/flow', /Oil, speeds/],
  ['why it failed', '/job/demo-job-hm-0409/why', /^Likeliest/],
  ['building', '/job/demo-job-hm-0405/build', /Step 1 of/],
  ['proving', '/job/demo-job-hm-0417/prove', /Not tested yet/],
  ['the report', '/job/demo-job-hm-0409/report', /Pump report/],
  ['our own pumps', '/job/demo-job-hm-0417/history?of=face-drive', /Which check/],
  ['our own, by model', '/sheets/demo-sheet-veltrane-t6/history', /As the pumps came in/],
  ['the sheets', '/sheets', /Veltrane/],
  ['a sheet', '/sheets/demo-sheet-veltrane-t6', /Limits: New/],
  ['a sheet’s pump', '/sheets/demo-sheet-oskerry-e2#Pump', /Limits: New/],
  ['a sheet’s sizes', '/sheets/demo-sheet-oskerry-s4#Sizes', /Limits: New/],
  ['a sheet’s work', '/sheets/demo-sheet-veltrane-t6#Work', /Limits: New/],
  ['a sheet’s bolts', '/sheets/demo-sheet-veltrane-t6#Bolts', /Limits: New/],
  ['a sheet’s variants', '/sheets/demo-sheet-veltrane-t6#Variants', /Limits: New/],
  ['a sheet’s bench work', '/sheets/demo-sheet-veltrane-t6#Bench', /Limits: New/],
  ['a new sheet', '/sheets/new', /Create sheet/],
  ['deciding, the shelf', '/job/demo-job-hm-0398/decide#Parts on the shelf', /fit/],
  ['the shelf', '/shelf', /On the shelf/],
  ['a loose part', '/shelf/demo-part-gs-4', /What and where/],
  ['a new part', '/shelf/new', /Of which pump/],
  ['pairing', '/shelf/pair', /can be built/],
  ['the sums', '/sums', /Repair, or buy new/],
  ['a sum', '/sums/seal-drain', /Bushing length/],
  ['a sum of choices', '/sums/rotation-reverse', /Kind of pump/],
  ['the shop', '/shop', /Leaf set/],
  ['instruments', '/shop/instruments', /Leaf sets/],
  ['house rules', '/shop/rules', /Guarded/],
  ['heading of reports', '/shop/heading', /stand over every report/],
  ['operations', '/shop/operations', /A day down/],
  ['orders', '/shop/orders', /to be ordered/],
  ['comebacks', '/shop/comebacks', /gone out yet|went out/],
  ['spares', '/shop/spares', /All plans together/],
  ['studies', '/shop/studies', /A new study/],
  ['import', '/import', /Choose a file/],
] as const;

const plate = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      getComputedStyle(document.querySelector('main, [role=main]')!.parentElement!).backgroundColor,
  );

test('no screen has an accessibility fault, light or dark, nor a control out of reach', async ({
  page,
}) => {
  test.setTimeout(600_000);
  await openDemo(page);
  for (const [name, path, there] of SCREENS) {
    await page.emulateMedia({ colorScheme: 'light' });
    await page.goto(path);
    const [, panel] = path.includes('/decide#') ? path.split('#') : [];
    if (panel) {
      const opens = page.getByRole('button', { name: new RegExp(`^${panel}`) });
      const more = page.getByRole('button', { name: 'More about this pump' });
      await more.waitFor();
      await expect(page.getByText(/new pump/i).first()).toBeVisible({ timeout: 60_000 });
      if ((await opens.count()) === 0) await more.click();
      await opens.click();
    }
    // A plan takes its time on a machine with other work.
    await expect(page.getByText(there).first()).toBeVisible({ timeout: 60_000 });
    if (name === 'sizes') {
      await page.getByRole('button', { name: 'Sizes' }).click();
      await expect(page.getByRole('textbox', { name: /Pocket depth/ })).toBeVisible();
    }
    const section = path.split('#')[1];
    if (section && name !== 'sizes' && !panel)
      await page.getByRole('radio', { name: section }).click();
    expect.soft([name, await faults(page)]).toEqual([name, []]);
    const overflow = await page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(overflow, `${name} scrolls sideways`).toBeLessThanOrEqual(0);
    // Of the dark theme only the colours are others, and they are the same at any width.
    const size = page.viewportSize();
    if (!size || size.width > 900) continue;
    const light = await plate(page);
    await page.emulateMedia({ colorScheme: 'dark' });
    await expect.poll(() => plate(page)).not.toBe(light);
    expect([`${name}, dark`, await faults(page, ['color-contrast'])]).toEqual([
      `${name}, dark`,
      [],
    ]);
    // A small phone, and a phone whose text is twice as large.
    for (const [width, height] of [
      [320, 568],
      [195, 422],
    ] as const) {
      await page.setViewportSize({ width, height });
      await expect.poll(() => outOfReach(page), `${name} at ${width} px`).toEqual([]);
    }
    await page.setViewportSize(size);
  }
});

test('every list shows at least three of its lines, however small the screen', async ({ page }) => {
  await openDemo(page);
  const shown = (): Promise<number> =>
    page.evaluate(() => {
      const rows = [...document.querySelectorAll('[role=listitem]')];
      return rows.filter((row) => {
        const { left, right, top, bottom } = row.getBoundingClientRect();
        const there = document.elementFromPoint((left + right) / 2, (top + bottom) / 2);
        return top >= 0 && bottom <= window.innerHeight && there && row.contains(there);
      }).length;
    });
  for (const [width, height] of [
    [195, 422],
    [320, 568],
    [844, 390],
  ] as const) {
    await page.setViewportSize({ width, height });
    for (const room of ['/', '/sheets', '/shelf']) {
      await page.goto(room);
      await page.getByRole('listitem').first().waitFor();
      // Where the head takes the screen it scrolls away; the search stays.
      if (width < 260) await page.getByRole('listitem').nth(4).scrollIntoViewIfNeeded();
      await expect.poll(shown, `${room} at ${width}x${height}`).toBeGreaterThanOrEqual(3);
      if (room !== '/sheets') await expect(page.getByRole('searchbox')).toBeInViewport();
    }
  }
});

test('every answer is on a key, and every target can be hit with a thumb', async ({ page }) => {
  await openDemo(page);
  await newJob(page, 'T-301');
  const first = await instruction(page).textContent();
  await page.keyboard.press('4');
  await expect(instruction(page)).not.toHaveText(first ?? '');
  for (const button of await page.getByRole('button').all()) {
    const box = await button.boundingBox();
    const name = await button.getAttribute('aria-label');
    if (box && box.width > 0)
      expect(box.height, name ?? '').toBeGreaterThanOrEqual(name?.includes(':') ? 48 : 40);
  }
  for (const name of ['Free', 'Drags', 'Part way', 'Won’t go'] as const) {
    const box = await answer(page, name).boundingBox();
    expect(box?.height).toBeGreaterThanOrEqual(64);
    expect((box?.y ?? 0) + (box?.height ?? 0)).toBeLessThanOrEqual(844);
  }
});

test('a reading is voided with its reason, and the ladder asks again', async ({ page }) => {
  await openDemo(page);
  await newJob(page, 'T-303');
  const first = (await instruction(page).textContent()) ?? '';
  await answer(page, 'Won’t go').click();
  await expect(instruction(page)).not.toHaveText(first);
  const evidence = page.getByRole('button', { name: 'Evidence' });
  if (await evidence.isVisible()) await evidence.click();
  await page.getByRole('button', { name: /^Strike out/ }).click();
  await page.getByRole('button', { name: 'Oil or dirt' }).click();
  await expect(page.getByText(/Struck out .* by Runa T\.: oil or dirt/)).toBeVisible();
  const back = page.getByRole('button', { name: 'Back to Measure' });
  if (await back.isVisible()) await back.click();
  await expect(instruction(page)).toHaveText(first);
});

test('on paper there is the bench tag and nothing else', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0417/tag');
  await page.getByRole('button', { name: /^Bench tag/ }).click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('#root')).toBeHidden();
  const paper = page.locator('#print');
  await expect(paper.getByText('HM-0417')).toBeVisible();
  await expect(paper.getByText('Gritter 7')).toBeVisible();
  await expect(paper.getByText('Rotation unknown')).toBeVisible();
  await expect(paper.getByRole('img', { name: 'QR code of HM-0417' })).toBeVisible();
  await expect(paper.getByText(/due 27 Nov 2026/)).toBeVisible();
  await expect(page.getByRole('button')).toHaveCount(0);
});

test('strip and look beside their lists, and a place touched on the drawing', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0421/strip');
  await page.getByRole('button', { name: 'Not now' }).click();
  await page.getByRole('button', { name: /^Step 4,/ }).click();
  await expect(instruction(page)).toContainText('bevel');
  await page.getByRole('button', { name: 'to the converter' }).click();
  await expect(
    page.getByRole('button', { name: /^Step 4, .*Bevel to the converter/ }),
  ).toBeVisible();
  // A second note takes the place of the first.
  await page.getByRole('button', { name: /^Step 4,/ }).click();
  await page.getByRole('button', { name: 'to the pocket' }).click();
  await expect(page.getByRole('button', { name: /^Step 4, .*Bevel to the pocket/ })).toBeVisible();

  await page.getByRole('link', { name: 'Look' }).click();
  const drawing = page.getByTestId('tap-drawing');
  const box = (await drawing.boundingBox())!;
  await drawing.click({ position: { x: box.width / 2, y: box.height * 0.78 } });
  await expect(page.getByRole('heading', { name: 'Crescent, both flanks' })).toBeVisible();
  await page.getByRole('button', { name: /^Polished/ }).click();
  await expect(page.getByText('Suggested: Pass.')).toBeVisible();
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(page.getByText('1 of 18 inspected', { exact: false })).toBeVisible();
});

test('on paper there is the report and nothing else', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0409/report');
  await expect(page.getByRole('heading', { name: 'Pump report HM-0409' })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('#root')).toBeHidden();
  const paper = page.locator('#print');
  await expect(paper.getByText('Pump report HM-0409')).toBeVisible();
  await expect(paper.getByText('Total end clearance, drive gear', { exact: true })).toBeVisible();
  await expect(paper.getByText(/invented for a demonstration/)).toBeVisible();
  await expect(paper.getByText(/manual, local codes and licensed practice/)).toBeVisible();
  await expect(page.getByRole('button')).toHaveCount(0);
});
