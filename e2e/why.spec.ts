import { expect, openDemo, test } from './bench';

test('why it failed: from the complaint to what must change too, and back', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0409/tag');
  const complaints = page.getByRole('button', { name: /^What it complains of/ });
  await complaints.click();
  const tap = (name: string) => page.getByRole('button', { name, exact: true });
  await expect(tap('Seal pushed out')).toHaveAttribute('aria-pressed', 'true');
  await tap('Burnt by heat').click();
  await expect(complaints).toContainText('Seal pushed out and burnt by heat');

  // Look leads to it once all was looked at; it is kept over a reload.
  await page.goto('/job/demo-job-hm-0409/look');
  await page.getByRole('link', { name: /^Why did it fail/ }).click();
  const answer = page.getByRole('heading', { level: 2 }).first();
  await expect(answer).toHaveText('Likeliest: the bushing ran tight: it galled or spun.');
  await page.reload();
  await expect(complaints).toContainText('burnt by heat');
  await expect(page.getByText('A blown seal is asked in this order')).toBeVisible();

  // What is asked counts, and may be taken back.
  const sudden = page.getByRole('radiogroup', { name: 'Did it fail all at once?' });
  await sudden.getByRole('radio', { name: 'Yes' }).click();
  await expect(page.getByText('For it: It failed all at once.')).toBeVisible();
  await page.getByRole('button', { name: /^Answered/ }).click();
  await sudden.getByRole('radio', { name: 'Not asked' }).click();
  await expect(page.getByText('For it: It failed all at once.')).toBeHidden();

  await page.getByRole('button', { name: 'The check proves it' }).click();
  await expect(answer).toHaveText('Proven: the bushing ran tight: it galled or spun.');
  await page.getByLabel('In your own words').fill('Third bushing: the hub is out of round');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByText(/says: Third bushing/)).toBeVisible();

  // What must change too is said where it is decided, and is done at the build.
  await page.getByRole('button', { name: 'Go to Decide' }).click();
  const line = page.getByRole('link', { name: /^Why it failed/ });
  await expect(line).toContainText('The bushing ran tight: it galled or spun');
  await expect(page.getByText('Measure and polish the hub.')).toBeVisible();
  await page.goto('/job/demo-job-hm-0409/build');
  await expect(page.getByText('Measure and polish the hub.').first()).toBeAttached();

  await page.goto('/job/demo-job-hm-0409/why');
  await page.getByRole('button', { name: 'Take it back' }).first().click();
  await expect(answer).toHaveText('Likeliest: the bushing ran tight: it galled or spun.');
  await page.goto('/job/demo-job-hm-0409/build');
  await expect(page.getByText(/^Step 1 of/)).toBeVisible();
  await expect(page.getByText('Measure and polish the hub.')).toHaveCount(0);
});

test('a pump of which nobody said anything says so, and every other cause can be opened', async ({
  page,
}) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0398/why');
  await expect(page.getByText(/^Nothing points to a cause yet/)).toBeVisible();
  await page.getByRole('button', { name: /^Other causes/ }).click();
  await page.getByRole('button', { name: /^It was pulled down aslant/ }).click();
  await page.getByRole('button', { name: 'Rules it out' }).click();
  await expect(page.getByText('the check ruled it out.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^It was pulled down aslant/ })).toContainText(
    'ruled out by its check',
  );
});
