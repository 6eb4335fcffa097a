import type { Page } from '@playwright/test';
import { readFile, writeFile } from 'node:fs/promises';
import { expect, fillStorage, freeStorage, openDemo, pick, saved, test } from './bench';
import { png, turned } from './picture';

const TAG = '/job/demo-job-hm-0421/tag';

/** Gives the page a picture, as a person who chooses a file. */
const add = (page: Page, name: string, buffer: Buffer, mimeType = 'image/png') =>
  pick(page, 'From a file', { name, mimeType, buffer });

const thumbs = (page: Page) => page.getByRole('button', { name: /^Photo \d/ });

/** Size of a photo as it is kept, and whether its upper half is the dark one. */
const kept = (page: Page, n: number) =>
  thumbs(page)
    .nth(n)
    .locator('img')
    .evaluate(async (img: HTMLImageElement) => {
      await img.decode();
      const canvas = new OffscreenCanvas(img.naturalWidth, img.naturalHeight);
      const at = canvas.getContext('2d');
      at?.drawImage(img, 0, 0);
      const shade = (y: number) =>
        at?.getImageData(canvas.width / 2, y * canvas.height, 1, 1).data[0] ?? 0;
      return { width: canvas.width, height: canvas.height, top: shade(0.1), bottom: shade(0.9) };
    });

/** A JPEG from the browser itself, 400 by 200, dark on its left half. */
const sideways = async (page: Page): Promise<Buffer> =>
  Buffer.from(
    await page.evaluate(async () => {
      const canvas = new OffscreenCanvas(400, 200);
      const at = canvas.getContext('2d');
      if (!at) return [];
      at.fillStyle = '#ddd';
      at.fillRect(0, 0, 400, 200);
      at.fillStyle = '#222';
      at.fillRect(0, 0, 200, 200);
      const blob = await canvas.convertToBlob({ type: 'image/jpeg' });
      return [...new Uint8Array(await blob.arrayBuffer())];
    }),
  );

/** A JPEG with 1.3 MB of a camera's own words before its picture. */
function wordy(jpeg: Buffer): Buffer {
  const words = Buffer.alloc(65_000, 'x');
  words.writeUInt16BE(0xffed, 0);
  words.writeUInt16BE(words.length - 2, 2);
  return Buffer.concat([jpeg.subarray(0, 2), ...Array(20).fill(words), jpeg.subarray(2)]);
}

test('photos are turned upright, scaled, refused where they cannot be, and travel with the job', async ({
  page,
}, info) => {
  await openDemo(page);
  await page.goto(TAG);
  await add(page, 'large.png', png(4000, 3000));
  await expect(thumbs(page)).toHaveCount(1);
  expect(await kept(page, 0)).toMatchObject({ width: 1600, height: 1200 });

  // Orientation 6: the camera's left edge is up.
  await add(page, 'sideways.jpg', turned(await sideways(page), 6), 'image/jpeg');
  await expect(thumbs(page)).toHaveCount(2);
  const upright = await kept(page, 1);
  expect([upright.width, upright.height]).toEqual([200, 400]);
  expect(upright.top).toBeLessThan(80);
  expect(upright.bottom).toBeGreaterThan(180);

  const alert = page.getByRole('alert');
  await add(page, 'list.png', Buffer.from('brake fluid, rags'));
  await expect(alert).toContainText('“list.png” was not added: the file is not a picture');
  await add(page, 'vast.png', png(10_000, 6_000));
  await expect(alert).toContainText('it has 60 megapixels, and 50 is the most');
  await add(page, 'torn.png', png(600, 400).subarray(0, 80));
  await expect(alert).toContainText('or it is damaged');

  // A camera may write megabytes about itself before the picture.
  await add(page, 'wordy.jpg', wordy(await sideways(page)), 'image/jpeg');
  await expect(thumbs(page)).toHaveCount(3);
  await thumbs(page).last().click();
  await page.getByRole('button', { name: 'Delete this photo' }).click();
  await page.getByRole('button', { name: 'Delete the photo' }).click();
  await expect(thumbs(page)).toHaveCount(2);

  // Of several at once the good ones are taken.
  await pick(page, 'From a file', [
    { name: 'rag.png', mimeType: 'image/png', buffer: Buffer.from('a rag') },
    { name: 'good.png', mimeType: 'image/png', buffer: png(300, 200) },
  ]);
  await expect(thumbs(page)).toHaveCount(3);
  await expect(alert).toContainText('“rag.png” was not added');

  await fillStorage(page);
  await add(page, 'full.png', png(800, 600));
  await expect(alert).toContainText('storage is full');
  await expect(thumbs(page)).toHaveCount(3);
  await freeStorage(page);
  await add(page, 'room.png', png(800, 600));
  await expect(alert).toHaveCount(0);
  await expect(thumbs(page)).toHaveCount(4);

  await page.getByRole('link', { name: 'Report' }).click();
  const file = await saved(page, 'Job file', info.outputPath('job.json'));
  await page.getByRole('link', { name: 'Tag' }).click();
  await page.getByRole('button', { name: 'Delete this job' }).click();
  await page.getByRole('button', { name: 'Delete for good' }).click();
  await expect(page.getByRole('link', { name: /HM-0417/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /HM-0421/ })).toHaveCount(0);

  await page.goto('/import');
  const text = await readFile(file, 'utf8');
  const broken = info.outputPath('broken.json');
  await writeFile(broken, text.replace('data:image/jpeg;base64,', 'data:image/png;base64,'));
  await pick(page, 'Choose a file', broken);
  await expect(alert).toContainText('photos[0].jpeg: Not a JPEG picture');
  await pick(page, 'Choose a file', file);
  await expect(page.getByText('4 photos come with them.')).toBeVisible();
  await page.getByRole('button', { name: 'Import', exact: true }).click();
  await expect(page.getByRole('link', { name: /HM-0421/ })).toBeVisible();
  await page.goto(TAG);
  await expect(thumbs(page)).toHaveCount(4);
  expect(await kept(page, 0)).toMatchObject({ width: 1600, height: 1200 });

  await thumbs(page).first().click();
  await page.getByRole('button', { name: 'Delete this photo' }).click();
  await page.getByRole('button', { name: 'Delete the photo' }).click();
  await expect(thumbs(page)).toHaveCount(3);
});
