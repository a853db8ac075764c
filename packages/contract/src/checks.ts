import { recordOf, type Unit } from '@gyrus/core';
import { applyDecorators } from './decorators.ts';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsDefined,
  IsIn,
  IsNumber,
  IsObject,
  IsString,
  Max,
  MaxLength,
  Min,
  registerDecorator,
  ValidateIf,
  ValidateNested,
  type ValidationArguments,
} from 'class-validator';
import { AngleDto, LengthDto } from './quantities.ts';

/** A key that may be left out. A null is not left out: nothing is kept for it. */
export const MayBeLeftOut = (): PropertyDecorator => ValidateIf((_, value) => value !== undefined);

/** The unit that lengths are told in. */
export const IsUnit = () => IsIn(['in', 'mm'] satisfies Unit[], { message: 'units are in or mm' });

/** A length that must be there. `least` is the lowest it may be, in mm; `above` excludes that value itself. */
export const LengthField = (what: string, limits: { least?: number; above?: number } = {}) =>
  applyDecorators(
    IsDefined({ message: `give ${what}` }),
    IsObject({ message: `give ${what} as one length` }),
    ValidateNested(),
    Type(() => LengthDto),
    InRange('mm', what, limits),
  );

/** A length that may be left out, as null. */
export const OptionalLengthField = (what: string, limits: { least?: number; above?: number } = {}) =>
  applyDecorators(
    ValidateIf((_, value) => value !== null),
    LengthField(what, limits),
  );

/** What something cost, as a number of whatever money the shop counts in; null where nobody says. */
export const PriceField = (what: string) =>
  applyDecorators(
    ValidateIf((_, value) => value !== null),
    IsNumber({}, { message: `${what} is a number` }),
    Min(0, { message: `${what} is not less than nothing` }),
    Max(1e6, { message: `${what} is at most a million` }),
  );

/** A record of its own class, or null. what: as in `give the bends, or null for a straight piece` */
export const NestedOrNullField = <T extends object>(of: () => new () => T, what: string) =>
  applyDecorators(
    ValidateIf((_, value) => value !== null),
    IsDefined({ message: what }),
    IsObject({ message: what }),
    ValidateNested(),
    Type(of),
  );

/** A line of text, or empty. what: as in `a place` */
export const LineField = (what: string) =>
  applyDecorators(IsString(), MaxLength(120, { message: `${what} has 120 characters at most` }));

/** A note: some sentences, or empty. */
export const NoteField = () =>
  applyDecorators(IsString(), MaxLength(4000, { message: 'a note has 4000 characters at most' }));

/** A place as three lengths, forward, left and up. */
export const CornerField = (what: string) =>
  applyDecorators(
    IsArray({ message: `give ${what} as [forward, left, up]` }),
    ArrayMinSize(3, { message: `give ${what} as [forward, left, up]` }),
    ArrayMaxSize(3, { message: `give ${what} as [forward, left, up]` }),
    ValidateNested({ each: true }),
    Type(() => LengthDto),
  );

/** An angle that must be there. Limits in degrees; `above` excludes that value itself. */
export const AngleField = (what: string, limits: { least?: number; above?: number; most?: number } = {}) =>
  applyDecorators(
    IsDefined({ message: `give ${what}` }),
    IsObject({ message: `give ${what} as one angle` }),
    ValidateNested(),
    Type(() => AngleDto),
    InRange('deg', what, limits),
  );

/** An angle that may be left out, as null. */
export const OptionalAngleField = (what: string, limits: { above?: number; most?: number } = {}) =>
  applyDecorators(
    ValidateIf((_, value) => value !== null),
    AngleField(what, limits),
  );

interface Limits {
  least?: number;
  above?: number;
  most?: number;
}

/** Limits of the value inside a quantity, so that the message stands at the field itself. */
function InRange(key: 'mm' | 'deg', what: string, limits: Limits): PropertyDecorator {
  const unit = key === 'mm' ? 'mm' : '°';
  const reason = (value: unknown): string | null => {
    const number = recordOf(value)[key];
    if (typeof number !== 'number') return null;
    if (limits.above !== undefined && number <= limits.above)
      return `${what} is more than ${limits.above} ${unit}`;
    if (limits.least !== undefined && number < limits.least)
      return `${what} is at least ${limits.least} ${unit}`;
    if (limits.most !== undefined && number > limits.most) return `${what} is at most ${limits.most}${unit}`;
    return null;
  };
  return (target, property) =>
    registerDecorator({
      name: 'inRange',
      target: target.constructor,
      propertyName: String(property),
      validator: {
        validate: (value: unknown) => reason(value) === null,
        defaultMessage: (given?: ValidationArguments) => reason(given?.value) ?? '',
      },
    });
}
