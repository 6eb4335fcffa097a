import { useCommand } from './useCommand';
import { takeSheet } from '@/core/commands/job';
import { Button } from '@/ui/Button';
import { strayReference, type Job } from '@/core/records/job';
import { sheetChanges } from '@/core/records/changes';
import { useRecord, useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { paragraph, say } from '@/core/wording/say';

/** Said where the sheet was changed since the job took its copy; the job may take it as it is now. */
export function SheetChanged({ job }: { readonly job: Job }) {
  const { unit } = useShop();
  const { data: now } = useRecord('sheet', job.sheet.id);
  const { run, error } = useCommand(job);
  if (!now || now.revision === job.sheet.revision) return null;
  const changes = sheetChanges(job.sheet, now, unit);
  if (changes.length === 0) return null;
  const tier = now.tiers.some((t) => t.id === job.tier) ? job.tier : (now.tiers[0]?.id ?? '');
  const renewed: Job = { ...job, sheet: now, tier };
  // Readings of places that the new sheet does not know would be lost: then it cannot be taken.
  const fits = strayReference(renewed) === null;
  return (
    <Notice
      kind="caution"
      actions={
        fits ? (
          <Button mode="outlined" onPress={() => void run(takeSheet(now, tier))}>
            Use the new sheet
          </Button>
        ) : null
      }
    >
      {paragraph(
        say(fits ? 'job.sheetChangedFits' : 'job.sheetChangedKeeps', {
          changes: changes.join('; '),
        }),
        error ?? '',
      )}
    </Notice>
  );
}
