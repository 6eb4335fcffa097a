import { record } from '../journal/commands';
import type { Job } from '../records/job';
import { itemAt, T6 } from '../testing/assembly';
import { exchanged, found } from '../testing/findings';

it('asks for another body where Look gave the one up, until it was exchanged', () => {
  const finding = found('wall', { defect: 'scored', decided: 'replace' });
  const given = record(T6, finding);
  const need = (job: Job) => itemAt(job, 'bushing').needs.find(({ id }) => id === 'part-body');
  expect(need(given)).toMatchObject({ met: false, words: 'Body, given up, is replaced' });
  expect(need(exchanged(given, 'body'))).toBeUndefined();
});
