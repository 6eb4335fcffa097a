import type { FullResult, Reporter, TestCase, TestResult } from '@playwright/test/reporter';

/** Ends the run with one plain line of totals. */
export default class Totals implements Reporter {
  private readonly outcome = new Map<string, 'passed' | 'failed' | 'skipped'>();
  private again = 0;

  onTestEnd(test: TestCase, result: TestResult): void {
    const { status, retry } = result;
    if (retry > 0 && status === 'passed') this.again += 1;
    this.outcome.set(test.id, status === 'passed' || status === 'skipped' ? status : 'failed');
  }

  onEnd(result: FullResult): void {
    const count = (wanted: string) => [...this.outcome.values()].filter((o) => o === wanted).length;
    const failed = Math.max(count('failed'), result.status === 'passed' ? 0 : 1);
    const again = this.again > 0 ? `, ${this.again} only on a second try` : '';
    console.log(
      `e2e: ${count('passed')} passed, ${failed} failed, ${count('skipped')} skipped${again}`,
    );
  }
}
