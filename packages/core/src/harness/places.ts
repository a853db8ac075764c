import { radians } from '../measure/index.ts';
import { type Plan } from '../plan/index.ts';
import { type SlotPlace } from './interval.ts';

type Occupant = Plan['occupants'][number];

/** Steps from one end of a range to the other, both in it. */
function stepsOf(from: number, to: number, notches: number): number[] {
  if (from === to || notches < 2) return [from, ...(to === from ? [] : [to])];
  return Array.from({ length: notches }, (_, i) => from + ((to - from) * i) / (notches - 1));
}

const signed = (mm: number): string => `${mm > 0 ? '+' : mm < 0 ? '−' : ''}${Math.abs(Math.round(mm))}`;

/**
 * Every place that an occupant's strap slots can take: over the seat's slide, its height and its recline, for each slot of the
 * seat or the head-restraint device. Empty for one whose shoulder is not measured. mm
 */
export function slotPlaces({ name, shoulder, travel, slots }: Occupant): SlotPlace[] {
  if (!shoulder) return [];
  const [x, z] = [shoulder[0].mm, shoulder[2].mm];
  const still = { from: 0, to: 0, notches: 1 };
  const slide = travel
    ? { from: -travel.back.mm, to: travel.forward.mm, notches: travel.slideNotches }
    : still;
  const rise = travel ? { from: -travel.down.mm, to: travel.up.mm, notches: travel.heightNotches } : still;
  const lean = travel
    ? { from: -travel.upright.deg, to: travel.reclined.deg, notches: travel.reclineNotches }
    : still;
  const back = travel?.backLength.mm ?? 0;
  const places: SlotPlace[] = [];
  for (const forward of stepsOf(slide.from, slide.to, slide.notches))
    for (const up of stepsOf(rise.from, rise.to, rise.notches))
      for (const recline of stepsOf(lean.from, lean.to, lean.notches))
        for (const [i, slot] of slots.entries()) {
          // The seat's back turns about its foot, which lies its length below the shoulder.
          const turn = radians(recline);
          places.push({
            driver: name,
            notch: [
              forward === 0 ? '' : `slide ${signed(forward)} mm`,
              up === 0 ? '' : `height ${signed(up)} mm`,
              recline === 0 ? '' : `recline ${signed(recline)}°`,
              slots.length > 1 ? `slot ${i + 1}` : '',
            ]
              .filter(Boolean)
              .join(', '),
            slot: [x + forward - back * Math.sin(turn), z + up - back * (1 - Math.cos(turn)) + slot.mm],
          });
        }
  return places;
}
