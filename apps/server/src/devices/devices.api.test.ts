import { createServer, type Server, type Socket } from 'node:net';
import { type AddressInfo } from 'node:net';
import { type DeviceNews } from '@gyrus/contract';
import { startTestApp, type TestApp } from '../testing/testApp.ts';

let server: TestApp;
let devices: Server;
const links = new Set<Socket>();

beforeAll(async () => {
  devices = createServer((socket) => links.add(socket));
  await new Promise<void>((ready) => devices.listen(0, '127.0.0.1', ready));
  process.env.GYRUS_DEVICES = String((devices.address() as AddressInfo).port);
  server = await startTestApp({ demo: false });
  await server.app.listen(0, '127.0.0.1');
});
afterAll(async () => {
  delete process.env.GYRUS_DEVICES;
  await server.stop();
  for (const link of links) link.destroy();
  await new Promise((done) => devices.close(done));
});

/** Listens until enough has come for the test. */
async function listen(enough: (news: DeviceNews[]) => boolean, meanwhile: () => void): Promise<DeviceNews[]> {
  const stop = new AbortController();
  const news: DeviceNews[] = [];
  const answer = await fetch(`${await server.app.getUrl()}/api/devices`, { signal: stop.signal });
  expect(answer.headers.get('content-type')).toContain('text/event-stream');
  const beat = setInterval(meanwhile, 30);
  const decoder = new TextDecoder();
  let rest = '';
  try {
    for await (const chunk of answer.body as ReadableStream<Uint8Array>) {
      const lines = (rest + decoder.decode(chunk, { stream: true })).split('\n');
      rest = lines.pop() ?? '';
      for (const line of lines)
        if (line.startsWith('data: ')) news.push(JSON.parse(line.slice(6)) as DeviceNews);
      if (enough(news)) break;
    }
  } finally {
    clearInterval(beat);
    stop.abort();
  }
  return news;
}

const say = (text: string) => () => links.forEach((link) => link.write(text));

test('what the devices say is relayed as it comes; babble and angles that cannot be are trouble, and no reading', async () => {
  const news = await listen(
    (got) => got.filter(({ kind }) => kind !== 'link').length >= 4,
    say(
      '{"device":"dial","deg":12.5}\nrubbish\n{"device":"gauge","deg":400}\n{"device":"gauge","deg":83.6}\n',
    ),
  );
  expect(news).toEqual(
    expect.arrayContaining([
      { kind: 'link', up: true },
      { kind: 'reading', device: 'dial', deg: 12.5 },
      { kind: 'trouble', device: null, why: 'babble' },
      { kind: 'trouble', device: 'gauge', why: 'impossible' },
      { kind: 'reading', device: 'gauge', deg: 83.6 },
    ]),
  );
});

test('a link that breaks is told, and found again', async () => {
  let broken = false;
  const news = await listen(
    (got) => got.some((one, i) => one.kind === 'link' && one.up && got.slice(0, i).some(isDown)),
    () => {
      if (!broken && links.size > 0) for (const link of links) link.destroy();
      broken ||= links.size > 0;
      links.clear();
    },
  );
  expect(news.some(isDown)).toBe(true);
});

const isDown = (one: DeviceNews): boolean => one.kind === 'link' && !one.up;
