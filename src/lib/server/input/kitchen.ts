// What a person may send of a kitchen: its measures, its tools, and where each thing is kept.
import 'reflect-metadata';
import { CONTROLS, HEIGHTS, MEASURE_SYSTEMS, VOLUME_UNITS, type Controls, type Heights, type MeasureSystem, type Unit } from '$core';
import { ArrayMaxSize, ArrayUnique, IsArray, IsIn, IsInt, IsNumber, Matches, Max, Min } from 'class-validator';
import { CountInput } from './plan';
import { IsCount, Text } from './rules';
import { Holds, ListOf, Optional, Slug } from './shape';

const Place = () => Text(60, 'a place has at most 60 letters');

export class MeasureInput {
  @Slug()
  id!: string;

  @Matches(/^[1-9]\d{0,4}(\/[1-9]\d{0,3})?$/, { message: 'a measure holds a whole number or a fraction: 1, 1/2, 250' })
  quantity!: string;

  @IsIn(VOLUME_UNITS, { message: 'a measure is in cups, spoons, fluid ounces, mL or L' })
  unit!: Unit;

  @IsIn(['dry', 'liquid', 'spoon'], { message: 'a measure is a cup, a spoon or a jug' })
  kind!: 'dry' | 'liquid' | 'spoon';

  @Place()
  place!: string;
}

class ToolInput {
  @Slug()
  id!: string;

  @Place()
  place!: string;
}

export class PlacesInput {
  @Optional()
  @Place()
  cupboard?: string;

  @Optional()
  @Place()
  fridge?: string;

  @Optional()
  @Place()
  freezer?: string;

  @Optional()
  @Place()
  counter?: string;

  @Optional()
  @Place()
  tap?: string;
}

/** Where things are that a learner has to reach; what is not said is null or left out. */
export class HeightsInput implements Heights {
  @Optional()
  @IsIn(HEIGHTS.hobControls)
  hobControls?: (typeof HEIGHTS.hobControls)[number];

  @Optional()
  @IsIn(HEIGHTS.oven)
  oven?: (typeof HEIGHTS.oven)[number];

  @Optional()
  @IsIn(HEIGHTS.microwave)
  microwave?: (typeof HEIGHTS.microwave)[number];

  @Optional()
  @IsIn(HEIGHTS.shelves)
  shelves?: (typeof HEIGHTS.shelves)[number];
}

/** With what the hob heats, and by what things are set; what is not said is null or left out. */
export class ControlsInput implements Controls {
  @Optional()
  @IsIn(CONTROLS.heat)
  heat?: (typeof CONTROLS.heat)[number];

  @Optional()
  @IsIn(CONTROLS.hob)
  hob?: (typeof CONTROLS.hob)[number];

  @Optional()
  @IsIn(CONTROLS.oven)
  oven?: (typeof CONTROLS.oven)[number];

  @Optional()
  @IsIn(CONTROLS.microwave)
  microwave?: (typeof CONTROLS.microwave)[number];
}

class SettingsInput {
  @IsIn(MEASURE_SYSTEMS, { message: 'choose whose cups and spoons these are' })
  system!: MeasureSystem;

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

  @Optional()
  @IsInt({ message: 'choose one of the hands' })
  @Min(0, { message: 'choose one of the hands' })
  @Max(4, { message: 'choose one of the hands' })
  skin?: number;

  @ListOf(() => MeasureInput, 60, 'at most 60 measures')
  @ArrayUnique((m: MeasureInput | null) => m?.id, { message: 'two measures have the same name' })
  measures!: MeasureInput[];

  @ListOf(() => ToolInput, 200, 'at most 200 tools')
  @ArrayUnique((t: ToolInput | null) => t?.id, { message: 'a tool stands twice' })
  tools!: ToolInput[];

  @IsArray({ message: 'a list is expected here' })
  @ArrayMaxSize(200)
  @Matches(/^[a-z0-9][a-z0-9-]{0,39}$/, { each: true, message: 'each tool is one that the program knows' })
  lacks!: string[];

  @Holds(() => HeightsInput)
  heights!: HeightsInput;

  @Holds(() => ControlsInput)
  controls!: ControlsInput;

  @Optional()
  @ListOf(() => CountInput, 200, 'at most 200 things are counted')
  @ArrayUnique((c: CountInput | null) => c?.thing, { message: 'a thing is counted twice' })
  counts?: CountInput[];

  @Holds(() => PlacesInput)
  places!: PlacesInput;
}

/** A kitchen with the revision that its page started from. */
export class SavedKitchen {
  @IsCount()
  revision!: number;

  @Holds(() => SettingsInput)
  kitchen!: SettingsInput;
}
