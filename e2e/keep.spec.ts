import {
  answer,
  expect,
  feel,
  fillStorage,
  freeStorage,
  instruction,
  newJob,
  openDemo,
  pick,
  test,
} from './bench';

test('undo strikes the last reading and keeps it; another tab sees it at once', async ({
  page,
  context,
}) => {
  await openDemo(page);
  await newJob(page, 'T-201');
  const first = await instruction(page).textContent();
  await page.keyboard.press('4');
  await expect(instruction(page)).not.toHaveText(first ?? '');

  const other = await context.newPage();
  await other.goto(page.url());
  await expect(instruction(other)).toHaveText((await instruction(page).textContent()) ?? '');

  await page.keyboard.press('u');
  await expect(instruction(page)).toHaveText(first ?? '');
  await expect(instruction(other)).toHaveText(first ?? '');
  await page.getByRole('button', { name: 'Evidence' }).click();
  await expect(page.getByText(/Struck out .* by Runa T\.: undone/)).toBeVisible();
});

test('two tabs do not overwrite each other', async ({ page, context }) => {
  await openDemo(page);
  await newJob(page, 'T-202');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(instruction(other)).toBeVisible();
  await Promise.all([answer(page, 'Won’t go').click(), answer(other, 'Won’t go').click()]);
  await page.getByRole('button', { name: 'Evidence' }).click();
  await expect(page.getByRole('button', { name: /^Strike out/ })).toHaveCount(2);
});

test('a job comes back where it was left', async ({ page }) => {
  await openDemo(page);
  await newJob(page, 'T-203');
  await page.getByRole('button', { name: /all checks/ }).click();
  await page.getByRole('button', { name: /^Cover wear/ }).click();
  await expect(instruction(page)).toContainText('Straightedge across the cover');
  await page.goto('/');
  await page.getByRole('link', { name: /T-203/ }).click();
  await expect(instruction(page)).toContainText('Straightedge across the cover');
});

test('a damaged record is said, and the rest still opens', async ({ page, heard }) => {
  await openDemo(page);
  await page.evaluate(
    () =>
      new Promise<void>((resolve, reject) => {
        const open = indexedDB.open('dial-bench');
        open.onerror = () => reject(open.error);
        open.onsuccess = () => {
          const tx = open.result.transaction('entries', 'readwrite');
          tx.objectStore('entries').put('{"schema":1,', 'job/demo-job-hm-0412');
          tx.oncomplete = () => resolve();
        };
      }),
  );
  await page.goto('/job/demo-job-hm-0412/measure');
  await expect(page.getByRole('alert')).toContainText('Could not read');
  await expect(page.getByRole('button', { name: 'Save the damaged data' })).toBeVisible();
  await page.goto('/job/demo-job-hm-0417/measure');
  await expect(instruction(page)).toBeVisible();
  expect(heard.problems).toEqual([]);
});

test('settings of a newer version are said, left as they are, and the rest works', async ({
  page,
}) => {
  await openDemo(page);
  await page.evaluate(async () => {
    const open = indexedDB.open('dial-bench');
    const db = await new Promise<IDBDatabase>((resolve) => {
      open.onsuccess = () => resolve(open.result);
    });
    const put = db.transaction('entries', 'readwrite').objectStore('entries');
    put.put('{"schema":99,"id":"shop"}', 'shop/shop');
    await new Promise((resolve) => {
      put.transaction.oncomplete = resolve;
    });
    db.close();
  });
  await page.goto('/');
  await expect(page.getByText(/settings and instruments cannot be read/)).toBeVisible();
  await newJob(page, 'T-92');
  await feel(page, 0.044);
  await page.goto('/shop');
  await page.getByRole('radio', { name: 'Dark' }).click();
  await expect(page.getByText(/settings and instruments cannot be read/)).toBeVisible();
  await expect(page.getByText(/newer Dial Bench/).first()).toBeVisible();
  // A backup puts them right, without the app being opened anew.
  await page.getByRole('button', { name: 'Import' }).click();
  await pick(page, 'Choose a file', 'fixtures/v1/backup.json');
  // The demo of then had its fields otherwise, and nothing says which of the two is newer.
  await page.getByRole('button', { name: 'Keep all as here' }).click();
  await page.getByRole('button', { name: 'Import', exact: true }).last().click();
  await expect(page.getByRole('link', { name: /HM-0417/ })).toBeVisible();
  await expect(page.getByText(/settings and instruments cannot be read/)).toHaveCount(0);
});

test('the app works with no server once it was there', async ({ page, context }) => {
  await openDemo(page);
  await page.evaluate(async () => {
    const ready = await navigator.serviceWorker.ready;
    if (ready.active?.state !== 'activated') {
      await new Promise((resolve) => ready.active?.addEventListener('statechange', resolve));
    }
  });
  await context.setOffline(true);
  await page.goto('/job/demo-job-hm-0417/measure');
  await expect(instruction(page)).toBeVisible();
});

