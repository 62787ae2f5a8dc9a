// Prints one line of coverage for each module, from JaCoCo's tables.
import { existsSync, readFileSync } from 'node:fs';

for (const module of ['core', 'room', 'web']) {
  const table = `${module}/target/site/jacoco/jacoco.csv`;
  if (!existsSync(table)) continue;
  let missed = 0;
  let covered = 0;
  for (const row of readFileSync(table, 'utf8').trim().split('\n').slice(1)) {
    const field = row.split(',');
    missed += Number(field[7]);
    covered += Number(field[8]);
  }
  console.log(`Coverage of ${module}: ${Math.round((100 * covered) / (missed + covered))} % of its lines`);
}
