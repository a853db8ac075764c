import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { gzipSync } from 'node:zlib';

const dist = path.resolve(import.meta.dirname, '../apps/web/dist');
const LIMIT = 250;

const kilobytes = (files) =>
  [...files].reduce((sum, file) => sum + gzipSync(readFileSync(path.join(dist, file))).length, 0) / 1000;

/** Script that an entry needs before it runs: itself and what it imports statically, from the build's manifest. */
function closure(manifest, entries) {
  const files = new Set();
  const visit = (key) => {
    const chunk = manifest[key];
    if (!chunk || files.has(chunk.file)) return;
    files.add(chunk.file);
    for (const next of chunk.imports ?? []) visit(next);
  };
  for (const entry of entries) visit(entry);
  return [...files].filter((file) => file.endsWith('.js'));
}

/** Script of the first load, gzip, against its limit of 250 kB, without what is fetched once there is time for it. */
export function firstLoadRows() {
  const manifest = JSON.parse(readFileSync(path.join(dist, '.vite/manifest.json'), 'utf8'));
  const jobs = closure(manifest, ['index.html', 'src/jobs/JobsPage.tsx']);
  const stage = (name) => closure(manifest, ['index.html', 'src/job/JobPage.tsx', `src/stages/${name}.tsx`]);
  // A job opens at the one or the other.
  const [brief, survey] = [stage('brief/BriefStage'), stage('survey/SurveyStage')];
  const worker = readdirSync(path.join(dist, 'assets')).filter((file) => /worker.*\.js$/.test(file));
  const row = (name, size) => ({
    row: name,
    value: `${size.toFixed(0)} kB gzip`,
    ratio: size / LIMIT,
    of: `of ${LIMIT} kB`,
  });
  return [
    row('first load: the list of jobs', kilobytes(jobs)),
    row('first load: straight into a job, at Brief', kilobytes(brief)),
    row('the same at Survey', kilobytes(survey)),
    row('the same at Design, the largest stage', kilobytes(stage('design/DesignStage'))),
    row(
      "at Survey with the evaluation's worker",
      kilobytes([...survey, ...worker.map((file) => `assets/${file}`)]),
    ),
  ];
}
