// Compiles the message catalogues (ICU message format) into one typed module each: messages/<language>/<area>.json becomes src/lib/messages/<area>.js and .d.ts. What messages/<language>-leader has of it is said instead where the parts are called leader and follower.
import MessageFormat from '@messageformat/core';
import compileModule from '@messageformat/core/compile-module.js';
import { parse } from '@messageformat/parser';
import { existsSync, mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';

const LANGUAGE = 'en';
const SOURCE = `messages/${LANGUAGE}`;
const TARGET = 'src/lib/messages';
const TYPES = { plural: 'number', selectordinal: 'number', select: 'string', argument: 'string | number', function: 'number' };

/** The arguments of a message with their types; an argument that is counted anywhere is a number. */
function argumentsOf(tokens, found = {}) {
  for (const token of tokens) {
    if (token.arg && found[token.arg] !== 'number') found[token.arg] = TYPES[token.type];
    for (const option of token.cases ?? []) argumentsOf(option.tokens, found);
  }
  return found;
}

function signature([key, text]) {
  const parameters = Object.entries(argumentsOf(parse(text)));
  return `  ${key}(${parameters.length === 0 ? '' : `values: { ${parameters.map(([name, type]) => `${name}: ${type}`).join('; ')} }`}): string;`;
}

/** Of the two the one that is said in this browser. */
const chosen = (area) => `import messages from './${area}.man.js';
import leader from './${area}.leader.js';
import { speech } from '$lib/ui/speech';

const said = (key) => (values) => (speech.titles === 'leader-follower' ? leader : messages)[key](values);
export default { ...messages, ...Object.fromEntries(Object.keys(leader).map((key) => [key, said(key)])) };
`;

function compile(file, messages) {
  writeFileSync(`${TARGET}/${file}.js`, compileModule(new MessageFormat(`${LANGUAGE}-GB`), messages));
}

rmSync(TARGET, { recursive: true, force: true });
mkdirSync(TARGET, { recursive: true });
for (const file of readdirSync(SOURCE)) {
  const area = file.replace('.json', '');
  const messages = JSON.parse(readFileSync(`${SOURCE}/${file}`, 'utf8'));
  const variant = `${SOURCE}-leader/${file}`;
  if (existsSync(variant)) {
    compile(`${area}.man`, messages);
    compile(`${area}.leader`, JSON.parse(readFileSync(variant, 'utf8')));
    writeFileSync(`${TARGET}/${area}.js`, chosen(area));
  } else {
    compile(area, messages);
  }
  writeFileSync(`${TARGET}/${area}.d.ts`, `declare const messages: {\n${Object.entries(messages).map(signature).join('\n')}\n};\nexport default messages;\n`);
}
