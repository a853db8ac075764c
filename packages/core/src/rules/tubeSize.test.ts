import { evaluate } from '../evaluate.ts';
import { applyRemedy, type Remedy } from '../findings/index.ts';
import { EMPTY_SHOP, type Plan, type Shop, type TubeChoice } from '../plan/index.ts';
import { bookOf, cageOf, choosing, inch, mm } from '../testing/index.ts';
import { type RuleBook, type TubeOption } from './index.ts';

type Sizes = Pick<TubeChoice, 'od' | 'wall' | 'kind'>;
const DOM = 'drawn-over-mandrel';
const tube = (od: TubeChoice['od'], wall: TubeChoice['wall'], kind: TubeChoice['kind'] = DOM): Sizes => ({
  od,
  wall,
  kind,
});
const option = (
  od: TubeChoice['od'],
  wall: TubeChoice['wall'],
  ...kinds: TubeOption['kinds']
): TubeOption => ({
  od,
  wall,
  kinds: kinds.length > 0 ? kinds : [DOM],
});
const bookWith = (...options: TubeOption[]): RuleBook =>
  bookOf({ kind: 'ask', question: 'Is it?' }, 'main-hoop', {
    tubeSchedule: [{ clause: 'T', roles: ['main-hoop'], over: null, upTo: null, options }],
  });
const hoopOf = (sizes: Sizes): Plan => {
  const plan = cageOf();
  return { ...plan, members: plan.members.map((member) => ({ ...member, tube: { ...sizes, batch: '' } })) };
};
const shopWith = (...tubes: Sizes[]): Shop => ({
  ...EMPTY_SHOP,
  tubes: tubes.map((one, i) => ({ ...one, id: `t${i}`, batch: '', stickLength: mm(6000) })),
});

/** What is proposed for a tube that a book does not take; and that, taken, it is clear. */
function mended(sizes: Sizes, book: RuleBook, shop: Shop = EMPTY_SHOP): string {
  const plan = choosing(hoopOf(sizes), book);
  const findingOf = (of: Plan) =>
    evaluate(of, shop, [book]).findings.find(({ key }) => key.includes('/tube-size/'));
  const found = findingOf(plan);
  expect(found?.status).toBe('out');
  const remedy = found?.remedy as Extract<Remedy, { kind: 'tube' }>;
  expect(findingOf(applyRemedy(plan, remedy))?.status).toBe('clear');
  return `${remedy.od.typed} × ${remedy.wall.typed} ${remedy.tubeKind}`;
}

test('45 mm is not 1 3/4 in: the size is told and taken as the book writes it', () => {
  const metric = bookWith(option(mm(45), mm(2.5)));
  expect(mended(tube(inch('1 3/4 in'), inch('0.095 in')), metric)).toBe('45 mm × 2.5 mm drawn-over-mandrel');
});

test('a diameter that will do keeps its die, but no tube is made of an inch size and a metric wall', () => {
  expect(
    mended(tube(inch('2 in'), inch('0.065 in')), bookWith(option(inch('1 3/4 in'), inch('0.120 in')))),
  ).toBe('2 in × 0.120 in drawn-over-mandrel');
  expect(mended(tube(inch('2 in'), inch('0.065 in')), bookWith(option(mm(45), mm(2.5))))).toBe(
    '45 mm × 2.5 mm drawn-over-mandrel',
  );
});

test('a tube of the shop’s own comes first: of the same diameter, else the lightest, in the shop’s words', () => {
  const book = bookWith(option(mm(45), mm(2.5)), option(mm(50), mm(2)));
  const thin = tube(mm(50), mm(1.5));
  const heavy = tube(mm(50), mm(3));
  const right = tube(mm(50), mm(2));
  const other = tube(mm(45), mm(2.5));
  expect(mended(thin, book, shopWith(heavy, other, right))).toBe('50 mm × 2 mm drawn-over-mandrel');
  // 50 × 2 weighs 2.37 kg/m and 45 × 2.5 2.62, by 7850 kg/m³.
  expect(mended(tube(mm(38), mm(2)), book, shopWith(heavy, other, right))).toBe(
    '50 mm × 2 mm drawn-over-mandrel',
  );
  expect(mended(tube(mm(38), mm(2)), book, shopWith(tube(inch('2 in'), inch('0.120 in'))))).toBe(
    '2 in × 0.120 in drawn-over-mandrel',
  );
});

test('a kind with a least size of its own is held to that size', () => {
  const book = bookWith(option(mm(40), mm(2), 'cold-drawn-seamless'), option(mm(45), mm(2.5), 'welded'));
  const status = (sizes: Sizes) =>
    evaluate(choosing(hoopOf(sizes), book), EMPTY_SHOP, [book]).findings.find(({ key }) =>
      key.includes('/tube-size/'),
    )?.status;
  expect(status(tube(mm(40), mm(2), 'cold-drawn-seamless'))).toBe('clear');
  expect(status(tube(mm(40), mm(2), 'welded'))).toBe('out');
  expect(status(tube(mm(45), mm(2.5), 'welded'))).toBe('clear');
  expect(mended(tube(mm(40), mm(2), 'welded'), book)).toBe('45 mm × 2.5 mm welded');
  expect(mended(tube(mm(45), mm(2.5), 'alloy'), book)).toBe('45 mm × 2.5 mm cold-drawn-seamless');
});
