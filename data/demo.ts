import { applyImport, planImport } from './transfer';

/** Puts the demo that ships with the app on the bench, as an import of its file. */
export async function openDemo(): Promise<void> {
  const response = await fetch('/demo/highmoor.json');
  if (!response.ok) throw new Error(`the demo file is missing (${response.status})`);
  await applyImport(await planImport(await response.text()));
}
