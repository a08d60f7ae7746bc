// What a person sends of a goal, of a decision, and of the class's rules of teaching.
import 'reflect-metadata';
import { ArrayMinSize, IsBoolean, IsIn, IsInt, IsNumber, Max, Min } from 'class-validator';
import { HIERARCHIES, type Criterion, type MasteryRule, type Scope } from '$core';
import { IsDay } from './days';
import { IsId, Text, Words } from './rules';
import { Holds, ListOf, Optional, Slug, Texts } from './shape';

const Between =
  (least: number, most: number, message: string): PropertyDecorator =>
  (prototype, name) => {
    IsInt({ message })(prototype, name);
    Min(least, { message })(prototype, name);
    Max(most, { message })(prototype, name);
  };

/** When something counts as learnt. */
export class MasteryInput implements MasteryRule {
  @IsNumber({}, { message: 'a share is 1 to 100 %' })
  @Min(1, { message: 'a share is 1 to 100 %' })
  @Max(100, { message: 'a share is 1 to 100 %' })
  independence!: number;

  @Between(1, 20, '1 to 20 lessons in a row')
  lessons!: number;

  @Optional()
  @IsBoolean()
  safety?: boolean;

  @Optional()
  @Between(1, 5, '1 to 5 people or places')
  people?: number;
}

export class CriterionInput extends MasteryInput implements Criterion {
  @Slug()
  level!: string;

  @IsDay()
  by!: string;
}

class ScopeInput {
  @IsIn(['recipe', 'steps', 'technique'], { message: 'say what the goal is about' })
  kind!: Scope['kind'];

  @Optional()
  @IsId('choose a recipe')
  recipe?: string;

  @Optional()
  @ArrayMinSize(1, { message: 'Choose at least one step.' })
  @Texts(500, 120)
  keys?: string[];

  @Optional()
  @Slug()
  technique?: string;
}

/** What a goal is about, as core takes it; null where a part of it is lacking. */
export function scopeFrom({ kind, recipe, keys, technique }: ScopeInput): Scope | null {
  if (kind === 'recipe' && recipe) return { kind, recipe };
  if (kind === 'steps' && recipe && keys?.length) return { kind, recipe, keys };
  if (kind === 'technique' && technique) return { kind, technique };
  return null;
}

export class GoalInput {
  @IsId()
  id!: string;

  @Holds(() => ScopeInput)
  scope!: ScopeInput;

  @Text(200)
  condition!: string;

  @IsIn(HIERARCHIES.map((h) => h.id), { message: 'choose the levels of help' })
  hierarchy!: string;

  @Holds(() => CriterionInput)
  criterion!: CriterionInput;

  /** The revision that was changed; 0 for a new goal. */
  @Between(0, 2_000_000_000, 'a revision is a whole number')
  revision!: number;
}

/** As a goal is stored. */
export class ScopeDoc {
  @Holds(() => ScopeInput)
  scope!: ScopeInput;
}

class StepInput {
  @IsId()
  recipeId!: string;

  @Words(120)
  key!: string;
}

/** A person's answer to a proposal. */
export class DecisionInput {
  @IsId()
  id!: string;

  @Words(300)
  about!: string;

  @IsBoolean()
  taken!: boolean;

  @Text(500)
  reason!: string;
}

export class StepsDoc {
  @ListOf(() => StepInput, 500)
  all!: StepInput[];
}

class RuleInput {
  @Between(1, 20, '1 to 20 times')
  last!: number;

  @Between(1, 20, '1 to 20 days')
  days!: number;

  @Between(1, 20, '1 to 20 times')
  down!: number;
}

/** The rules that the class's lessons take with them. */
export class TeachingInput {
  @Holds(() => MasteryInput)
  mastery!: MasteryInput;

  @Holds(() => RuleInput)
  rule!: RuleInput;
}
