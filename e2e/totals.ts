import type { FullResult, Reporter, TestCase, TestResult } from '@playwright/test/reporter';

/** Ends the run with one plain line of totals, after one for each test that failed or needed a second try. */
export default class Totals implements Reporter {
  private readonly outcome = new Map<string, 'passed' | 'failed' | 'skipped'>();
  private readonly names = new Map<string, string>();
  private readonly again: string[] = [];

  onTestEnd(test: TestCase, result: TestResult): void {
    const { status, retry } = result;
    this.names.set(test.id, test.titlePath().filter(Boolean).join(' › '));
    if (retry > 0 && status === 'passed') this.again.push(test.id);
    this.outcome.set(test.id, status === 'passed' || status === 'skipped' ? status : 'failed');
  }

  onEnd(result: FullResult): void {
    const count = (wanted: string) => [...this.outcome.values()].filter((o) => o === wanted).length;
    const failed = Math.max(count('failed'), result.status === 'passed' ? 0 : 1);
    const again = this.again.length > 0 ? `, ${this.again.length} only on a second try` : '';
    for (const [id, outcome] of this.outcome) {
      if (outcome === 'failed') console.log(`e2e failed: ${this.names.get(id)}`);
    }
    for (const id of this.again) console.log(`e2e on a second try: ${this.names.get(id)}`);
    console.log(
      `e2e: ${count('passed')} passed, ${failed} failed, ${count('skipped')} skipped${again}`,
    );
  }
}
