import bend from '../../../../docs/screenshots/bend.png';
import build from '../../../../docs/screenshots/build.png';
import cope from '../../../../docs/screenshots/cope.png';
import design from '../../../../docs/screenshots/design.png';
import driver from '../../../../docs/screenshots/driver.png';
import floor from '../../../../docs/screenshots/floor.png';
import inspect from '../../../../docs/screenshots/inspect.png';
import places from '../../../../docs/screenshots/places.png';
import shop from '../../../../docs/screenshots/shop.png';
import survey from '../../../../docs/screenshots/survey.png';

/** The way of a first cage through the program, a picture for each step. */
const STEPS = [
  {
    picture: shop,
    name: 'The bender and its die',
    says: 'Once, at Shop: the tube that the die takes, its radius, the straight that its clamp needs, and a test bend or two.',
  },
  {
    picture: survey,
    name: 'The car at the hoop',
    says: 'Find the centre line; measure half widths from it at the floor and at the roof, and the headliner. Five figures make a hoop.',
  },
  {
    picture: places,
    name: 'Places in the car',
    says: 'Landings, pillars and who sits in it, each by its distances forward, to the left and up. What is dashed was put in so that work can go on.',
  },
  {
    picture: design,
    name: 'Tube by tube',
    says: 'Add bars in the usual order: each is proposed where it would stand. Change an end or a shape, and everything on it follows.',
  },
  {
    picture: driver,
    name: 'The people',
    says: 'At every setting of the seat: what a helmet or an elbow can hit, where to pad, at which heights the straps suit all.',
  },
  {
    picture: bend,
    name: 'Marks and readings',
    says: 'For each tube: the blank, the marks from its centre or an end, the turn, and what to pull the dial to.',
  },
  {
    picture: floor,
    name: 'At the bender',
    says: 'Issue the sheet and take it to the floor: one step a screen. What you measure says how far to pull on.',
  },
  {
    picture: cope,
    name: 'Copes',
    says: 'Templates to wrap, settings of the notcher, or pencil lines, against the tubes that are fitted before.',
  },
  {
    picture: build,
    name: 'The order of building',
    says: 'What is tacked and welded when, so that no seam ends up out of reach; cut plan and offcuts beside it.',
  },
  {
    picture: inspect,
    name: 'What needs hands',
    says: 'What is out, to be looked at or asked, by what one deed settles; and the sheet for the inspector.',
  },
];

/** The guide of a first cage. */
export const FirstCage = () => (
  <section aria-label="A first cage" id="first-cage" className="space-y-4">
    <h2 className="text-2xl">A first cage</h2>
    <ol className="grid gap-5 md:grid-cols-2">
      {STEPS.map(({ picture, name, says }, i) => (
        <li key={name} className="space-y-2">
          <h3 className="text-lg">
            <span className="figure text-quiet">{i + 1}</span> {name}
          </h3>
          <p>{says}</p>
          <img
            src={picture}
            alt={`The screen for: ${name}`}
            width={1280}
            height={800}
            loading="lazy"
            className="border-rule h-auto w-full border"
          />
        </li>
      ))}
    </ol>
  </section>
);
