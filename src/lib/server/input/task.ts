// What a person may send of a task analysis: its steps, with what revision they started from.
import 'reflect-metadata';
import {
  DEMANDS,
  GRAINS,
  HAZARDS,
  LONGEST_WORDS,
  MOST_STEPS,
  PHASES,
  SENSES,
  SUPERVISION,
  TOOLS,
  UNITS,
  type Step,
  type Unit,
} from '$core';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  Length,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { IsAmount, IsCount, IsId, Text, Words } from './rules';
import { Holds, ListOf, Nullable, Optional, Slug, Texts } from './shape';

const PLACES_OF_STEPS = TOOLS.map((tool) => tool.id);

class CueInput {
  @IsIn(SENSES)
  sense!: (typeof SENSES)[number];

  @Text(300)
  text!: string;
}

class UseInput {
  @Nullable()
  @IsInt()
  @Min(0)
  @Max(1000)
  ingredient!: number | null;

  @Text(200)
  item!: string;

  @Nullable()
  @IsAmount()
  quantity!: string | null;

  @Nullable()
  @IsIn(UNITS)
  unit!: Unit | null;
}

class FillingInput {
  @Slug()
  measure!: string;

  @Text(40)
  label!: string;

  @IsInt()
  @Min(1)
  @Max(200)
  times!: number;
}

class MinutesInput {
  @IsNumber()
  @Min(0)
  @Max(10_000)
  active!: number;

  @IsNumber()
  @Min(0)
  @Max(100_000)
  waiting!: number;
}

const Key = () => Matches(/^\S(?:.{0,118}\S)?$/u, { message: 'a step has a key of 1 to 120 characters' });

class PlainStepInput implements Step {
  @Key()
  key!: string;

  @Optional()
  @Text(LONGEST_WORDS)
  whole?: string;

  @Optional()
  @Text(120)
  routine?: string;

  @Length(1, LONGEST_WORDS, {
    message: ({ value }) => (value ? `a step is at most ${LONGEST_WORDS} characters` : 'a step needs words'),
  })
  text!: string;

  @Nullable()
  @Slug()
  technique!: string | null;

  @IsIn(PHASES)
  phase!: (typeof PHASES)[number];

  @Nullable()
  @IsCount()
  sourceLine!: number | null;

  @ListOf(() => UseInput, 200)
  uses!: UseInput[];

  @IsArray()
  @ArrayMaxSize(60)
  @Matches(/^[a-z0-9][a-z0-9-]{0,39}$/, { each: true, message: 'each tool is one that the program knows' })
  tools!: string[];

  @Nullable()
  @IsIn(PLACES_OF_STEPS, { message: 'a step happens in a bowl, a pan or another thing that the program knows' })
  into!: string | null;

  @ListOf(() => FillingInput, 20)
  fillings!: FillingInput[];

  @IsArray()
  @ArrayMaxSize(HAZARDS.length)
  @IsIn(HAZARDS, { each: true })
  hazards!: (typeof HAZARDS)[number][];

  @IsIn(SUPERVISION)
  supervision!: (typeof SUPERVISION)[number];

  @ListOf(() => CueInput, 40)
  cues!: CueInput[];

  @Holds(() => MinutesInput)
  minutes!: MinutesInput;

  @IsArray()
  @ArrayMaxSize(DEMANDS.length)
  @IsIn(DEMANDS, { each: true })
  demands!: (typeof DEMANDS)[number][];

  @Texts(200, 2000)
  small!: string[];

  @Nullable()
  @Text(300)
  meanwhile!: string | null;

  // what the dry run plays it with: see Step
  @Optional()
  @IsIn(PLACES_OF_STEPS)
  from?: string | null;

  @Optional()
  @Text(30)
  level?: string | null;

  @Optional()
  @IsIn(PLACES_OF_STEPS)
  base?: string | null;

  @Optional()
  @IsArray()
  @ArrayMaxSize(200)
  @IsInt({ each: true })
  @Min(0, { each: true })
  about?: number[];

  @Optional()
  @IsBoolean()
  lasts?: boolean;

  @Optional()
  @IsBoolean()
  little?: boolean;
}

export class StepInput extends PlainStepInput {
  /** The steps that a joined one holds; none of them is joined itself. */
  @Optional()
  @ListOf(() => PlainStepInput, MOST_STEPS)
  parts?: PlainStepInput[];
}

class BuiltFrom {
  @IsIn(GRAINS)
  grain!: (typeof GRAINS)[number];

  @IsCount()
  recipeRevision!: number;
}

export class SavedDraft {
  @IsCount()
  revision!: number;

  /** Set when the steps were built anew from the recipe. */
  @Optional()
  @Holds(() => BuiltFrom)
  built?: BuiltFrom;

  @ListOf(() => StepInput, MOST_STEPS, `a task has at most ${MOST_STEPS} steps`)
  @ArrayUnique((step: StepInput | null) => step?.key, { message: 'two steps have the same key' })
  steps!: StepInput[];
}

/** A run of steps kept as the class's own routine, with the revision that it improves; 0 for a new one. */
export class SavedRoutine {
  @IsId('a routine has a number of its own')
  id!: string;

  @IsInt()
  @Min(0)
  @Max(2_147_483_647)
  revision!: number;

  @Words(80, 'give the routine a name of at most 80 letters')
  name!: string;

  @ArrayMinSize(1, { message: 'a routine has at least one step' })
  @ListOf(() => StepInput, 100, 'a routine has at most 100 steps')
  @ArrayUnique((step: StepInput | null) => step?.key, { message: 'two steps have the same key' })
  steps!: StepInput[];
}

export class SettledRoutine {
  @IsId()
  id!: string;
}

export class Publication {
  @IsCount()
  revision!: number;

  @Text(2000, 'a note is at most 2000 characters')
  note!: string;
}

/** Which version becomes the draft again, and the draft that it takes the place of. */
export class Restoring {
  @IsCount()
  version!: number;

  @IsCount()
  revision!: number;
}
