import { PROTRACTOR_ERROR, TAPE_ERROR } from '../measure/index.ts';
import { type Brief } from './brief.ts';
import { USUAL_COCKPIT } from './cockpit.ts';
import { USUAL_COPING } from './coping.ts';
import { type MainHoop } from './members/member.ts';
import { USUAL_HARNESS } from './occupant.ts';
import { PLAN_FORMAT, PLAN_VERSION, type Plan } from './plan.ts';

interface FreshIds {
  member: string;
  piece: string;
}

/** A new job's plan: nothing measured, one main hoop waiting for the survey. `ids` are fresh ones from the caller. */
export const emptyPlan = (ids: FreshIds, length: 'in' | 'mm'): Plan => ({
  format: PLAN_FORMAT,
  version: PLAN_VERSION,
  units: { length, fraction: 16 },
  measuringError: { mm: TAPE_ERROR, deg: PROTRACTOR_ERROR },
  proposalsMarked: true,
  brief: EMPTY_BRIEF,
  survey: {
    measures: {},
    again: {},
    distrusted: null,
    stance: null,
    points: [],
    planes: [],
    keepOuts: [],
    gaps: [],
    frontSection: null,
    sights: [],
    ribs: [],
  },
  dies: [],
  members: [newHoop(ids, length)],
  plates: [],
  gussets: [],
  parts: [],
  occupants: [],
  harness: USUAL_HARNESS,
  cockpit: USUAL_COCKPIT,
  weldPosition: { forward: mm(0, '0'), drop: mm(0, '0') },
  fitOrder: [ids.piece],
  copeOverrides: [],
  coping: USUAL_COPING,
  copeTicks: [],
  limits: [],
  answers: {},
});

const mm = (value: number, typed = `${value} mm`) => ({ mm: value, typed });

const EMPTY_BRIEF: Brief = {
  car: '',
  series: '',
  customer: '',
  built: 'four-point-bar',
  joining: 'welded',
  use: 'track',
  feetOn: 'sill',
  drivers: [],
  passenger: false,
  carWeight: null,
  roof: 'closed',
  buildYear: null,
  dueBy: null,
  paintOn: null,
  books: [],
  notes: '',
};

/** Usual sizes where the tape is read in inches, and where it is read in millimetres. */
const USUAL = {
  in: {
    tube: { od: mm(44.45, '1 3/4 in'), wall: mm(2.413, '0.095 in'), kind: 'drawn-over-mandrel', batch: '' },
    clear: mm(9.525, '3/8 in'),
    trim: mm(25.4, '1 in'),
  },
  mm: {
    tube: { od: mm(45, '45 mm'), wall: mm(2.5, '2.5 mm'), kind: 'cold-drawn-seamless', batch: '' },
    clear: mm(10, '10 mm'),
    trim: mm(25, '25 mm'),
  },
} as const;

/** A main hoop that waits for the survey, of a usual size of tube. */
export function newHoop(ids: FreshIds, length: 'in' | 'mm'): MainHoop {
  const { tube, clear, trim } = USUAL[length];
  return {
    role: 'main-hoop',
    id: ids.member,
    stamp: 'MH',
    tube,
    pieces: [{ id: ids.piece, stamp: 'MH' }],
    ends: { a: { kind: 'landing', side: 'left' }, b: { kind: 'landing', side: 'right' } },
    crossings: [],
    bending: {
      die: null,
      dieAt: {},
      clampSideAt: {},
      order: null,
      springback: { school: 'tests' },
      growRadius: false,
      datum: 'centre',
      trimA: trim,
      trimB: trim,
    },
    way: { kind: 'survey' },
    shape: 'proposed',
    sides: 'same',
    clearance: { left: clear, right: clear, above: clear },
    tilt: null,
    crownRise: null,
    footLift: mm(0, '0'),
    existing: false,
    bentAgain: [],
    cut: { a: mm(0, '0'), b: mm(0, '0') },
    asBuilt: null,
  };
}
