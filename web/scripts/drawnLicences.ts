import { readFileSync } from 'node:fs';
import type { Plugin } from 'vite';

const PACKAGE = /node_modules\/((?:@[^/]+\/)?[^/]+)\//;

/** Gathers the licences of the fonts that go into the site and of the icons, which are no modules and so in no other list. */
export function drawnLicences(icons: string): Plugin {
  return {
    name: 'drawn-licences',
    generateBundle(_, bundle) {
      const files = Object.values(bundle).flatMap((file) => (file.type === 'asset' ? file.originalFileNames : []));
      const packages = [...new Set([...files.flatMap((file) => PACKAGE.exec(file)?.[1] ?? []), icons])].sort();
      const texts = packages.map((name) => `${name}\n\n${readFileSync(`node_modules/${name}/LICENSE`, 'utf8')}`);
      this.emitFile({ type: 'asset', fileName: 'licences/drawn.txt', source: texts.join('\n\n') });
    },
  };
}
