import { randomUUID } from 'node:crypto';
import { type PhotoKept } from '@gyrus/contract';
import { evaluate, type Fault } from '@gyrus/core';
import { demoBooks, demoPlan, demoShop } from '@gyrus/demo';
import pg from 'pg';
import request from 'supertest';
import { JPEG } from '../testing/jpeg.ts';
import { startTestApp, type TestApp } from '../testing/testApp.ts';
import { LARGEST_PHOTO, MOST_PHOTOS } from './photos.service.ts';

let server: TestApp;
const http = () => request(server.app.getHttpServer());
const JOB = '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c01';
const OTHER = '0d6f3c1e-5a44-4f0e-8f57-2f3d6f1a9c02';
const faultIn = (body: unknown) => (body as { error: Fault }).error;

beforeAll(async () => {
  server = await startTestApp({ demo: true });
});
afterAll(() => server.stop());

/** The signature of a PNG (ISO/IEC 15948): a picture, but not one that is kept. */
const PNG = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a, 0, 0, 0, 13]);

const send = (bytes: Buffer, name: string, job = JOB) =>
  http()
    .post(`/api/jobs/${job}/photos`)
    .attach('photo', bytes, { filename: name, contentType: 'image/jpeg' });

test('a photo is kept as it was sent, and shown as a picture and nothing else', async () => {
  const kept = (await send(JPEG, 'weld at MH.jpg').expect(201)).body as PhotoKept;
  expect(kept.name).toBe('weld at MH.jpg');
  const shown = await http().get(`/api/jobs/${JOB}/photos/${kept.file}`).expect(200);
  expect(shown.headers['content-type']).toBe('image/jpeg');
  expect(shown.headers['x-content-type-options']).toBe('nosniff');
  expect(shown.headers['content-security-policy']).toContain('sandbox');
  expect(Buffer.compare(shown.body as Buffer, JPEG)).toBe(0);
});

test('what it is, is read from its bytes, whatever it calls itself', async () => {
  const script = Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>');
  const refused = await send(script, 'photo.jpg').expect(422);
  expect(faultIn(refused.body)).toMatchObject({ code: 'no-photo', path: '/photo' });
  await send(PNG, 'photo.jpg').expect(422);
  await send(Buffer.alloc(0), 'empty.jpg').expect(422);
});

test('a picture that ends in the middle, or is a few bytes of one, is refused', async () => {
  await send(JPEG.subarray(0, 3), 'three.jpg').expect(422);
  await send(JPEG.subarray(0, 400), 'half.jpg').expect(422);
  await send(Buffer.concat([JPEG.subarray(0, 20), Buffer.alloc(400, 0x41)]), 'filled.jpg').expect(422);
});

test('a name keeps its letters, whatever the alphabet', async () => {
  const kept = (await send(JPEG, 'kaaren hitsi ÄÖ, čeština.jpg').expect(201)).body as PhotoKept;
  expect(kept.name).toBe('kaaren hitsi ÄÖ čeština.jpg');
});

test('a job holds so many photos and no more, and says so', async () => {
  const client = new pg.Client({ connectionString: server.url });
  await client.connect();
  await client.query(
    `INSERT INTO photo (id, job_id, name, bytes) SELECT gen_random_uuid(), $1, 'n', 'x' FROM generate_series(1, $2::int)`,
    [OTHER, MOST_PHOTOS],
  );
  const refused = await send(JPEG, 'one more.jpg', OTHER).expect(422);
  expect(faultIn(refused.body)).toMatchObject({ code: 'too-many-photos', path: '/photo' });
  await client.query('DELETE FROM photo WHERE job_id = $1', [OTHER]);
  await client.end();
  await send(JPEG, 'room again.jpg', OTHER).expect(201);
});

test('a name is no path', async () => {
  const kept = (await send(JPEG, '../../etc/<b>shadow</b>.jpg').expect(201)).body as PhotoKept;
  expect(kept.name).not.toMatch(/[/<>\\]/);
});

test('a photo that is too large is refused, and the server goes on', async () => {
  const refused = await send(Buffer.concat([JPEG, Buffer.alloc(LARGEST_PHOTO)]), 'huge.jpg').expect(413);
  expect(faultIn(refused.body).message).toMatch(/large/i);
  await http().get('/api/jobs').expect(200);
});

test('a photo belongs to its job', async () => {
  const kept = (await send(JPEG, 'a.jpg').expect(201)).body as PhotoKept;
  await http().get(`/api/jobs/${OTHER}/photos/${kept.file}`).expect(404);
  await send(JPEG, 'a.jpg', '0d6f3c1e-5a44-4f0e-8f57-000000000000').expect(404);
  await http().post(`/api/jobs/${JOB}/photos`).expect(422);
});

test('the inspector’s sheet of a job with photos is printed, one that is gone is left out', async () => {
  const kept = (await send(JPEG, 'root.jpg').expect(201)).body as PhotoKept;
  const job = (await http().get(`/api/jobs/${JOB}`).expect(200)).body as {
    head: { id: string; number: number; plan: { answers: Record<string, unknown> } };
  };
  const { findings } = evaluate(demoPlan, demoShop, demoBooks);
  const hole = findings.find(({ key }) => key.includes('/inspection-hole/'))?.key ?? '';
  const answers = {
    [hole]: {
      answer: 'yes',
      by: 'E. L.',
      note: 'root seen',
      on: '2026-11-20T09:30:00.000Z',
      photos: [kept, { file: '0d6f3c1e-5a44-4f0e-8f57-111111111111', name: 'gone' }],
    },
  };
  const saved = await http()
    .post(`/api/jobs/${JOB}/revisions`)
    .send({
      id: randomUUID(),
      parent: job.head.id,
      branch: 'main',
      author: '',
      note: '',
      plan: { ...job.head.plan, answers },
    })
    .expect(201);
  const { number } = saved.body as { number: number };
  const sheet = await http()
    .get(`/api/jobs/${JOB}/revisions/${number}/inspection.pdf?unit=mm&paper=a4`)
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    })
    .expect(200);
  const text = (sheet.body as Buffer).toString('latin1');
  expect(text.startsWith('%PDF')).toBe(true);
  expect(text.match(/\/Subtype \/Image/g)?.length).toBe(1);
});
