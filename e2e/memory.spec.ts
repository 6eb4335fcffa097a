import { readFile } from 'node:fs/promises';
import { faults } from './axe';
import { expect, openDemo, test } from './bench';

test('everything is searched, a search stays on the bench, and what was found is a table', async ({
  page,
}) => {
  await openDemo(page);
  const field = page.getByRole('searchbox', { name: 'Find a job' });
  await field.fill('third time');
  const rows = page.getByRole('list', { name: 'Jobs' }).getByRole('listitem');
  await expect(page.getByText('One job says that.')).toBeVisible();
  await expect(rows).toHaveCount(1);
  await expect(rows.first()).toContainText('HM-0409');
  await expect(rows.first()).toContainText('third time on this unit');
  const made = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  const table = await readFile(await (await made).path(), 'utf8');
  expect(table).toMatch(/^tag,customer,machine,.*\r?\nHM-0409,/);
  await page.getByRole('button', { name: 'Keep this search' }).click();
  await expect(page.getByRole('button', { name: 'Forget this search' })).toBeVisible();
  expect(await faults(page)).toEqual([]);

  await page.goto('/');
  const kept = page.getByRole('button', { name: 'third time', exact: true });
  await kept.click();
  await expect(rows).toHaveCount(1);
  await page.getByRole('button', { name: 'Stop looking for third time' }).click();
  await expect(rows).not.toHaveCount(1);
  await field.fill('no such word anywhere');
  await expect(page.getByText('No job says that.')).toBeVisible();
});

test('orders of all open jobs are one list: ordered and come for all that wait, in one stroke', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/shop/orders');
  await expect(page.getByRole('heading', { name: /to be ordered/ })).toBeVisible();
  expect(await faults(page)).toEqual([]);
  const seals = page.getByRole('button', { name: /^\d+ × .*seal/i }).first();
  await seals.click();
  await page.getByLabel('Date').fill('never');
  await page.getByRole('button', { name: 'Ordered', exact: true }).click();
  await expect(page.getByText(/^Write the date as/)).toBeVisible();
  await page.getByLabel('Date').fill('2026-11-20');
  await page.getByLabel('Supplier').fill('Arvel Parts');
  await page.getByLabel('Part number').fill('S-204');
  await page.getByRole('button', { name: 'Ordered', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Waited for' })).toBeVisible();
  await page.getByText(/^Arvel Parts · S-204 · /).click();
  await page.getByRole('button', { name: 'Came', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Came' })).toBeVisible();
  const made = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save as CSV' }).click();
  expect(await readFile(await (await made).path(), 'utf8')).toMatch(/Arvel Parts,S-204,.*,came,/);
});

test('backups go into the folder that was chosen, and the last seven stay there', async ({
  page,
}) => {
  // The browser's own store stands in for a folder that a person would choose.
  await page.addInitScript(() => {
    Object.assign(window, { showDirectoryPicker: () => navigator.storage.getDirectory() });
  });
  await openDemo(page);
  await page.goto('/shop');
  await page.evaluate(async () => {
    const folder = await navigator.storage.getDirectory();
    const names = Array.from(
      { length: 8 },
      (_, i) => `dial-bench-backup-2026-01-0${i + 1}-120000.zip`,
    );
    for (const name of [...names, 'taxes.txt']) await folder.getFileHandle(name, { create: true });
  });
  await page.getByRole('button', { name: 'Choose a folder for backups' }).click();
  await expect(page.getByText(/^Backups go into the folder/)).toBeVisible();
  await page.getByRole('button', { name: 'Save a backup' }).click();
  await expect(page.getByText(/the last 7 stay there\.$/).first()).toBeVisible();
  const names = await page.evaluate(async () => {
    const folder = await navigator.storage.getDirectory();
    const all: string[] = [];
    for await (const name of (folder as unknown as { keys(): AsyncIterable<string> }).keys())
      all.push(name);
    return all.sort();
  });
  expect(names).toHaveLength(8);
  expect(names).toContain('taxes.txt');
  expect(names[0]).toBe('dial-bench-backup-2026-01-03-120000.zip');
});
