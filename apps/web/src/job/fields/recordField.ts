import { type Angle, type Length, type MemberReference, type Vec3 } from '@gyrus/core';
import { type ValueAt, type Way, wayTo, type WayTo } from '../store/planPath.ts';

/** A place of the plan by its three distances. Car's frame */
export type Place = [Length, Length, Length];

interface Limits {
  optional?: boolean;
  above?: number;
  least?: number;
}

/** An angle that its plan would refuse is refused where it is typed: as the schema has it. Degrees */
interface AngleLimits extends Limits {
  least: number;
  most: number;
}

/** `null` is a choice of its own: not said yet, or none. */
interface Choice {
  value: string | boolean | null;
  text: string;
}

/** A whole record that can be chosen. */
interface WholeRecord {
  value: unknown;
  text: string;
}

/** What a field is, and where in its record it stands. */
export type FieldKind =
  | ({ type: 'length'; at: Way<Length | null>; label: string } & Limits)
  | ({ type: 'angle'; at: Way<Angle | null>; label: string } & AngleLimits)
  | { type: 'text'; at: Way<string | null>; label: string }
  /** `not`: members that are not offered, as the record's own would hang on itself. */
  | { type: 'tube'; at: Way<MemberReference | null>; label: string; not?: ReadonlySet<string> }
  /** Where nothing is written down yet, it starts from `start`: mm, car's frame. */
  | { type: 'place'; at: Way<Place | null>; label: string; start?: Vec3 }
  | { type: 'count'; at: Way<number | null>; label: string; least: number; most: number }
  | { type: 'choice'; at: Way<string | boolean | null>; label: string; options: readonly Choice[] }
  /** A whole record chosen at once; `keyOf` tells the records apart, as they are written where it is left out. */
  | {
      type: 'record';
      at: Way<unknown>;
      label: string;
      options: readonly WholeRecord[];
      keyOf: (value: unknown) => unknown;
    };

/** Only the compiler sees it: which record a field belongs to. */
declare const RECORD: unique symbol;

/** A field of a record of type R of the plan. It fits every record that has what R has. */
export type RecordField<R> = FieldKind & { readonly [RECORD]: (record: R) => void };

/** What makes fields of records of type R; a name that no such record has is refused by the compiler. */
export function fieldsOf<R>() {
  const belonging = (field: FieldKind) => field as RecordField<R>;
  const wayOf = {
    length: wayTo<R, Length>(),
    angle: wayTo<R, Angle>(),
    text: wayTo<R, string>(),
    tube: wayTo<R, MemberReference>(),
    place: wayTo<R, Place>(),
    count: wayTo<R, number>(),
    choice: wayTo<R, string | boolean>(),
    record: wayTo<R, unknown>(),
  };
  return {
    length: (at: WayTo<R, Length>, label: string, limits: Limits = {}) =>
      belonging({ type: 'length', at: wayOf.length(at), label, ...limits }),
    /** A length above nothing. */
    size: (at: WayTo<R, Length>, label: string) =>
      belonging({ type: 'length', at: wayOf.length(at), label, above: 0 }),
    /** A length of nothing or more. */
    extent: (at: WayTo<R, Length>, label: string) =>
      belonging({ type: 'length', at: wayOf.length(at), label, least: 0 }),
    angle: (at: WayTo<R, Angle>, label: string, limits: AngleLimits) =>
      belonging({ type: 'angle', at: wayOf.angle(at), label, ...limits }),
    text: (at: WayTo<R, string>, label: string) => belonging({ type: 'text', at: wayOf.text(at), label }),
    tube: (at: WayTo<R, MemberReference>, label: string, not?: ReadonlySet<string>) =>
      belonging({ type: 'tube', at: wayOf.tube(at), label, ...(not ? { not } : {}) }),
    place: (at: WayTo<R, Place>, label: string, start?: Vec3) =>
      belonging({ type: 'place', at: wayOf.place(at), label, ...(start ? { start } : {}) }),
    count: (at: WayTo<R, number>, label: string, least: number, most: number) =>
      belonging({ type: 'count', at: wayOf.count(at), label, least, most }),
    choice: <P extends WayTo<R, string | boolean>>(
      at: P,
      label: string,
      options: readonly (readonly [value: ValueAt<R, P>, text: string])[],
    ) =>
      belonging({
        type: 'choice',
        at: wayOf.choice(at),
        label,
        options: options.map(([value, text]) => ({ value: value as Choice['value'], text })),
      }),
    record: <P extends WayTo<R, unknown>>(
      at: P,
      label: string,
      options: readonly (readonly [value: ValueAt<R, P>, text: string])[],
      keyOf: (value: ValueAt<R, P>) => unknown = (value) => value,
    ) =>
      belonging({
        type: 'record',
        at: wayOf.record(at),
        label,
        options: options.map(([value, text]) => ({ value, text })),
        keyOf: (value) => keyOf(value as ValueAt<R, P>),
      }),
  };
}
