import { radians } from '../measure/index.ts';
import {
  type Attachment,
  type Bar,
  type BarRole,
  type MainHoop,
  mainHoopOf,
  type Plan,
} from '../plan/index.ts';
import { type Vec3 } from '../space/index.ts';
import { type HoopGeometry } from './hoop.ts';

/** Fresh ids for a new member: its own and one for each piece it may make. */
export interface FreshIds {
  member: string;
  left: string;
  right: string;
}

/** Roles in the usual order of work (handbook §1, §11): what is asked for next. */
export const USUAL_ORDER: readonly BarRole[] = [
  'diagonal',
  'harness-bar',
  'backstay',
  'rear-cross',
  'front-leg',
  'windscreen-bar',
  'roof-diagonal',
  'door-bar',
  'dash-bar',
  'sill-bar',
  'seat-mount',
  'gusset-tube',
  'hand-hold',
];

const STAMPS: Record<BarRole, string> = {
  backstay: 'B',
  diagonal: 'D1',
  'harness-bar': 'HB',
  'front-leg': 'F',
  'roof-bar': 'R',
  'roof-diagonal': 'RD',
  'windscreen-bar': 'WB',
  'door-bar': 'DB',
  'sill-bar': 'SB',
  'dash-bar': 'DA',
  'rear-cross': 'RX',
  'rear-diagonal': 'RR',
  'tunnel-tube': 'TT',
  'seat-mount': 'SM',
  'gusset-tube': 'G1',
  'hand-hold': 'HH',
};

/** Roles that come in mirrored pairs. */
const PAIRS: readonly BarRole[] = ['backstay', 'front-leg', 'roof-bar', 'door-bar', 'sill-bar'];

/** A backstay leans at least this far from vertical [handbook §9, from memory]; two degrees more leave room for the tape. */
const BACKSTAY_LEAN = 32;

type Ends = Pick<Bar, 'ends' | 'via'>;
type Via = Bar['via'];

/**
 * A bar of a role with ends that a fabricator would start from, given the hoop that stands. All of it can be changed;
 * what it needs and is not there yet (front legs for a windscreen bar) is named by its reason instead.
 */
export function proposeBar(
  plan: Plan,
  hoop: HoopGeometry,
  role: BarRole,
  ids: FreshIds,
): Bar | { needs: BarRole } {
  const member = mainHoopOf(plan) as MainHoop;
  const others = new Map(plan.members.map((one) => [one.role, one.id] as const));
  const ends = endsFor(role, member.id, hoop, others);
  if ('needs' in ends) return ends;
  const pair = PAIRS.includes(role);
  const stamp = freeStamp(plan, STAMPS[role], pair);
  return {
    role,
    id: ids.member,
    stamp,
    tube: member.tube,
    pieces: pair
      ? [
          { id: ids.left, stamp: `${stamp}L` },
          { id: ids.right, stamp: `${stamp}R` },
        ]
      : [{ id: ids.left, stamp }],
    ...ends,
    crossings: [],
    bending: { ...member.bending, dieAt: {}, clampSideAt: {}, datum: 'a' },
    pair: pair ? 'mirrored' : 'single',
    right: null,
  };
}

function endsFor(
  role: BarRole,
  hoop: string,
  geometry: HoopGeometry,
  others: Map<string, string>,
): Ends | { needs: BarRole } {
  const crown = geometry.points[geometry.features.indexOf('crown-left') + 1] as Vec3;
  const [, floorHalf] = geometry.points[0] as Vec3;
  const straight = (a: Attachment, b: Attachment): Ends => ({ ends: { a, b }, via: [] });
  const onHoop = (feature: string, edge: Edge = 'middle', along = 0) =>
    station({ member: hoop }, feature, edge, along);
  const bothSides = (member: string, z: number) =>
    straight(height(member, 'left', z), height(member, 'right', z));
  const legs = others.get('front-leg');
  switch (role) {
    case 'diagonal':
      return straight(onHoop('crown-left'), onHoop('foot-right', 'middle', -75));
    case 'harness-bar':
      return bothSides(hoop, round(crown[2] * 0.58));
    case 'backstay': {
      const drop = crown[2] - 250;
      return straight(
        onHoop('crown-left'),
        point([crown[0] - drop * Math.tan(radians(BACKSTAY_LEAN)), crown[1] * 0.95, 250]),
      );
    }
    case 'rear-cross': {
      const stays = others.get('backstay');
      return stays ? bothSides(stays, round(crown[2] * 0.45)) : { needs: 'backstay' };
    }
    case 'front-leg':
      return {
        ends: { a: point([1050, floorHalf, 120]), b: onHoop('crown-left') },
        via: pillarPoints(crown, floorHalf),
      };
    case 'windscreen-bar':
    case 'dash-bar':
      if (!legs) return { needs: 'front-leg' };
      return role === 'dash-bar'
        ? bothSides(legs, 560)
        : straight(
            station({ member: legs, side: 'left' }, 'pillar-top', 'middle', 0),
            station({ member: legs, side: 'right' }, 'pillar-top', 'middle', 0),
          );
    case 'roof-diagonal':
      return legs
        ? straight(onHoop('crown-left'), station({ member: legs, side: 'right' }, 'pillar-top', 'middle', 0))
        : { needs: 'front-leg' };
    case 'door-bar':
    case 'sill-bar': {
      const z = role === 'door-bar' ? 330 : 200;
      return legs ? straight(height(hoop, 'left', z), height(legs, 'left', z)) : { needs: 'front-leg' };
    }
    default:
      return straight(point([0, round(floorHalf / 2), 200]), point([400, round(floorHalf / 2), 200]));
  }
}

/** Where a front leg bends until the pillar is measured: at the cowl and at the head of the screen. mm */
const pillarPoints = (crown: Vec3, floorHalf: number): Via => [
  { feature: 'pillar-foot', at: place([980, floorHalf * 0.98, 640]) },
  { feature: 'pillar-top', at: place([crown[0] + 480, crown[1] * 0.97, crown[2] - 12]) },
];

type Edge = Extract<Attachment, { kind: 'station' }>['station']['edge'];
type Reference = Extract<Attachment, { kind: 'station' }>['on'];

const round = (mm: number): number => Math.round(mm);
const length = (mm: number) => ({ mm: round(mm) + 0, typed: `${round(mm) + 0} mm` });
const place = ([x, y, z]: Vec3): [
  ReturnType<typeof length>,
  ReturnType<typeof length>,
  ReturnType<typeof length>,
] => [length(x), length(y), length(z)];
const point = (at: Vec3): Attachment => ({ kind: 'point', at: place(at) });
const height = (member: string, side: 'left' | 'right', z: number): Attachment => ({
  kind: 'height',
  on: { member, side },
  height: length(z),
});
const station = (on: Reference, feature: string, edge: Edge, along: number): Attachment => ({
  kind: 'station',
  on,
  station: { feature, edge, along: length(along) },
});

/** A stamp that no other member has: the role's own, or with the next number. */
function freeStamp(plan: Plan, wanted: string, pair: boolean): string {
  const taken = new Set(
    plan.members.flatMap((one) => [one.stamp, ...one.pieces.map((piece) => piece.stamp)]),
  );
  const clash = (stamp: string) => taken.has(stamp) || (pair && taken.has(`${stamp}L`));
  if (!clash(wanted)) return wanted;
  const letters = wanted.replace(/\d+$/, '').slice(0, 2);
  let number = 2;
  while (clash(`${letters}${number}`)) number += 1;
  return `${letters}${number}`;
}
