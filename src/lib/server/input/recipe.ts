// What a person may send of a recipe: the pasted text, and the corrected reading.
import 'reflect-metadata';
import { LINE_ROLES, UNITS, type Reading, type Unit } from '$core';
import { IsBoolean, IsIn, IsInt, IsNumber, Length, Max, Min } from 'class-validator';
import { IsAmount, IsCount, IsId, Text, Words } from './rules';
import { Holds, ListOf, Nullable, Texts } from './shape';

/** The longest recipe text that is taken, in characters: a long cookery book page is 5,000. */
const LONGEST_TEXT = 100_000;
/** Lines, ingredients and lines of method of one recipe; core reads no more than that. */
const MOST_LINES = 2000;

export class NewRecipe {
  /** Made when the form is opened, so that sending it twice makes one recipe. */
  @IsId('this form has lost its number; open the page again')
  id!: string;

  @Length(1, LONGEST_TEXT, {
    message: ({ value }) =>
      String(value ?? '').length === 0
        ? 'paste the recipe here: its title, what goes in, and what to do'
        : `this text is ${Math.round(String(value).length / 1000)} thousand characters long; ${LONGEST_TEXT / 1000} thousand is the most. Paste one recipe at a time`,
  })
  source!: string;
}

const IsUnit = () => IsIn(UNITS, { message: 'this is no unit of a kitchen' });

class AmountInput {
  @IsAmount()
  quantity!: string;

  @Nullable()
  @IsUnit()
  unit!: Unit | null;
}

export class IngredientInput {
  @Text(2000)
  text!: string;

  @Nullable()
  @IsAmount()
  min!: string | null;

  @Nullable()
  @IsAmount()
  max!: string | null;

  @Nullable()
  @IsUnit()
  unit!: Unit | null;

  @Words(200, 'say what the ingredient is')
  item!: string;

  @Texts(20, 200)
  preparation!: string[];

  @IsBoolean()
  optional!: boolean;

  @Nullable()
  @Holds(() => AmountInput)
  pack!: AmountInput | null;

  @Nullable()
  @Holds(() => AmountInput)
  alternate!: AmountInput | null;

  @Texts(20, 200)
  alternatives!: string[];

  @Texts(20, 300)
  notes!: string[];

  @Nullable()
  @Text(120)
  group!: string | null;

  @Nullable()
  @Text(300)
  doubt!: string | null;
}

class RecipeInput {
  @Words(200, 'give the recipe a name')
  title!: string;

  @Nullable()
  @IsNumber({}, { message: 'servings is a number' })
  @Min(0.1, { message: 'servings is more than nothing' })
  @Max(1000, { message: 'servings is at most 1000' })
  servings!: number | null;

  @ListOf(() => IngredientInput, 200, 'more than 200 ingredients is more than one recipe')
  ingredients!: IngredientInput[];

  @Texts(100, 120)
  tools!: string[];

  @Texts(300, 2000)
  instructions!: string[];
}

class LineInput {
  @IsCount()
  line!: number;

  @Text(2000)
  text!: string;

  @IsIn(LINE_ROLES)
  role!: (typeof LINE_ROLES)[number];

  @Nullable()
  @IsInt()
  @Min(0)
  @Max(MOST_LINES)
  index!: number | null;
}

class UnreadInput {
  @IsCount()
  line!: number;

  @Text(2000)
  text!: string;

  @Text(300)
  why!: string;
}

export class ReadingInput implements Reading {
  @Holds(() => RecipeInput)
  recipe!: RecipeInput;

  @ListOf(() => UnreadInput, MOST_LINES)
  notUnderstood!: UnreadInput[];

  @ListOf(() => LineInput, MOST_LINES)
  lines!: LineInput[];
}

export class SwapInput {
  @Text(200)
  item!: string;

  @IsInt()
  @Min(0)
  @Max(1000)
  id!: number;
}

/** For how many, by how many, and with which substitutes a class makes a recipe. */
export class SavedMaking {
  @IsCount()
  revision!: number;

  @Nullable()
  @IsInt({ message: 'servings is a whole number' })
  @Min(1, { message: 'servings is at least 1' })
  @Max(1000, { message: 'servings is at most 1000' })
  servingsWanted!: number | null;

  @IsInt({ message: 'how many make it is a whole number' })
  @Min(1, { message: 'at least 1 makes it' })
  @Max(200, { message: 'at most 200 make it' })
  makers!: number;

  @ListOf(() => SwapInput, 50)
  swaps!: SwapInput[];
}

export class SavedReading {
  @IsCount()
  revision!: number;

  @Holds(() => ReadingInput)
  reading!: ReadingInput;
}
