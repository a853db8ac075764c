import { jest } from '@jest/globals';
import { api, ApiFault, sendFile } from './api.ts';

let asked: { url: string; request: RequestInit }[] = [];
function answering(answer: () => Response | Promise<Response>): void {
  globalThis.fetch = jest.fn<typeof fetch>((url, request) => {
    asked.push({ url: url as string, request: request ?? {} });
    return Promise.resolve().then(answer);
  });
}
const faultOf = (question: Promise<unknown>) =>
  question.then(
    () => null,
    (error: unknown) => error,
  );

const before = globalThis.fetch;
afterEach(() => {
  asked = [];
  globalThis.fetch = before;
});

test('JSON goes out with its kind, and comes in; an answer without a body is null', async () => {
  answering(() => Response.json({ id: 'one' }));
  expect(await api('jobs', 'POST', { name: 'Ptarmigan' })).toEqual({ id: 'one' });
  expect(asked[0]).toMatchObject({
    url: '/api/jobs',
    request: {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: '{"name":"Ptarmigan"}',
    },
  });
  answering(() => new Response(null, { status: 204 }));
  expect(await api('jobs/one', 'DELETE')).toBeNull();
  expect(asked[1]?.request).toMatchObject({ method: 'DELETE', body: null, headers: {} });
});

test('a refusal is told as the server says it, with all of its answer', async () => {
  const error = { code: 'too-long', message: 'a name has 120 characters at most', path: '/name' };
  answering(() => Response.json({ error, revision: { number: 4 } }, { status: 409 }));
  const fault = await faultOf(api('jobs', 'POST', {}));
  expect(fault).toBeInstanceOf(ApiFault);
  expect(fault).toMatchObject({ status: 409, fault: error, message: error.message });
  expect((fault as ApiFault).body).toMatchObject({ revision: { number: 4 } });
});

test('a refusal that is no JSON, or has no reason, is told by its number', async () => {
  for (const body of ['<html>bad gateway</html>', '{}', 'null', '']) {
    answering(() => new Response(body, { status: 502 }));
    expect(await faultOf(api('jobs'))).toMatchObject({ status: 502, message: 'Gyrus answered with 502' });
  }
});

test('a server that is gone is told so, for files as well', async () => {
  answering(() => Promise.reject(new TypeError('Failed to fetch')));
  const gone = 'no answer from Gyrus: is it still running?';
  expect(await faultOf(api('jobs'))).toMatchObject({ message: gone });
  const file = new Blob(['photo'], { type: 'image/jpeg' });
  expect(await faultOf(sendFile('photos', 'photo', file, 'photo.jpg'))).toMatchObject({ message: gone });
});

test('a file goes out as a field of a form, under its name', async () => {
  answering(() => Response.json({ id: 'p' }));
  await sendFile('photos', 'photo', new Blob(['bytes']), 'joint.jpg');
  const { body, headers } = asked[0]?.request ?? {};
  const file = (body as FormData).get('photo') as File;
  expect([file.name, await file.text(), headers]).toEqual(['joint.jpg', 'bytes', undefined]);
});
