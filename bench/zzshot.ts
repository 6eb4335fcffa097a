import { withPage } from '../e2e/serve';
import { openDemo } from '../e2e/bench';
async function main() {
  await withPage({ viewport: { width: 390, height: 844 } }, async (page) => {
    await openDemo(page);
    for (const [n, url] of process.argv.slice(2).map((u) => u.split('=') as [string, string])) {
      await page.goto(url);
      await page.waitForTimeout(6000);
      await page.screenshot({ path: `/tmp/shot-${n}.png`, fullPage: false });
      const h = await page.evaluate(() => {
        const s = [...document.querySelectorAll('div')].filter(
          (d) =>
            d.scrollHeight > d.clientHeight + 40 && getComputedStyle(d).overflowY !== 'visible',
        );
        return s.map((d) => d.scrollHeight);
      });
      console.log(n, h);
    }
  });
}
void main();
