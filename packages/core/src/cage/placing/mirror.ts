import {
  type Aside,
  type Attachment,
  type BarShape,
  type BendTurn,
  type CarSide,
  type MemberReference,
  type Towards,
} from '../../plan/index.ts';
import { type Place } from './place.ts';

const otherSide = (side: CarSide): CarSide => (side === 'left' ? 'right' : 'left');

/** A feature's name on the other side of the car: `crown-left` ⇄ `crown-right`. */
export const mirroredFeature = (feature: string): string =>
  feature.replace(/\b(left|right)\b/g, (side) => (side === 'left' ? 'right' : 'left'));

const mirroredReference = (reference: MemberReference): MemberReference =>
  reference.side ? { ...reference, side: otherSide(reference.side) } : reference;

/** The place on the other side of the car's centre plane. */
export const mirroredPlace = ([x, y, z]: Place): Place => [x, { ...y, mm: -y.mm + 0 }, z];

/** What the right twin stands on, where the left one stands on this. */
export function mirroredAttachment(attachment: Attachment): Attachment {
  switch (attachment.kind) {
    case 'landing':
      return { ...attachment, side: otherSide(attachment.side) };
    case 'station': {
      // Along a hoop, toward end B is toward the other side: its distances change sign with the side.
      const feature = mirroredFeature(attachment.station.feature);
      const turned = feature !== attachment.station.feature;
      const { edge, along } = attachment.station;
      const station = turned
        ? { feature, edge: mirroredEdge[edge], along: { ...along, mm: -along.mm + 0 } }
        : attachment.station;
      return {
        ...attachment,
        on: mirroredReference(attachment.on),
        station,
        aside: mirroredAside(attachment.aside),
      };
    }
    case 'height':
      return {
        ...attachment,
        on: { ...attachment.on, side: otherSide(attachment.on.side ?? 'left') },
        aside: mirroredAside(attachment.aside),
      };
    case 'joint':
      return {
        ...attachment,
        of: [mirroredReference(attachment.of[0]), mirroredReference(attachment.of[1])],
      };
    case 'point':
    case 'panel':
      return { ...attachment, at: mirroredPlace(attachment.at) };
    case 'plate':
      return attachment;
  }
}

const mirroredEdge = { tangentA: 'tangentB', tangentB: 'tangentA', middle: 'middle', pi: 'pi' } as const;

/** The turn of a bend on the other side of the car. */
export const mirroredTurn = (turn: BendTurn): BendTurn =>
  turn.kind === 'degrees'
    ? { ...turn, angle: { ...turn.angle, deg: -turn.angle.deg + 0 } }
    : { ...turn, toward: otherSide(turn.toward) };

/** The shape of the right twin, where the left one has this. */
export function mirroredShape(shape: BarShape): BarShape {
  if (shape.kind === 'through')
    return {
      ...shape,
      via: shape.via.map(({ feature, at }) => ({ feature: mirroredFeature(feature), at: mirroredPlace(at) })),
    };
  if (shape.kind === 'take-off')
    return {
      ...shape,
      aim: mirroredPlace(shape.aim),
      roll: { ...shape.roll, deg: -shape.roll.deg + 0 },
      rows: shape.rows.map((row) => ({ ...row, turn: mirroredTurn(row.turn) })),
    };
  // A hoop goes across the car: it has no twin.
  if (shape.kind === 'hoop') return shape;
  return { ...shape, towards: mirroredTowards(shape.towards) };
}

const mirroredTowards = (towards: Towards): Towards =>
  towards === 'left' || towards === 'right' ? otherSide(towards) : towards;

const mirroredAside = (aside: Aside | null): Aside | null =>
  aside && { ...aside, toward: mirroredTowards(aside.toward) };
