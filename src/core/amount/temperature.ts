// Oven temperatures: degrees, gas marks, and the mark a person turns the dial to.

export type Temperature = { celsius: number; fahrenheit: number; text: string };

/** Degrees Celsius of a Fahrenheit reading, C = (F - 32) x 5/9, not rounded. */
export function celsiusOf(fahrenheit: number): number {
  return ((fahrenheit - 32) * 5) / 9;
}

/** Degrees Fahrenheit of a Celsius reading, not rounded. */
function fahrenheitOf(celsius: number): number {
  return (celsius * 9) / 5 + 32;
}

/** The nearest mark on a dial that is marked every ten degrees: 350 F = 176.7 C is marked 180. */
export function dialCelsius(celsius: number): number {
  return Math.round(celsius / 10) * 10;
}

// Gas marks in Celsius, as British cookers are marked (common practice): 1 = 140, 4 = 180, 6 = 200, 8 = 230.
const GAS: Record<number, number> = { 1: 140, 2: 150, 3: 160, 4: 180, 5: 190, 6: 200, 7: 220, 8: 230, 9: 240 };

/** The nearest mark on a dial in Fahrenheit, marked every 25 degrees. */
function dialFahrenheit(fahrenheit: number): number {
  return Math.round(fahrenheit / 25) * 25;
}

export type OvenMarks = {
  /** Marks on the dial of a plain oven. */
  celsius: number;
  fahrenheit: number;
  /** A fan oven is set about 20 °C lower (common practice). */
  fanCelsius: number;
  fanFahrenheit: number;
  /** Null where no gas mark lies within 10 °C. */
  gas: number | null;
};

/**
 * What to turn each kind of oven to.
 * @param celsius of a plain oven, as the recipe says it
 * @example ovenMarks(176.7) // { celsius: 180, fahrenheit: 350, fanCelsius: 160, fanFahrenheit: 325, gas: 4 }
 */
export function ovenMarks(celsius: number): OvenMarks {
  const gas =
    Object.entries(GAS).find(([, at]) => Math.abs(at - celsius) <= 5) ?? Object.entries(GAS).find(([, at]) => Math.abs(at - celsius) <= 10);
  return {
    celsius: dialCelsius(celsius),
    fahrenheit: dialFahrenheit(fahrenheitOf(celsius)),
    fanCelsius: dialCelsius(celsius - 20),
    fanFahrenheit: dialFahrenheit(fahrenheitOf(celsius - 20)),
    gas: gas ? Number(gas[0]) : null,
  };
}

/** Whether a text gives its temperature for a fan oven only ("160 °C fan-forced"). */
export function saysFan(text: string): boolean {
  const m = DEGREES.exec(text) ?? BARE.exec(text);
  return (
    m !== null &&
    /^\s*[,(]?\s*(?:fan|convection)\b(?!\s*\d)/i.test(text.slice(m.index + m[0].length)) &&
    !/fan\s*(?:oven\s*)?\d|\d\s*°?\s*c?\s*fan/i.test(text.slice(m.index + m[0].length))
  );
}

/**
 * Seconds in a microwave of other power: time x recipe watts / own watts (common practice). Then check: food heats unevenly.
 * @returns whole seconds; null unless all three are more than 0
 * @example microwaveSeconds(90, 1000, 700) // 129
 */
export function microwaveSeconds(seconds: number, recipeWatts: number, ownWatts: number): number | null {
  if (!(seconds > 0 && recipeWatts > 0 && ownWatts > 0) || !Number.isFinite(seconds * recipeWatts)) return null;
  return Math.round((seconds * recipeWatts) / ownWatts);
}

const DEGREES = /(\d{2,3})\s?(?:°|º|degrees?|deg\.?)?\s?(c|f|celsius|fahrenheit|centigrade)\b/i;
const BARE = /(\d{2,3})\s?(?:°|º|degrees?\b)/i;
const GAS_MARK = /gas(?:\s+mark)?\s+(\d)/i;

/**
 * Finds the first temperature in a text.
 * A number with a degree sign and no letter is read as Fahrenheit from 275 up, as Celsius below: no home oven passes 275 C.
 * @returns null when the text names none
 */
export function findTemperature(text: string): Temperature | null {
  const m = DEGREES.exec(text);
  if (m) return make(Number(m[1]), m[2]!.toLowerCase().startsWith('f'), m[0]);
  const bare = BARE.exec(text);
  if (bare) return make(Number(bare[1]), Number(bare[1]) >= 275, bare[0]);
  const gas = GAS_MARK.exec(text);
  const celsius = gas && GAS[Number(gas[1])];
  return celsius ? make(celsius, false, gas[0]) : null;
}

function make(degrees: number, isFahrenheit: boolean, text: string): Temperature {
  return isFahrenheit
    ? { celsius: Math.round(celsiusOf(degrees)), fahrenheit: degrees, text }
    : { celsius: degrees, fahrenheit: Math.round(fahrenheitOf(degrees)), text };
}
