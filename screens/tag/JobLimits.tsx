import { reasonOf } from '@/core/errors';
import { setFields } from '@/core/commands/job';
import { useCommand } from '../job/useCommand';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { familyOf } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { rulesWords } from '@/core/records/rules';
import { Choice } from '@/ui/Choice';
import { Dotted, Explained } from '@/ui/Explained';
import { keepSheet } from '@/data/create';
import { KEYS, useSheets } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { RowButton } from '@/ui/RowButton';
import { RuleChoices } from '@/ui/RuleChoices';
import { Words } from '@/ui/Words';
import { say } from '@/core/wording/say';

const WHICH = 'Set of limits to use';

/** Which limits and which house rules the job is judged by; both can be changed at any time. */
export function JobLimits({ job }: { readonly job: Job }) {
  const { run, error } = useCommand(job);
  const [ruling, setRuling] = useState(false);
  const { sheet } = job;
  const client = useQueryClient();
  const { data: sheets } = useSheets();
  const [failed, setFailed] = useState<string | null>(null);
  const keep = async () => {
    await keepSheet(sheet).catch((e: Error) => setFailed(reasonOf(e)));
    // Whoever asked for it before it was kept was told that it is not there.
    await client.invalidateQueries({ queryKey: KEYS.record('sheet', sheet.id) });
    await client.invalidateQueries({ queryKey: KEYS.sheets });
  };
  const source = sheet.tiers.find((t) => t.id === job.tier)?.source || 'not given';
  return (
    <>
      <Explained text={WHICH}>
        <Words strong>
          <Dotted>{WHICH}</Dotted>
        </Words>
      </Explained>
      <Choice
        label="Limits to use"
        value={job.tier}
        options={sheet.tiers.map((t) => ({ value: t.id, name: t.name }))}
        onChange={(tier) => void run(setFields({ tier }))}
      />
      <Words size="note" tone="muted">
        {say(sheet.invented ? 'bench.sourceInvented' : 'bench.source', { source })}
      </Words>
      {error || failed ? <Notice kind="error">{error ?? failed}</Notice> : null}
      {sheets && !sheets.records.some((s) => s.id === sheet.id) ? (
        <Button mode="outlined" onPress={() => void keep()}>
          Save its limits as a sheet
        </Button>
      ) : null}
      <RowButton
        name="House rules of this job"
        about={rulesWords(job.rules)}
        open={ruling}
        onPress={() => setRuling(!ruling)}
      />
      {ruling ? (
        <RuleChoices rules={job.rules} onChange={(rules) => void run(setFields({ rules }))} />
      ) : null}
      {familyOf(sheet.family)
        .cautions(sheet.geometry)
        .map((caution) => (
          <Notice key={caution} kind="caution">
            {caution}
          </Notice>
        ))}
    </>
  );
}
