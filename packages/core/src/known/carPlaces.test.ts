import { cageOf, bar, personOf, placeAt, point } from '../testing/index.ts';
import { carPlaces } from './index.ts';

test('every place taken in the car is there by its path and its distances; what is chosen for the cage is not', () => {
  const plan = {
    ...cageOf(
      bar(
        'b',
        'backstay',
        {
          kind: 'height',
          on: { member: 'm-hoop', side: 'left' },
          height: { mm: 800, typed: '800 mm' },
          aside: null,
        },
        point(-900, 470, 260),
      ),
    ),
    occupants: [{ ...personOf('o'), shoulder: placeAt(230, 360, 640), helmetTop: null }],
  };
  const survey = {
    ...plan.survey,
    points: [{ id: 'p', name: 'rail', side: null, zone: null, at: placeAt(1, 2, 3) }],
    keepOuts: [
      {
        id: 'k',
        name: 'box',
        from: placeAt(0, 0, 0),
        to: placeAt(9, 9, 9),
        clearance: { mm: 1, typed: '1 mm' },
      },
    ],
  };
  const places = carPlaces({ ...plan, survey });
  expect(places.map(({ path, at }) => [path.join('/'), at])).toEqual([
    ['members/1/ends/b/at', [-900, 470, 260]],
    ['occupants/0/shoulder', [230, 360, 640]],
    ['survey/points/0/at', [1, 2, 3]],
  ]);
});
