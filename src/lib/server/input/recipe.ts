// What a person may send of a recipe: the pasted text, and the corrected reading.
import 'reflect-metadata';
import { Transform, Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
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

/** The longest recipe text that is taken, in characters: a long cookery book page is 5,000. */
const LONGEST_TEXT = 100_000;

const trim = () => Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.trim() : value));

export class NewRecipe {
  /** Made when the form is opened, so that sending it twice makes one recipe. */
  @IsUUID('4', { message: 'this form has lost its number; open the page again' })
  id!: string;

  @trim()
  @IsString({ message: 'paste the recipe here' })
  @Length(1, LONGEST_TEXT, {
    message: ({ value }) =>
      String(value ?? '').length === 0
        ? 'paste the recipe here: its title, what goes in, and what to do'
        : `this text is ${Math.round(String(value).length / 1000)} thousand characters long; ${LONGEST_TEXT / 1000} thousand is the most. Paste one recipe at a time`,
  })
  source!: string;
}

const AMOUNT = /^\d{1,9}(\/[1-9]\d{0,8})?$/;

class AmountInput {
  @Matches(AMOUNT, { message: 'an amount is a whole number or a fraction' })
  quantity!: string;

  @IsOptional()
  @IsString()
  @MaxLength(12)
  unit!: string | null;
}

class IngredientInput {
  @IsString()
  @MaxLength(2000)
  text!: string;

  @IsOptional()
  @Matches(AMOUNT, { message: 'an amount is a whole number or a fraction, and not divided by zero' })
  min!: string | null;

  @IsOptional()
  @Matches(AMOUNT, { message: 'an amount is a whole number or a fraction, and not divided by zero' })
  max!: string | null;

  @IsOptional()
  @IsString()
  @MaxLength(12)
  unit!: string | null;

  @trim()
  @Length(1, 200, { message: 'say what the ingredient is' })
  item!: string;

  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  @MaxLength(200, { each: true })
  preparation!: string[];

  @IsBoolean()
  optional!: boolean;

  @IsOptional()
  @ValidateNested()
  @Type(() => AmountInput)
  pack!: AmountInput | null;

  @IsOptional()
  @ValidateNested()
  @Type(() => AmountInput)
  alternate!: AmountInput | null;

  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  @MaxLength(200, { each: true })
  alternatives!: string[];

  @IsArray()
  @ArrayMaxSize(20)
  @IsString({ each: true })
  @MaxLength(300, { each: true })
  notes!: string[];

  @IsOptional()
  @IsString()
  @MaxLength(120)
  group!: string | null;

  @IsOptional()
  @IsString()
  @MaxLength(300)
  doubt!: string | null;
}

class RecipeInput {
  @trim()
  @Length(1, 200, { message: 'give the recipe a name' })
  title!: string;

  @IsOptional()
  @IsNumber({}, { message: 'servings is a number' })
  @Min(0.1, { message: 'servings is more than nothing' })
  @Max(1000, { message: 'servings is at most 1000' })
  servings!: number | null;

  @IsArray()
  @ArrayMaxSize(200, { message: 'more than 200 ingredients is more than one recipe' })
  @ValidateNested({ each: true })
  @Type(() => IngredientInput)
  ingredients!: IngredientInput[];

  @IsArray()
  @ArrayMaxSize(100)
  @IsString({ each: true })
  @MaxLength(120, { each: true })
  tools!: string[];

  @IsArray()
  @ArrayMaxSize(300, { message: 'more than 300 lines of method is more than one recipe' })
  @IsString({ each: true })
  @MaxLength(2000, { each: true, message: 'a line of the method is at most 2000 characters' })
  instructions!: string[];
}

class LineInput {
  @IsInt()
  line!: number;

  @IsString()
  @MaxLength(2000)
  text!: string;

  @IsIn(['title', 'servings', 'time', 'heading', 'ingredient', 'tool', 'instruction', 'note', 'blank', 'unread'])
  role!: string;

  @IsOptional()
  @IsInt()
  index!: number | null;
}

class UnreadInput {
  @IsInt()
  line!: number;

  @IsString()
  @MaxLength(2000)
  text!: string;

  @IsString()
  @MaxLength(300)
  why!: string;
}

class ReadingInput {
  @ValidateNested()
  @Type(() => RecipeInput)
  recipe!: RecipeInput;

  @IsArray()
  @ArrayMaxSize(2000)
  @ValidateNested({ each: true })
  @Type(() => UnreadInput)
  notUnderstood!: UnreadInput[];

  @IsArray()
  @ArrayMaxSize(2000)
  @ValidateNested({ each: true })
  @Type(() => LineInput)
  lines!: LineInput[];
}

class SwapInput {
  @IsString()
  @MaxLength(200)
  item!: string;

  @IsInt()
  @Min(0)
  @Max(1000)
  id!: number;
}

/** For how many, by how many, and with which substitutes a class makes a recipe. */
export class SavedMaking {
  @IsInt()
  @Min(1)
  @Max(2_147_483_647)
  revision!: number;

  @IsOptional()
  @IsInt({ message: 'servings is a whole number' })
  @Min(1, { message: 'servings is at least 1' })
  @Max(1000, { message: 'servings is at most 1000' })
  servingsWanted!: number | null;

  @IsInt({ message: 'how many make it is a whole number' })
  @Min(1, { message: 'at least 1 makes it' })
  @Max(200, { message: 'at most 200 make it' })
  makers!: number;

  @IsArray()
  @ArrayMaxSize(50)
  @ValidateNested({ each: true })
  @Type(() => SwapInput)
  swaps!: SwapInput[];
}

export class SavedReading {
  @IsInt()
  @Min(1)
  @Max(2_147_483_647)
  revision!: number;

  @ValidateNested()
  @Type(() => ReadingInput)
  reading!: ReadingInput;
}
