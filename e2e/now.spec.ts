import { answer, expect, instruction, test } from './bench';

test('from an empty app to a verdict without a sheet: an edge that is asked about, a place left out, a strike taken back', async ({
  page,
}) => {
  const button = (name: string | RegExp) => page.getByRole('button', { name });
  const verdict = page.getByRole('status', { name: 'Verdict' });
  await page.goto('/');
  const began = Date.now();
  await button(/^Measure now, without/).click();
  await page.getByRole('radio', { name: 'thou and inch' }).click();
  await button('Start measuring').click();
  await expect(page.getByRole('alert')).toContainText('Enter at least one limit');
  await page.getByLabel('Max, limit 1').fill('3.5x');
  await button('Start measuring').click();
  await expect(page.getByRole('alert')).toContainText('“3.5x” is not a number');
  await page.getByLabel('Max, limit 1').fill('3.5');
  await button('Start measuring').click();
  await page.getByRole('radio', { name: 'As it came' }).click();
  await button(/^Clean and dry/).click();
  await expect(instruction(page)).toContainText('drive gear at 12. Try 2.5');
  await expect(
    page.getByText(/Aim 2.6\d thou: 0.8\d of the 3.5 is kept for cover wear/),
  ).toBeVisible();
  console.log(`Empty app to the first leaf: ${((Date.now() - began) / 1000).toFixed(1)} s`);

  // A place that cannot be reached is left out, and Undo brings it back.
  await button('Skip this place').click();
  await button('Cannot get at it').click();
  await expect(instruction(page)).toContainText('drive gear at 6');
  await button('Undo').click();
  await expect(instruction(page)).toContainText('drive gear at 12. Try 2.5');

  // A leaf that would put it out part way is asked about once; its tip alone is no gap.
  for (let n = 0; n < 8; n++) {
    const before = (await instruction(page).textContent()) ?? '';
    const over = Number(/Try ([\d.]+)/.exec(before)?.[1]) > 3.5;
    await answer(page, over ? 'Part way' : 'Free').click();
    if (over) break;
    await expect(instruction(page)).not.toHaveText(before);
  }
  await expect(page.getByText(/Is it well in, or only the tip/)).toBeVisible();
  await button('Only the tip').click();
  await expect(page.getByText(/Is it well in, or only the tip/)).toHaveCount(0);
  await expect(verdict).toHaveCount(0);

  // Well in it is out, loud, while the next instruction is there already. Hit at once, Undo would ask.
  await page.waitForTimeout(1200);
  await button('Undo').click();
  await answer(page, 'Part way').click();
  await button('Well in').click();
  await expect(verdict).toContainText('Out: End clearance, drive gear');
  await expect(verdict).toContainText('limit 3.5 thou');
  await expect(instruction(page)).not.toHaveText('');

  // A reading struck by mistake counts again.
  await page.getByRole('button', { name: /all checks$/ }).click();
  await page.getByRole('button', { name: /^End clearance, drive gear: Out/ }).click();
  await button('Evidence').click();
  await button(/^Strike out /)
    .first()
    .click();
  await button('Mistyped').click();
  await button(/^Restore 4 thou part way/).click();
  await expect(page.getByText(/^Out\./).first()).toBeVisible();

  // It is a job, and its limits become a sheet.
  await page.getByRole('link', { name: 'Tag' }).click();
  await button('Save its limits as a sheet').click();
  await expect(button('Save its limits as a sheet')).toHaveCount(0);
  await page.goto('/sheets');
  await expect(page.getByRole('link', { name: /Crescent internal gear, / })).toBeVisible();
});
