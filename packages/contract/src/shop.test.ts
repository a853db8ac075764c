import 'reflect-metadata';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { DieDto, TubeStockDto } from './shop.ts';

const mm = (value: number) => ({ mm: value, typed: `${value} mm` });
const die = {
  name: '45 mm',
  od: mm(45),
  clr: mm(135),
  reference: 'centre',
  offset: mm(-5),
  clampLength: mm(0),
  trailing: mm(0),
  largestAngle: null,
  finishedRadius: null,
  takes: [],
};
const messages = (type: typeof DieDto | typeof TubeStockDto, body: object): string[] =>
  validateSync(plainToInstance(type as typeof DieDto, body), {
    whitelist: true,
    forbidNonWhitelisted: true,
  }).flatMap((error) => [
    ...Object.values(error.constraints ?? {}),
    ...(error.children ?? []).flatMap((child) => Object.values(child.constraints ?? {})),
  ]);

test('a sound die passes; an offset may be negative, a clamp may need nothing', () => {
  expect(messages(DieDto, die)).toEqual([]);
});

test.each([
  [{ od: mm(0) }, 'the tube diameter the die takes is more than 0 mm'],
  [{ clampLength: mm(-1) }, 'the straight that the clamp needs is at least 0 mm'],
  [{ clr: undefined }, 'give the centreline radius'],
  [{ clr: { mm: Number.NaN, typed: '' } }, 'give a length, such as 41 1/4 or 1048 mm'],
  [{ largestAngle: { deg: 250, typed: '250' } }, 'the largest angle in one pull is at most 200°'],
  [{ name: ' ' }, 'give the die a name'],
])('%j is told what would be right', (changes, message) => {
  expect(messages(DieDto, { ...die, ...changes })).toContain(message);
});

test('tube is of a known kind', () => {
  const tube = { od: mm(45), wall: mm(2.5), kind: 'bamboo', batch: '', stickLength: mm(6000) };
  expect(messages(TubeStockDto, tube)).toContain('say how the tube was made');
});
