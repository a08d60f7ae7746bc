// What a person sends of the plan of a lesson: what is set, and the timetable as it stands.
import 'reflect-metadata';
import { ArrayUnique, IsBoolean, IsInt, IsNumber, Max, Min } from 'class-validator';
import { IsCount, IsId, Text, Words } from './rules';
import { Holds, ListOf, Optional, Slug, Texts } from './shape';

/** A day has no more minutes than a lesson looks ahead. */
const IsMinute = (): PropertyDecorator => (prototype, name) => {
  IsNumber({ allowNaN: false, allowInfinity: false }, { message: 'a minute of the lesson is a number' })(prototype, name);
  Min(0, { message: 'no minute is before the lesson' })(prototype, name);
  Max(600, { message: 'a plan has at most 600 minutes' })(prototype, name);
};

class LockInput {
  @Words(200)
  block!: string;

  @Optional()
  @Words(40)
  who?: string;

  @Optional()
  @IsMinute()
  start?: number;
}

class BeforeInput {
  @IsId()
  dish!: string;

  @Texts(600, 120)
  keys!: string[];
}

class HoursInput {
  @Words(40)
  id!: string;

  @IsMinute()
  from!: number;

  @IsMinute()
  to!: number;
}

class TeamInput {
  @IsId()
  dish!: string;

  @Texts(40, 40)
  learners!: string[];
}

class PlacedInput {
  @Words(200)
  block!: string;

  @IsMinute()
  start!: number;

  @IsMinute()
  end!: number;

  @Texts(40, 40)
  who!: string[];

  /** In two or three words, as it stands on ladders and strips. */
  @Text(200)
  title!: string;

  /** Its steps, each with its dish: "dish key". */
  @Texts(600, 170)
  steps!: string[];
}

class StintInput {
  @Words(40)
  adult!: string;

  @IsMinute()
  from!: number;

  @IsMinute()
  to!: number;

  @Words(40)
  station!: string;

  @Texts(40, 40)
  with!: string[];
}

/** How many of a thing there are. */
export class CountInput {
  @Slug()
  thing!: string;

  @IsInt({ message: 'so many is a whole number' })
  @Min(0)
  @Max(40, { message: 'at most 40 of a thing' })
  count!: number;
}

/** What a teacher set for a plan, and the plan. */
export class PlanInput {
  @IsInt()
  @Min(0)
  @Max(1_000_000)
  seed!: number;

  @IsMinute()
  margin!: number;

  @ArrayUnique((l: LockInput | null) => l?.block, { message: 'a block is set twice' })
  @ListOf(() => LockInput, 400)
  locks!: LockInput[];

  @ListOf(() => BeforeInput, 4)
  before!: BeforeInput[];

  @ListOf(() => HoursInput, 60)
  hours!: HoursInput[];

  @ListOf(() => TeamInput, 60)
  teams!: TeamInput[];

  @ListOf(() => CountInput, 40)
  counts!: CountInput[];

  /** The class cooks by it: it goes along with the room. */
  @IsBoolean()
  used!: boolean;

  @ListOf(() => PlacedInput, 1000, 'at most 1000 blocks in a plan')
  placed!: PlacedInput[];

  @ListOf(() => StintInput, 1000)
  stints!: StintInput[];
}

export class SavePlanInput {
  @IsCount()
  revision!: number;

  /** The steps of dishes that are shared go to whom the plan gives them. */
  @IsBoolean()
  use!: boolean;

  @Holds(() => PlanInput)
  plan!: PlanInput;
}
