// What a person may send of a task analysis: its steps, with what revision they started from.
import 'reflect-metadata';
import { Transform, Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  ArrayUnique,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { LONGEST_STEP, PHASES, SUPERVISION } from '$core';

const HAZARDS = [
  'sharp',
  'hot',
  'steam',
  'raw-egg',
  'raw-meat',
  'raw-fish',
  'raw-flour',
  'edge',
  'electric',
  'choking',
  'allergen',
  'splash',
  'slip',
];
const SENSES = ['sight', 'touch', 'sound', 'smell', 'time', 'thermometer'];
const AMOUNT = /^\d{1,9}(\/[1-9]\d{0,8})?$/;

const trim = () => Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.trim() : value));

class CueInput {
  @IsIn(SENSES)
  sense!: string;

  @IsString()
  @MaxLength(300)
  text!: string;
}

class UseInput {
  @IsOptional()
  @IsInt()
  @Min(0)
  ingredient!: number | null;

  @IsString()
  @MaxLength(200)
  item!: string;

  @IsOptional()
  @Matches(AMOUNT)
  quantity!: string | null;

  @IsOptional()
  @IsString()
  @MaxLength(12)
  unit!: string | null;
}

class FillingInput {
  @IsString()
  @MaxLength(40)
  measure!: string;

  @IsString()
  @MaxLength(40)
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

class StepInput {
  @Length(1, 120)
  key!: string;

  @IsOptional()
  @IsString()
  @MaxLength(LONGEST_STEP)
  whole?: string;

  @IsOptional()
  @IsString()
  @MaxLength(120)
  routine?: string;

  @Length(1, LONGEST_STEP, {
    message: ({ value }) => (value ? `a step is at most ${LONGEST_STEP} characters: one action` : 'a step needs words'),
  })
  text!: string;

  @IsOptional()
  @IsString()
  @MaxLength(40)
  technique!: string | null;

  @IsIn([...PHASES])
  phase!: string;

  @IsOptional()
  @IsInt()
  sourceLine!: number | null;

  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => UseInput)
  uses!: UseInput[];

  @IsArray()
  @ArrayMaxSize(60)
  @IsString({ each: true })
  @MaxLength(40, { each: true })
  tools!: string[];

  @IsOptional()
  @IsString()
  @MaxLength(40)
  into!: string | null;

  @IsArray()
  @ArrayMaxSize(20)
  @ValidateNested({ each: true })
  @Type(() => FillingInput)
  fillings!: FillingInput[];

  @IsArray()
  @IsIn(HAZARDS, { each: true })
  hazards!: string[];

  @IsIn([...SUPERVISION])
  supervision!: string;

  @IsArray()
  @ArrayMaxSize(40)
  @ValidateNested({ each: true })
  @Type(() => CueInput)
  cues!: CueInput[];

  @ValidateNested()
  @Type(() => MinutesInput)
  minutes!: MinutesInput;

  @IsArray()
  @IsString({ each: true })
  @MaxLength(40, { each: true })
  demands!: string[];

  @IsArray()
  @ArrayMaxSize(200)
  @IsString({ each: true })
  @MaxLength(2000, { each: true })
  small!: string[];

  @IsOptional()
  @IsString()
  @MaxLength(300)
  meanwhile!: string | null;
}

class BuiltFrom {
  @IsIn(['coarse', 'standard', 'fine'])
  grain!: 'coarse' | 'standard' | 'fine';

  @IsInt()
  @Min(1)
  @Max(2_147_483_647)
  recipeRevision!: number;
}

export class SavedDraft {
  @IsInt()
  @Min(1)
  @Max(2_147_483_647)
  revision!: number;

  /** Set when the steps were built anew from the recipe. */
  @IsOptional()
  @ValidateNested()
  @Type(() => BuiltFrom)
  built?: BuiltFrom;

  @IsArray()
  @ArrayMaxSize(600, { message: 'a task has at most 600 steps' })
  @ArrayUnique((step: StepInput) => step?.key, { message: 'two steps have the same key' })
  @ValidateNested({ each: true })
  @Type(() => StepInput)
  steps!: StepInput[];
}

/** A run of steps kept as the class's own routine. */
export class SavedRoutine {
  @IsUUID('4', { message: 'a routine has a number of its own' })
  id!: string;

  @trim()
  @Length(1, 80, { message: 'give the routine a name of at most 80 letters' })
  name!: string;

  @IsArray()
  @ArrayMinSize(1, { message: 'a routine has at least one step' })
  @ArrayMaxSize(100, { message: 'a routine has at most 100 steps' })
  @ArrayUnique((step: StepInput) => step?.key, { message: 'two steps have the same key' })
  @ValidateNested({ each: true })
  @Type(() => StepInput)
  steps!: StepInput[];
}

export class Publication {
  @IsInt()
  @Min(1)
  @Max(2_147_483_647)
  revision!: number;

  @IsString()
  @MaxLength(2000, { message: 'a note is at most 2000 characters' })
  note!: string;
}
