import { itemAt } from '../items/index.ts';
import { areApart, boxOf, type Tube } from '../cage/index.ts';
import { lengthOf, pointOn } from '../centreline/index.ts';
import { kept } from '../kept/index.ts';
import { intervalsBelow } from '../measure/index.ts';
import { type Cockpit } from '../plan/index.ts';
import { type Body, type BodyPart, type Volume } from './body.ts';
import { gapToPoint } from './room.ts';

/** A stretch of a tube that helmet or limbs can be thrown against. mm along the tube from end A */
export interface Stretch {
  member: string;
  piece: string;
  stamp: string;
  from: number;
  to: number;
  parts: BodyPart[];
  who: string[];
}

/** How often a tube is looked at, mm; the ends of a stretch are then closed in on. */
const SPACING = 10;
/** Stretches nearer to each other than this are padded as one. mm */
const ONE_STRETCH = 50;

interface Reach {
  volume: Volume;
  who: string;
  reach: number;
}

/** Which stretches of which tubes are to be padded: wherever a helmet or a limb comes within its reach. */
export function paddingList(bodies: Body[], tubes: Tube[], cockpit: Cockpit): Stretch[] {
  const reaches = bodies.flatMap(({ volumes, who }) =>
    volumes
      .filter(({ part }) => part !== 'torso' && part !== 'foot')
      .map((volume): Reach => ({
        volume,
        who,
        reach: volume.part === 'helmet' ? cockpit.helmetReach.mm : cockpit.limbReach.mm,
      })),
  );
  return tubes.flatMap((tube) => {
    const box = boxOf(tube);
    const near = reaches.filter(
      ({ volume, reach }) =>
        !areApart(boxOf({ points: [volume.from, volume.to] }), box, volume.radius + reach + tube.od / 2),
    );
    return near.length === 0
      ? []
      : stretchesWithin(
          tube,
          near.map(({ volume }) => volume),
          near.map(({ who }) => who),
          near.map(({ reach }) => reach),
        );
  });
}

/** The stretches of a tube that some parts of bodies reach: each with whose it is and how far it is thrown. */
const stretchesWithin = kept((tube: Tube, volumes: Volume[], whose: string[], reaches: number[]): Stretch[] =>
  merged(
    volumes.flatMap((volume, i) =>
      stretchesOf({ volume, who: itemAt(whose, i), reach: itemAt(reaches, i) }, tube),
    ),
  ),
);

/** Where one part of a body reaches a tube. */
function stretchesOf({ volume, who, reach }: Reach, tube: Tube): Stretch[] {
  const total = lengthOf(tube.axis);
  const beyond = (along: number) => gapToPoint(volume, pointOn(tube.axis, along)) - tube.od / 2 - reach;
  return intervalsBelow(0, total, Math.max(1, Math.ceil(total / SPACING)), beyond).map(([from, to]) => ({
    member: tube.member,
    piece: tube.piece,
    stamp: tube.stamp,
    from,
    to,
    parts: [volume.part],
    who: [who],
  }));
}

/** Stretches of one tube that overlap or nearly do, as one. */
function merged(stretches: Stretch[]): Stretch[] {
  const sorted = [...stretches].sort((a, b) => a.from - b.from);
  const joined: Stretch[] = [];
  for (const one of sorted) {
    const last = joined.at(-1);
    if (!last || one.from > last.to + ONE_STRETCH) joined.push({ ...one });
    else {
      last.to = Math.max(last.to, one.to);
      last.parts = [...new Set([...last.parts, ...one.parts])];
      last.who = [...new Set([...last.who, ...one.who])];
    }
  }
  return joined;
}
