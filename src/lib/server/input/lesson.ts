// What the kitchen sends: a lesson begun, and what was recorded in it. Ids are made on the device, so sending twice is harmless.
import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsDateString,
  IsIn,
  IsInt,
  IsOptional,
  IsString,
  IsUUID,
  Length,
  Matches,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';

const DAY = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;

export class NewLesson {
  @IsUUID()
  id!: string;

  @IsUUID()
  learnerId!: string;

  @IsInt()
  @Min(1)
  version!: number;

  @Matches(DAY, { message: 'a day is written 2026-05-31' })
  heldOn!: string;

  @IsString()
  @MaxLength(40)
  hierarchy!: string;

  @IsIn(['baseline', 'intervention', 'maintenance', 'generalisation'])
  phase!: 'baseline' | 'intervention' | 'maintenance' | 'generalisation';
}

class ObservationInput {
  @IsUUID()
  id!: string;

  @IsUUID()
  learnerId!: string;

  @Length(1, 120)
  stepKey!: string;

  @Length(1, 40)
  code!: string;

  @Length(1, 40)
  observer!: string;

  @IsIn(['tap', 'key'])
  how!: 'tap' | 'key';

  @IsDateString()
  madeAt!: string;

  @IsOptional()
  @IsUUID()
  replaces!: string | null;
}

class NoteInput {
  @IsUUID()
  id!: string;

  @IsUUID()
  learnerId!: string;

  @IsOptional()
  @Length(1, 120)
  stepKey!: string | null;

  @Length(1, 2000, { message: 'a note has 1 to 2000 characters' })
  text!: string;

  @IsDateString()
  madeAt!: string;
}

export class Sync {
  @IsArray()
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => ObservationInput)
  observations!: ObservationInput[];

  @IsArray()
  @ArrayMaxSize(100)
  @ValidateNested({ each: true })
  @Type(() => NoteInput)
  notes!: NoteInput[];

  /** Learners whose lesson is over. */
  @IsArray()
  @ArrayMaxSize(30)
  @IsUUID(undefined, { each: true })
  finished!: string[];
}
