// What the kitchen sends: a lesson begun, and what was recorded in it. Ids are made on the device, so sending twice is harmless.
import 'reflect-metadata';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, IsInt, Max, Min } from 'class-validator';
import { DETAILS, HIERARCHIES, type Detail } from '$core';
import { PHASES_OF_LEARNING } from '../lessons';
import { IsDay, IsMoment } from './days';
import { IsCount, IsId, Words } from './rules';
import { Nullable, Optional } from './shape';

export class NewLesson {
  @IsId()
  id!: string;

  @IsId('choose a learner')
  learnerId!: string;

  @IsCount()
  version!: number;

  @IsDay()
  heldOn!: string;

  @IsIn(HIERARCHIES.map((h) => h.id), { message: 'choose the levels of help' })
  hierarchy!: string;

  @IsIn(PHASES_OF_LEARNING, { message: 'choose the phase' })
  phase!: (typeof PHASES_OF_LEARNING)[number];
}

/** One tap. */
export class ObservationInput {
  @IsId()
  id!: string;

  @IsId()
  learnerId!: string;

  @Words(120)
  stepKey!: string;

  @Words(40)
  code!: string;

  @Words(40)
  observer!: string;

  /** 'rule': the procedure says so, as for what follows the first error of a probe. */
  @IsIn(['tap', 'key', 'rule'])
  how!: 'tap' | 'key' | 'rule';

  @IsMoment()
  madeAt!: string;

  /** The record of this learner and step that this one stands in the place of. */
  @Nullable()
  @IsId()
  replaces!: string | null;

  /** Which device made it, and the how-manieth of that device it is: its own order, whatever its clock says. */
  @Optional()
  @IsId()
  device?: string | null;

  @Optional()
  @IsInt()
  @Min(1)
  @Max(Number.MAX_SAFE_INTEGER)
  count?: number | null;

  @Optional()
  @IsIn(DETAILS)
  detail?: Detail | null;

  /** Scored by a second adult, for agreement. */
  @Optional()
  @IsBoolean()
  second?: boolean | null;
}

export class NoteInput {
  @IsId()
  id!: string;

  @IsId()
  learnerId!: string;

  @Nullable()
  @Words(120)
  stepKey!: string | null;

  @Words(2000, 'a note has 1 to 2000 characters')
  text!: string;

  @IsMoment()
  madeAt!: string;
}

/** The envelope only: what is in it is checked one by one, so that a bad record holds up no other. */
export class Sync {
  /** The device's clock as it sends: what a record's own time is worth. */
  @Optional()
  @IsMoment()
  sentAt?: string | null;

  @IsArray({ message: 'a list is expected here' })
  @ArrayMaxSize(500)
  observations!: unknown[];

  @IsArray({ message: 'a list is expected here' })
  @ArrayMaxSize(100)
  notes!: unknown[];

  /** Learners whose lesson is over. */
  @IsArray({ message: 'a list is expected here' })
  @ArrayMaxSize(30)
  finished!: unknown[];
}
