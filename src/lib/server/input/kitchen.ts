// What a person may send of a kitchen: its measures, its tools, and where each thing is kept.
import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayUnique,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import type { KitchenSettings } from '../kitchen';

class MeasureInput {
  @Length(1, 40)
  id!: string;

  @Matches(/^[1-9]\d{0,4}(\/[1-9]\d{0,3})?$/, { message: 'a measure holds a whole number or a fraction: 1, 1/2, 250' })
  quantity!: string;

  @IsIn(['tsp', 'tbsp', 'cup', 'floz', 'pint', 'ml', 'l'], { message: 'a measure is in cups, spoons, fluid ounces, mL or L' })
  unit!: string;

  @IsIn(['dry', 'liquid', 'spoon'], { message: 'a measure is a cup, a spoon or a jug' })
  kind!: string;

  @IsString()
  @MaxLength(60, { message: 'a place has at most 60 letters' })
  place!: string;
}

class ToolInput {
  @Length(1, 40)
  id!: string;

  @IsString()
  @MaxLength(60, { message: 'a place has at most 60 letters' })
  place!: string;
}

class PlacesInput {
  @IsOptional()
  @MaxLength(60, { message: 'a place has at most 60 letters' })
  cupboard?: string;

  @IsOptional()
  @MaxLength(60, { message: 'a place has at most 60 letters' })
  fridge?: string;

  @IsOptional()
  @MaxLength(60, { message: 'a place has at most 60 letters' })
  freezer?: string;

  @IsOptional()
  @MaxLength(60, { message: 'a place has at most 60 letters' })
  counter?: string;

  @IsOptional()
  @MaxLength(60, { message: 'a place has at most 60 letters' })
  tap?: string;
}

export class SavedKitchen implements KitchenSettings {
  @IsIn(['us', 'us-label', 'metric', 'australian', 'imperial'], { message: 'choose whose cups and spoons these are' })
  system!: KitchenSettings['system'];

  @IsInt({ message: 'the lesson’s length is a whole number of minutes' })
  @Min(10, { message: 'a lesson has at least 10 minutes' })
  @Max(480, { message: 'a lesson has at most 480 minutes' })
  lessonMinutes!: number;

  @IsInt({ message: 'the microwave’s power is a whole number of watts' })
  @Min(200, { message: 'a microwave has at least 200 watts' })
  @Max(2500, { message: 'a microwave has at most 2500 watts' })
  microwaveWatts!: number;

  @IsNumber({ maxDecimalPlaces: 1 }, { message: 'the reading grade is a number' })
  @Min(0, { message: 'the reading grade is at least 0' })
  @Max(12, { message: 'the reading grade is at most 12' })
  readingGrade!: number;

  @IsArray()
  @ArrayMaxSize(60, { message: 'at most 60 measures' })
  @ArrayUnique((m: MeasureInput) => m.id, { message: 'two measures have the same name' })
  @ValidateNested({ each: true })
  @Type(() => MeasureInput)
  measures!: MeasureInput[];

  @IsArray()
  @ArrayMaxSize(200, { message: 'at most 200 tools' })
  @ArrayUnique((t: ToolInput) => t.id, { message: 'a tool stands twice' })
  @ValidateNested({ each: true })
  @Type(() => ToolInput)
  tools!: ToolInput[];

  @IsObject()
  @ValidateNested()
  @Type(() => PlacesInput)
  places!: PlacesInput;
}
