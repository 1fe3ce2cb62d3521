// Writes the limits of the API document as attributes of fields: docs/openapi.json becomes src/lib/api/limits.ts.
import { readFileSync, writeFileSync } from 'node:fs';

const ATTRIBUTES = { minimum: 'min', maximum: 'max', maxLength: 'maxlength' };

const { schemas } = JSON.parse(readFileSync('../docs/openapi.json', 'utf8')).components;
const limits = {};
for (const [schema, { properties = {} }] of Object.entries(schemas)) {
  for (const [field, property] of Object.entries(properties)) {
    const limit = Object.fromEntries(Object.entries(ATTRIBUTES).flatMap(([limit, attribute]) => (property[limit] === undefined ? [] : [[attribute, property[limit]]])));
    if (Object.keys(limit).length > 0) (limits[schema] ??= {})[field] = limit;
  }
}
writeFileSync('src/lib/api/limits.ts', `/** What the program allows in each field, as attributes of the field. */\nexport const limits = ${JSON.stringify(limits, undefined, 2)};\n`);
