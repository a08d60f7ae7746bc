// What a person sends of a lesson of the class: when it is, what is cooked, who is there, and how each is taught.
import 'reflect-metadata';
import { ArrayUnique, IsBoolean, IsIn, IsInt, Matches, Max, Min } from 'class-validator';
import { HIERARCHIES, MODES, PRESENCES, PROCEDURES, type Chaining, type Mode, type Presence, type ProcedureId } from '$core';
import { PHASES_OF_LEARNING, type Phase } from '../lessons';
import { IsDay } from './days';
import { IsCount, IsId, Words } from './rules';
import { Holds, ListOf, Nullable, Optional, Texts } from './shape';

const IsTime = (): PropertyDecorator => Matches(/^([01]\d|2[0-3]):[0-5]\d$/, { message: 'a time is written 09:30' });
const IsMinutes = (): PropertyDecorator => (prototype, name) => {
  IsInt({ message: 'minutes are a whole number' })(prototype, name);
  Min(10, { message: 'a lesson has at least 10 minutes' })(prototype, name);
  Max(480, { message: 'a lesson has at most 480 minutes' })(prototype, name);
};

class When {
  @IsDay()
  heldOn!: string;

  @Nullable()
  @IsTime()
  startsAt!: string | null;

  @IsMinutes()
  minutes!: number;
}

/** A lesson that is put on the list. */
export class NewClassLesson extends When {
  @IsId()
  id!: string;

  @IsId('choose a recipe')
  recipeId!: string;
}

class DishInput {
  @IsId()
  lessonId!: string;

  @IsId()
  recipeId!: string;

  @IsCount()
  version!: number;

  @IsIn(MODES, { message: 'say how the dish is shared out' })
  mode!: Mode;
}

class ProcedureInput {
  @IsIn(PROCEDURES.map((p) => p.id), { message: 'choose the procedure' })
  id!: ProcedureId;

  @IsInt()
  @Min(0)
  @Max(60, { message: 'a wait of at most 60 seconds' })
  wait!: number;

  @IsInt()
  @Min(0)
  @Max(60, { message: 'a delay of at most 60 seconds' })
  delay!: number;
}

class PersonInput {
  @IsId()
  lessonId!: string;

  @IsId()
  learnerId!: string;

  @IsIn(PRESENCES)
  presence!: Presence;

  @IsIn(PHASES_OF_LEARNING, { message: 'choose the phase' })
  phase!: Phase;

  @IsIn(['total', 'forward', 'backward'])
  chaining!: Chaining;

  @IsIn(HIERARCHIES.map((h) => h.id), { message: 'choose the levels of help' })
  hierarchy!: string;

  @Holds(() => ProcedureInput)
  procedure!: ProcedureInput;

  /** The steps that are his in a dish that is shared; null: all of them. */
  @Nullable()
  @Texts(600, 120)
  share!: string[] | null;

  @Nullable()
  @IsInt()
  @Min(0)
  @Max(40)
  team!: number | null;

  @Nullable()
  @Words(40)
  adult!: string | null;
}

export class SetUpInput extends When {
  @IsCount()
  revision!: number;

  @Texts(8, 40)
  adults!: string[];

  @IsBoolean()
  waitShown!: boolean;

  /** Where, if not in the usual kitchen. */
  @Optional()
  @Words(40)
  place?: string | null;

  @ArrayUnique((d: DishInput | null) => d?.lessonId, { message: 'a recipe is in the lesson twice under one id' })
  @ListOf(() => DishInput, 4, 'at most four recipes in a lesson')
  dishes!: DishInput[];

  @ArrayUnique((p: PersonInput | null) => `${p?.lessonId} ${p?.learnerId}`, { message: 'a learner is in a dish twice' })
  @ListOf(() => PersonInput, 120, 'at most 120 places in a lesson')
  people!: PersonInput[];
}

/** Whether a learner is there, said in the lesson. */
export class PresenceInput {
  @IsId()
  learnerId!: string;

  @IsIn(PRESENCES)
  presence!: Presence;
}

/** To which adult a learner is handed over; null: to whoever is near. */
export class HandOverInput {
  @IsId()
  learnerId!: string;

  @Nullable()
  @Words(40)
  adult!: string | null;
}

/** A level to aim for at a step, set by a person; null: as the records say. */
export class AimInput {
  @IsId()
  lessonId!: string;

  @IsId()
  learnerId!: string;

  @Words(120)
  stepKey!: string;

  @Nullable()
  @Words(40)
  level!: string | null;
}

export class ShareInput {
  @IsId()
  lessonId!: string;
}

export class LearnerOnly {
  @IsId('choose a learner')
  learnerId!: string;
}

/** What a learner pressed on a screen of his own. */
export class MarkInput {
  @IsId()
  id!: string;

  @IsId()
  lessonId!: string;

  @Words(120)
  stepKey!: string;

  @IsIn(['done', 'help'])
  what!: 'done' | 'help';
}
