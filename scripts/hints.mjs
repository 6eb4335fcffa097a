// Marks the scripts of the first page and of measuring as ones of which nearly every function runs while they load
// (explicit compile hints: a comment at the top of a script). A browser that knows the mark compiles them beside the page
// and not function by function while the page waits; others read a comment.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const SCRIPTS = 'dist/_expo/static/js/web';
const HINT = '//# allFunctionsCalledOnLoad\n';

/** What index.html loads, and the stage that a job is mostly resumed at. */
const EAGER = /^(index|__common|MeasureStage)-[0-9a-f]+\.js$/;

const eager = readdirSync(SCRIPTS).filter((name) => EAGER.test(name));
if (eager.length < 3) throw new Error(`Only ${eager.join(', ')} to be marked: was one renamed?`);
for (const name of eager) {
  const file = path.join(SCRIPTS, name);
  writeFileSync(file, HINT + readFileSync(file, 'utf8'));
}
