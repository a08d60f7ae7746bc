// Rules that several kinds of input share.
import { IsInt, Length, Matches, Max, Min } from 'class-validator';
import { ID } from '../../id';

/** The largest whole number that a column of the database holds. */
const MOST = 2_147_483_647;

const all =
  (...rules: PropertyDecorator[]): PropertyDecorator =>
  (prototype, name) => {
    for (const rule of rules) rule(prototype, name);
  };

export const IsId = (message = 'this is no id'): PropertyDecorator => Matches(ID, { message });

/** A count from 1 on: a revision, the number of a version. */
export const IsCount = (): PropertyDecorator =>
  all(
    IsInt({ message: 'a whole number is expected here' }),
    Min(1, { message: 'this counts from 1' }),
    Max(MOST, { message: 'this number is too large' }),
  );

/** An exact amount: "3", "9/4"; never divided by zero. */
export const IsAmount = (): PropertyDecorator =>
  Matches(/^\d{1,9}(\/[1-9]\d{0,8})?$/, { message: 'an amount is a whole number or a fraction, and not divided by zero' });

/** A text with something in it. */
export const Words = (most: number, message?: string): PropertyDecorator =>
  all(
    Length(1, most, { message: message ?? `a text of 1 to ${most} characters is expected here` }),
    Matches(/\S/, { message: message ?? 'a text with words is expected here' }),
  );

/** A text that may be empty. */
export const Text = (most: number, message?: string): PropertyDecorator =>
  Length(0, most, { message: message ?? `a text of at most ${most} characters is expected here` });
