import { forgetTrouble, told, tryAgain, useTrouble } from './trouble.ts';

const failed = () => useTrouble.getState().failed;
const wanted = () => true;

beforeEach(forgetTrouble);

test('an answer that fails is told with why, and no more once it is there', async () => {
  expect(await told('copes', Promise.reject(new Error('no end')), wanted)).toBeNull();
  expect(failed()).toEqual({ copes: 'no end' });
  expect(await told('copes', Promise.resolve('answer'), wanted)).toBe('answer');
  expect(failed()).toEqual({});
});

test('one that fails does not hide another, and what was thrown need be no error', async () => {
  await told('copes', Promise.reject(new Error('no end')), wanted);
  // eslint-disable-next-line @typescript-eslint/prefer-promise-reject-errors -- as a worker may.
  await told('findings', Promise.reject('gone'), wanted);
  await told('findings', Promise.resolve([]), wanted);
  expect(failed()).toEqual({ copes: 'no end' });
});

test('an answer that nobody waits for any more is told to nobody', async () => {
  expect(await told('evaluation', Promise.reject(new Error('late')), () => false)).toBeNull();
  expect(failed()).toEqual({});
  await told('evaluation', Promise.reject(new Error('here')), wanted);
  await told('evaluation', Promise.resolve('late'), () => false);
  expect(failed()).toEqual({ evaluation: 'here' });
});

test('trying again asks for everything anew', async () => {
  await told('cockpit', Promise.reject(new Error('failed')), wanted);
  const { tries } = useTrouble.getState();
  tryAgain();
  expect(useTrouble.getState()).toMatchObject({ failed: {}, tries: tries + 1 });
});
