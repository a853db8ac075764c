import 'reflect-metadata';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { BuildEntryDto } from './build.ts';
import { CopyJobDto, UpdateJobDto } from './jobs.ts';
import { WeldProcedureDto, WeldSampleDto } from './welding.ts';

const ID = '5b1d0c00-0000-4000-8000-000000000901';
const by = { who: 'Aino', at: '2026-11-27T10:00:00Z' };
const procedure = {
  ...{ id: ID, name: 'TIG 2.4', wall: { mm: 2.4, typed: '2.4 mm' }, positions: ['flat'], process: 'tig' },
  ...{ filler: '1.6 mm', amperes: { least: 60, most: 85 }, gas: '', preheat: '', passes: 1, ...by },
};
const sample = { id: ID, position: 'overhead', sound: true, note: '', ...by };
const entry = {
  ...{ id: ID, branch: 'main', kind: 'done', ticks: ['weld:p:a'], title: 'D1 welded', took: null },
  ...{ readings: [], note: '', photos: [], procedure: null, ...by },
};

/** What is wrong at each field, by its path; of several the one that a page shows first. */
function faults<T extends object>(type: new () => T, body: object): Record<string, string> {
  const options = { whitelist: true, forbidNonWhitelisted: true };
  const found: Record<string, string> = {};
  const walk = (errors: ReturnType<typeof validateSync>, path: string) => {
    for (const { property, constraints, children } of errors) {
      const [first] = Object.values(constraints ?? {});
      if (first !== undefined) found[`${path}/${property}`] = first;
      walk(children ?? [], `${path}/${property}`);
    }
  };
  walk(validateSync(plainToInstance(type, body), options), '');
  return found;
}

test('a procedure, its sample and an entry that names one pass as they are', () => {
  expect(faults(WeldProcedureDto, procedure)).toEqual({});
  expect(faults(WeldProcedureDto, { ...procedure, process: 'oxy-fuel', amperes: null })).toEqual({});
  expect(faults(WeldSampleDto, sample)).toEqual({});
  expect(faults(BuildEntryDto, entry)).toEqual({});
  expect(faults(BuildEntryDto, { ...entry, procedure: ID })).toEqual({});
});

test.each([
  [{ name: ' ' }, '/name', 'give the procedure a name'],
  [{ name: 'x'.repeat(121) }, '/name', 'a name has 120 characters at most'],
  [{ wall: null }, '/wall', 'give the wall of the tube'],
  [{ wall: 2.4 }, '/wall', 'give the wall of the tube as one length'],
  [{ wall: { mm: 0, typed: '0' } }, '/wall', 'the wall of the tube is more than 0 mm'],
  [{ positions: [] }, '/positions', 'say which positions it is for'],
  [{ positions: ['upside down'] }, '/positions', 'a weld lies flat, horizontal, vertical or overhead'],
  [{ process: 'glue' }, '/process', 'choose the process'],
  [{ filler: '' }, '/filler', 'say which rod or wire, and how thick; or none'],
  [{ amperes: 80 }, '/amperes', 'give the amperes, or null for a flame'],
  [{ amperes: { least: 0, most: 85 } }, '/amperes/least', 'at least one ampere'],
  [{ amperes: { least: 60, most: 1001 } }, '/amperes/most', 'at most 1000 amperes'],
  [{ passes: 1.5 }, '/passes', 'how many passes, a whole number'],
  [{ passes: 0 }, '/passes', 'a seam has one pass at least'],
  [{ passes: 21 }, '/passes', 'twenty passes are enough'],
  [{ who: '' }, '/who', 'say who wrote it'],
  [{ at: 'today' }, '/at', 'a moment is written as 2027-03-01T10:30:00Z'],
])('a procedure with %j is told what would be right', (changes, path, message) => {
  expect(faults(WeldProcedureDto, { ...procedure, ...changes })[path]).toBe(message);
});

test.each([
  [{ position: 'sideways' }, '/position', 'a weld lies flat, horizontal, vertical or overhead'],
  [{ sound: 'yes' }, '/sound', 'sound or not: true or false'],
  [{ who: ' ' }, '/who', 'say who welded it'],
])('a sample with %j is told what would be right', (changes, path, message) => {
  expect(faults(WeldSampleDto, { ...sample, ...changes })[path]).toBe(message);
});

test.each([
  [{ procedure: 'TIG' }, '/procedure', 'a procedure is named by its id'],
  [{ took: [] }, '/took', 'say what the step was, or give null'],
  [{ took: undefined }, '/took', 'say what the step was, or give null'],
])('an entry with %j is told what would be right', (changes, path, message) => {
  expect(faults(BuildEntryDto, { ...entry, ...changes })[path]).toBe(message);
});

test('a job is closed by somebody, opened again by nobody, and copied under a name', () => {
  expect(faults(UpdateJobDto, { closed: { by: 'Aino' } })).toEqual({});
  expect(faults(UpdateJobDto, { closed: null })).toEqual({});
  expect(faults(UpdateJobDto, {})).toEqual({});
  expect(faults(UpdateJobDto, { closed: { by: ' ' } })['/closed/by']).toBe('say who closes it');
  expect(faults(UpdateJobDto, { closed: 'Aino' })['/closed']).toBe('say who closes it, or give null');
  expect(faults(CopyJobDto, { name: 'Second', car: '', branch: 'main' })).toEqual({});
  const bad = faults(CopyJobDto, { name: '', car: 'x'.repeat(121), branch: 'a/b' });
  expect(bad['/name']).toBe('give the job a name');
  expect(bad['/car']).toBe('the car is named in 120 characters at most');
  expect(bad['/branch']).toContain('a variant is named in 1 to 60 letters');
});
