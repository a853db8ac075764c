import { fail, type Outcome, succeed } from '../fault/index.ts';

/** Outside diameter and wall of a round tube. mm. */
export interface Section {
  od: number;
  wall: number;
}

/** What follows from a section. mm, mm², mm⁴, kg/m */
export interface SectionProperties {
  /** kg/m */
  massPerLength: number;
  /** mm² */
  area: number;
  /** mm⁴ */
  secondMoment: number;
  /** mm³ */
  sectionModulus: number;
  /** mm³ */
  plasticModulus: number;
}

/** kg/m³, carbon steel [EN 10219-2, clause on mass; ASTM A500] */
export const STEEL_DENSITY = 7850;

/** Refuses a wall that leaves no bore. `path` points at the section in the caller's input. */
export function checkSection(section: Section, path = ''): Outcome<Section> {
  if (section.wall < section.od / 2) return succeed(section);
  return fail(
    'wall-too-thick',
    `${path}/wall`,
    `a wall of ${section.wall} mm leaves no bore in a tube of ${section.od} mm: give less than ${section.od / 2} mm`,
  );
}

/** The inside diameter. mm */
export const boreOf = (section: Section): number => section.od - 2 * section.wall;

/**
 * Mass and bending properties of a round steel tube [definitions of the annulus; any handbook's section tables].
 * The mass equals EN 10219-2's M = 0.0246615·(D − T)·T.
 */
export function sectionProperties(section: Section): SectionProperties {
  const { od } = section;
  const bore = boreOf(section);
  const area = Math.PI * (od - section.wall) * section.wall;
  const secondMoment = (Math.PI / 64) * (od ** 4 - bore ** 4);
  return {
    massPerLength: area * STEEL_DENSITY * 1e-6,
    area,
    secondMoment,
    sectionModulus: (2 * secondMoment) / od,
    plasticModulus: (od ** 3 - bore ** 3) / 6,
  };
}

/**
 * Wall on the outside of a bend, mm: the estimate t/(1 + OD/(2·CLR)) of plane strain [handbook §5, from geometry].
 * An inspector's ultrasonic gauge reads about this there.
 */
export const outerWallAfterBend = (section: Section, clr: number): number =>
  section.wall / (1 + section.od / (2 * clr));
