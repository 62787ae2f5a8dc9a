// Writes what pages and prints need besides templates: one style sheet, the fonts and what drags, with their licences.
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

// Dragging a step of a plan.
mkdirSync(join(out, 'sortable'), { recursive: true });
for (const file of ['Sortable.min.js', 'LICENSE']) {
  copyFileSync(join(web, 'node_modules', 'sortablejs', file), join(out, 'sortable', file));
}

// Prints embed plain TrueType.
const printFonts = join(web, 'target', 'classes', 'print-fonts');
const printed = join(web, 'node_modules', '@expo-google-fonts', 'atkinson-hyperlegible-next');
mkdirSync(printFonts, { recursive: true });
copyFileSync(join(printed, '400Regular', 'AtkinsonHyperlegibleNext_400Regular.ttf'), join(printFonts, 'regular.ttf'));
copyFileSync(join(printed, '700Bold', 'AtkinsonHyperlegibleNext_700Bold.ttf'), join(printFonts, 'bold.ttf'));
copyFileSync(join(printed, 'LICENSE_FONT'), join(printFonts, 'LICENSE.txt'));

execFileSync(
  join(web, 'node_modules', '.bin', 'tailwindcss'),
  ['--input', join(web, 'styles', 'app.css'), '--output', join(out, 'app.css'), '--minify'],
  { stdio: ['ignore', 'ignore', 'inherit'] },
);
