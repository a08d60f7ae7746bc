// What a person may send of a learner: name, how to help, the answers of the profile; and of his fit: words, cautions answered.
import 'reflect-metadata';
import {
  EU_ALLERGENS,
  HAZARDS,
  PROFILE_QUESTIONS,
  SCAN_SECONDS,
  US_ALLERGENS,
  WORDS_AT,
  type Allergen,
  type Hazard,
  type OwnLook,
  type Profile,
  CARDS_A_PAGE,
  INKS_OF_LOOK,
  TEXT_SIZES,
} from '$core';
import { ArrayUnique, IsArray, IsBoolean, IsIn, IsNumber, Matches, Max, Min } from 'class-validator';
import { IsCount, Text, Words } from './rules';
import { Holds, ListOf, Optional, Slug } from './shape';

const ALLERGENS: readonly Allergen[] = [...new Set([...US_ALLERGENS, ...EU_ALLERGENS])];
const CHOICES = PROFILE_QUESTIONS.flatMap((q) => q.choices.map((c) => c.id));

class AnswerInput {
  @IsIn(PROFILE_QUESTIONS.map((q) => q.id), { message: 'this is no question of the profile' })
  q!: string;

  @IsIn(CHOICES, { message: 'this is no answer to it' })
  a!: string;
}

class NeverInput {
  @IsIn(HAZARDS, { message: 'choose what is never to be' })
  hazard!: Hazard;

  @Words(80, 'say who said so')
  said!: string;

  @Matches(/^(\d{4}-\d{2}-\d{2})?$/, { message: 'the day to look again is a day, or empty' })
  again!: string;
}

class WayNotedInput {
  @Slug()
  way!: string;

  @Text(80)
  by!: string;

  @Text(40)
  at!: string;

  @Optional()
  @Text(300)
  why?: string;
}

export class ProfileInput implements Profile {
  @ListOf(() => AnswerInput, 60)
  @ArrayUnique((a: AnswerInput | null) => a?.q, { message: 'a question is answered twice' })
  answers!: AnswerInput[];

  @IsArray({ message: 'a list is expected here' })
  @IsIn(ALLERGENS, { each: true, message: 'this is no allergen that the program knows' })
  allergies!: Allergen[];

  @ListOf(() => NeverInput, 40)
  never!: NeverInput[];

  @ListOf(() => WayNotedInput, 400)
  kept!: WayNotedInput[];

  @ListOf(() => WayNotedInput, 400)
  refused!: WayNotedInput[];
}

export class OwnLookInput implements OwnLook {
  @IsIn(WORDS_AT)
  words!: OwnLook['words'];

  @IsIn(INKS_OF_LOOK)
  ink!: OwnLook['ink'];

  @IsIn(TEXT_SIZES)
  size!: OwnLook['size'];

  @IsIn([0, ...CARDS_A_PAGE])
  perPage!: OwnLook['perPage'];

  @IsBoolean()
  contrast!: boolean;

  @IsBoolean()
  speaks!: boolean;

  @IsIn([0, 1, 2])
  switches!: OwnLook['switches'];

  @IsNumber({}, { message: 'seconds are a number' })
  @Min(SCAN_SECONDS.least)
  @Max(SCAN_SECONDS.most)
  scanSeconds!: number;

  @IsBoolean()
  scanSpeaks!: boolean;
}

export class LearnerName {
  @Words(40, 'a short name has 1 to 40 letters')
  name!: string;
}

export class LearnerSaved {
  @IsCount()
  revision!: number;

  @Optional()
  @Words(40, 'a short name has 1 to 40 letters')
  name?: string;

  @Optional()
  @Text(2000, 'at most 2000 letters')
  planNotes?: string;

  @Optional()
  @Holds(() => ProfileInput)
  profile?: ProfileInput;

  @Optional()
  @Holds(() => OwnLookInput)
  screen?: OwnLookInput;

  @Optional()
  @IsBoolean()
  putAway?: boolean;
}

class OwnWordsInput {
  @Words(120)
  key!: string;

  @Words(400, 'a step needs words, at most 400 letters')
  text!: string;

  @Text(4000)
  seen!: string;

  @Text(80)
  by!: string;

  @Text(40)
  at!: string;
}

class AnsweredInput {
  @Words(120)
  key!: string;

  @Words(80, 'say who answers it')
  by!: string;

  @Words(300, 'a caution is answered with a reason')
  reason!: string;

  @Text(40)
  at!: string;
}

class GivenUpInput {
  @Words(120)
  key!: string;

  @Text(80)
  by!: string;

  @Text(40)
  at!: string;
}

export class DifferencesInput {
  @ListOf(() => OwnWordsInput, 600)
  words!: OwnWordsInput[];

  @ListOf(() => AnsweredInput, 600)
  answered!: AnsweredInput[];

  @Optional()
  @ListOf(() => GivenUpInput, 600)
  adult?: GivenUpInput[];
}
