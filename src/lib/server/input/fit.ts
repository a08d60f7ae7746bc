// What a person may send of a fit: ways kept or refused, own words for a step, a caution answered, the whole put in use.
import 'reflect-metadata';
import { ArrayMaxSize, IsArray, IsBoolean, IsIn, Matches, ValidateIf } from 'class-validator';
import { IsId, Text, Words } from './rules';

export const FIT_CHANGES = ['keep', 'refuse', 'next', 'words', 'answer', 'use'] as const;

export class FitChange {
  @IsId('choose a learner')
  learner!: string;

  @IsBoolean()
  adult!: boolean;

  @IsIn(FIT_CHANGES, { message: 'nobody knows this change' })
  what!: (typeof FIT_CHANGES)[number];

  @IsArray()
  @ArrayMaxSize(60)
  @Matches(/^[a-z0-9][a-z0-9-]{0,39}$/, { each: true, message: 'this is no way that the program knows' })
  ways!: string[];

  @Text(120)
  key!: string;

  // a caution is answered with a reason, and by somebody
  @ValidateIf((c: FitChange) => c.what === 'answer')
  @Words(300, 'a caution is answered with a reason')
  @ValidateIf((c: FitChange) => c.what !== 'answer')
  @Text(400, 'at most 400 letters')
  text!: string;

  @ValidateIf((c: FitChange) => c.what === 'answer')
  @Words(80, 'say who answers it')
  @ValidateIf((c: FitChange) => c.what !== 'answer')
  @Text(80)
  by!: string;
}
