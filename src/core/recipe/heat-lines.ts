// What the lines of a method say of ovens and microwaves, for another oven and another microwave.
import { minutesOfText } from '../amount/minutes';
import { findTemperature, ovenMarks, saysFan, type OvenMarks } from '../amount/temperature';

// Below this it is a food's own heat, or a fridge's.
const COOLEST_OVEN = 100;
// A fan oven is set about this much lower (common practice).
const FAN = 20;

/** The oven heats that a method names, with the lines' numbers from 1, as marks of each kind of oven. A heat given for a fan oven is taken as one. */
export function ovenHeats(lines: readonly string[]): { line: number; text: string; marks: OvenMarks }[] {
  return lines.flatMap((line, i) => {
    const found = findTemperature(line);
    if (!found || found.celsius < COOLEST_OVEN) return [];
    return [{ line: i + 1, text: found.text, marks: ovenMarks(saysFan(line) ? found.celsius + FAN : found.celsius) }];
  });
}

/** The times in a microwave that a method names, in seconds, and the watts where it says them. */
export function microwaveTimes(lines: readonly string[]): { line: number; seconds: number; watts: number | null }[] {
  return lines.flatMap((line, i) => {
    const at = line.search(/\bmicrowave\b/i);
    if (at < 0) return [];
    // "wait 5 minutes, then microwave for 2": the time behind the word, where there is one
    const minutes = minutesOfText(line.slice(at)) ?? minutesOfText(line);
    const watts = /(\d{3,4})\s*w(?:atts?)?\b/i.exec(line);
    return minutes === null ? [] : [{ line: i + 1, seconds: Math.round(minutes * 60), watts: watts ? Number(watts[1]) : null }];
  });
}
