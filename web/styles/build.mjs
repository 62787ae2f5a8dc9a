// Writes what the pages need besides templates: one style sheet, two fonts with their licences.
import { execFileSync } from 'node:child_process';
import { copyFileSync, mkdirSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const web = dirname(dirname(fileURLToPath(import.meta.url)));
const out = join(web, 'target', 'classes', 'static');
const fonts = ['bricolage-grotesque', 'atkinson-hyperlegible-next'];

mkdirSync(join(out, 'fonts'), { recursive: true });
for (const font of fonts) {
  const from = join(web, 'node_modules', '@fontsource-variable', font);
  copyFileSync(join(from, 'files', `${font}-latin-wght-normal.woff2`), join(out, 'fonts', `${font}.woff2`));
  copyFileSync(join(from, 'LICENSE'), join(out, 'fonts', `${font}.LICENSE.txt`));
}

execFileSync(
  join(web, 'node_modules', '.bin', 'tailwindcss'),
  ['--input', join(web, 'styles', 'app.css'), '--output', join(out, 'app.css'), '--minify'],
  { stdio: ['ignore', 'ignore', 'inherit'] },
);