test('storage that is full says so, keeps what is there and loses no instruction', async ({
  page,
}) => {
  await openDemo(page);
  await newJob(page, 'T-204');
  const first = await instruction(page).textContent();
  await answer(page, 'Won’t go').click();
  await expect(instruction(page)).not.toHaveText(first ?? '');
  const here = await instruction(page).textContent();
  await fillStorage(page);
  await answer(page, 'Free').click();
  await expect(page.getByRole('alert')).toContainText('storage is full');
  await expect(instruction(page)).toHaveText(here ?? '');
  await freeStorage(page);
  await answer(page, 'Free').click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(instruction(page)).not.toHaveText(here ?? '');
  await page.getByRole('button', { name: 'Evidence' }).click();
  await expect(page.getByRole('button', { name: /^Strike out/ })).toHaveCount(2);
});

test('a write that is broken off at any step leaves all as it was', async ({ page, heard }) => {
  await openDemo(page);
  await newJob(page, 'T-91');
  await feel(page, 0.044);
  const before = await instruction(page).textContent();
  const keysAndTexts = () =>
    page.evaluate(async () => {
      const open = indexedDB.open('dial-bench');
      const db = await new Promise<IDBDatabase>((resolve) => {
        open.onsuccess = () => resolve(open.result);
      });
      const store = db.transaction('entries').objectStore('entries');
      const [keys, texts] = [store.getAllKeys(), store.getAll()];
      return new Promise<string>((resolve) => {
        texts.onsuccess = () => {
          db.close();
          resolve(JSON.stringify([keys.result, texts.result]));
        };
      });
    });
  // What the list shows of it is written once the hand rests.
  await page.waitForTimeout(1500);
  const there = await keysAndTexts();
  for (let step = 1; step <= 3; step++) {
    await page.evaluate((at) => {
      const put =
        (IDBObjectStore.prototype as { kept?: typeof IDBObjectStore.prototype.put }).kept ??
        IDBObjectStore.prototype.put;
      Object.assign(IDBObjectStore.prototype, { kept: put });
      let puts = 0;
      IDBObjectStore.prototype.put = function (
        this: IDBObjectStore,
        ...args: Parameters<typeof put>
      ) {
        const request = put.apply(this, args);
        if ((puts += 1) === at) this.transaction.abort();
        return request;
      };
    }, step);
    await answer(page, 'Free').click();
    await expect(page.getByRole('alert')).toContainText('storage is full');
    await expect(instruction(page)).toHaveText(before ?? '');
    expect(await keysAndTexts()).toBe(there);
  }
  // Whatever the browser said of the writes that it was made to break off is no fault of the app.
  heard.problems.length = 0;
  await page.reload();
  await expect(instruction(page)).toHaveText(before ?? '');
  await feel(page, 0.044);
});

test('a size that could not be stored stays in its field', async ({ page }) => {
  await openDemo(page);
  await newJob(page, 'T-205');
  await page.getByRole('button', { name: 'Sizes' }).click();
  const field = page.getByRole('textbox', { name: 'Pocket depth, at 12' });
  await field.fill('20.051');
  await fillStorage(page);
  await field.press('Enter');
  await expect(page.getByRole('alert')).toContainText('storage is full');
  await expect(field).toHaveValue('20.051');
  await freeStorage(page);
  await field.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Pocket depth, at 3' })).toHaveValue('');
});

test('a finding that could not be stored stays in its form', async ({ page }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0421/look');
  await page.getByRole('button', { name: 'Defect' }).click();
  await page.getByRole('button', { name: /^Porous/ }).click();
  await page.getByRole('radio', { name: 'Nail passes' }).click();
  await page.getByRole('textbox', { name: 'Remark' }).fill('by the lower bolt');
  await fillStorage(page);
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText('storage is full');
  await expect(page.getByRole('textbox', { name: 'Remark' })).toHaveValue('by the lower bolt');
  await freeStorage(page);
  await page.getByRole('button', { name: 'Record', exact: true }).click();
  await expect(page.getByText('1 of 18 inspected', { exact: false })).toBeVisible();
});

test('two tabs that look at one pump both count', async ({ page, context }) => {
  await openDemo(page);
  await page.goto('/job/demo-job-hm-0421/look');
  const other = await context.newPage();
  await other.goto(page.url());
  await other.getByRole('button', { name: /: all surfaces/ }).click();
  await other.getByRole('button', { name: /^Bushing/ }).click();
  await Promise.all([
    page.getByRole('button', { name: 'Sound', exact: true }).click(),
    other.getByRole('button', { name: 'Sound', exact: true }).click(),
  ]);
  await expect(page.getByText('2 of 18 inspected', { exact: false })).toBeVisible();
  await expect(other.getByText('2 of 18 inspected', { exact: false })).toBeVisible();
});

test('jobs are found again by a few letters', async ({ page }) => {
  await openDemo(page);
  await page
    .getByRole('textbox', { name: 'Find a job' })
    .or(page.getByPlaceholder('Scan or type: tag, customer, machine, pump'))
    .first()
    .fill('tug 5 air');
  await expect(page.getByRole('listitem')).toHaveCount(1);
  await page.getByPlaceholder('Scan or type: tag, customer, machine, pump').fill('zzz');
  await expect(page.getByText('No job matches “zzz”. Check the spelling.')).toBeVisible();
});
