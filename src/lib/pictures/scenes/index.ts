// Every scene by its name.
import type { Draw } from './model';
import { BOARD } from './board';
import { BY_HAND } from './by-hand';
import { CLEAN } from './clean';
import { COAT } from './coat';
import { DIAL } from './dial';
import { DONE } from './done';
import { DOUGHS } from './dough';
import { FALLING } from './falling';
import { HOB } from './hob';
import { INTO } from './into';
import { MACHINES } from './machines';
import { MEASURES } from './measure';
import { OPEN } from './open';
import { OVEN } from './oven';
import { SELF } from './self';
import { SERVE } from './serve';
import { SHAKE } from './shake';
import { SPREAD } from './spread';
import { SQUEEZE } from './squeeze';
import { STIR } from './stir';
import { STORES } from './stores';

export const SCENES_BY_NAME = new Map<string, Draw>(
  Object.entries({
    ...BOARD,
    ...BY_HAND,
    ...CLEAN,
    ...COAT,
    ...DIAL,
    ...DONE,
    ...DOUGHS,
    ...FALLING,
    ...HOB,
    ...INTO,
    ...MACHINES,
    ...MEASURES,
    ...OPEN,
    ...OVEN,
    ...SELF,
    ...SERVE,
    ...SHAKE,
    ...SPREAD,
    ...SQUEEZE,
    ...STIR,
    ...STORES,
  }),
);
