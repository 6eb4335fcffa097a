import { writeFileSync } from 'node:fs';
import { fileJsonSchema } from '../core/records/jsonSchema';

writeFileSync('docs/file-format.schema.json', `${JSON.stringify(fileJsonSchema(), null, 1)}\n`);
