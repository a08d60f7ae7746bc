// The public face of core: all that the rest of the program may import.
export { table } from './amount/table';
export { usualDrawer } from './amount/drawer';
export { planFilling, type FillingPlan, type Measure } from './amount/filling';
export { readAmountField, showQuantity, toFraction, type Quantity } from './amount/quantity';
export { microwaveSeconds } from './amount/temperature';
export {
  convertUnit,
  kindOfUnit,
  MEASURE_SYSTEMS,
  readUnit,
  showAmount,
  showUnit,
  UNITS,
  VOLUME_UNITS,
  type MeasureSystem,
  type Unit,
} from './amount/units';

export { EU_ALLERGENS, showAllergen, US_ALLERGENS, type Allergen } from './recipe/allergens';
export { allergensIn, type AllergenFinding, type AllergenFindings } from './recipe/allergen-findings';
export { batchesOf, saidPerRound, type Batches } from './recipe/batches';
export { otherMeasure } from './recipe/density';
export { findFood } from './recipe/food';
export { microwaveTimes, ovenHeats } from './recipe/heat-lines';
export { GLOSSARY, termsIn, type Term, type TermFound } from './recipe/glossary';
export { readIngredient, readIngredientLine } from './recipe/ingredient-line';
export { pansIn, panTimes, type Pan } from './recipe/pan';
export { PLATE_GROUPS, plateOf, type PlateGroup } from './recipe/plate';
export { writeRecipe } from './recipe/own-json';
export { LONGEST_LINE } from './recipe/read-draft';
export { MOST_LINES, plainRecipe, readRecipe } from './recipe/read';
export { LINE_ROLES, type Ingredient, type LineRole, type NotUnderstood, type Reading, type Recipe } from './recipe/recipe';
export { scaleRecipe, type ScaleChoice, type ScaledRecipe } from './recipe/scale';
export { shoppingList, showShoppingAmount, type ShoppingEntry, type ShoppingRow } from './recipe/shopping';
export { acceptSubstitute, applySwaps, substitutesFor, type SubstituteOffer, type Substitution, type Swap } from './recipe/substitute';

export { techniqueById, TECHNIQUES } from './technique/lexicon';
export {
  DANGERS,
  DEMANDS,
  HAZARDS,
  PHASES,
  SENSES,
  SUPERVISION,
  type Cue,
  type Demand,
  type Hazard,
  type Phase,
  type Supervision,
  type Technique,
} from './technique/model';
export { toolSubstitutes, type ToolSubstitute } from './technique/tool-substitutes';
export { toolById, TOOLS } from './technique/tools';

export { buildTask } from './task/build';
export { linesBeyond, LONGEST_WORDS } from './task/bounds';
export { dryRun, simulate } from './task/dry-run/index';
export { applyMend } from './task/dry-run/mend';
export { mendAll } from './task/dry-run/mend-all';
export { type Finding, type FindingCode, type Held, type Mend, type Snapshot } from './task/dry-run/model';
export {
  compareSteps,
  duplicateStep,
  insertStep,
  joinNext,
  moveStep,
  removeStep,
  setAmount,
  setTechnique,
  reword,
  splitStep,
  superviseStep,
  toggleTool,
  type StepsDifference,
} from './task/edit';
export {
  GRAINS,
  HEIGHTS,
  LEARNER_TIME_FACTOR,
  MOST_STEPS,
  USUAL_KITCHEN,
  type Filling,
  type Grain,
  CONTROLS,
  type Controls,
  type Heights,
  type Kitchen,
  type Step,
  type TaskAnalysis,
  type Use,
} from './plan/model';
export { matchSteps, takeOverKeys } from './task/match';
export { measureLabel, measuringOf, type Measuring } from './task/measuring';
export { becomeRoutine, insertRoutine, routineRun, routineState, routineSteps, takeRoutine } from './task/routine';
export { measuresGone, rebuildForKitchen } from './task/kitchen-change';
export { isActionKnown } from './task/interpret';
export { toolName } from './task/routines';
export { readMeasured } from './task/measured-field';
export { taughtToday, type Chaining, type TaughtAs } from './task/chaining';
export { atGrain, fineStep, wholeStep } from './task/grain';
export { hardSteps, plainerWording, readingGrade, USUAL_GRADE } from './task/readability';
export { lessonTime, type LessonTime, type StoppingPlace } from './task/time';

export { ADAPTATIONS, adaptationById } from './fit/catalogue/index';
export { ADAPTED_TOOLS, adaptedTool, type AdaptedTool } from './technique/adapted-tools';
export { PURPOSES, type Purpose } from './technique/asks';
export { demandsOf } from './fit/demands';
export { barriersOf } from './fit/meet';
export { allergensOfFoods } from './fit/allergens';
export { fitPrepared, fitTask } from './fit/fit';
export { prepareFit, type Prepared } from './fit/best';
export { bestTools, buyingFamilies, whatToBuy, type Family } from './fit/buy';
export { whereIs } from './fit/here';
export { cautionsOf, type Caution } from './fit/cautions';
export { partOf } from './fit/parts';
export { carryOver, type Answered, type Carried, type Differences, type GivenUp, type OwnWords } from './fit/carry';
export { learnerOf, NO_PROFILE, questionAbout, type NeverRule, type Profile, type WayNoted } from './fit/profile';
export { GROUPS, PROFILE_QUESTIONS } from './fit/profile-questions';
export {
  HOWS,
  READS,
  type Adaptation,
  type Adapted,
  type Asked,
  type Barrier,
  type Fit,
  type FittedStep,
  type How,
  type Learner,
  type Need,
  type OwnStep,
  type OwnTask,
  type Question,
  type Who,
} from './fit/model';

export { actOf, SCENES, type Act, type Scene } from './picture/acts';
export { labelOf, lookByName, lookNames, lookOf, SHAPES, type Look, type Pack, type Shape } from './picture/looks';
export {
  STATES,
  VESSEL_KINDS,
  type Content,
  type Dial,
  type DrawnMeasure,
  type Stage,
  type StageVessel,
  type State,
  type Store,
  type Thing,
  type VesselKind,
} from './picture/stage';
export { drawnMeasure } from './picture/numbers';
export { stageAlone, stageOfTerm, stagesOf } from './picture/stage-of';
export { plainStep } from './plan/plain-step';
export { trueSizes, type TrueSize } from './picture/true-size';
export { stageOfQuestion } from './fit/stage-of-question';
export { vesselKindOf } from './picture/contents';

export { heightOf, HIERARCHIES, hierarchyById, OTHER_CODES, type Hierarchy, type Level, type OtherCode } from './help/hierarchy';
export { mastery, USUAL_MASTERY, type Mastery, type MasteryRule } from './help/mastery';
export { lastOf, standingOf, type Stamp } from './help/in-force';
export {
  DETAILS,
  delayOf,
  detailOf,
  howToHelp,
  isSafetyStep,
  LONGEST_DELAY,
  PROCEDURES,
  rungsOf,
  USUAL_PROCEDURE,
  type Detail,
  type InForce,
  type ProcedureId,
} from './help/procedure';
export { nextRung, USUAL_RULE, type Opportunity, type RungRule, type YellowRung } from './help/next-rung';
export { scoreLesson, type Recorded, type Score } from './help/score';

export { agreement, agreementOf, occurrence, type Agreement } from './evidence/agreement';
export { aimLine, aimOn, daysBetween, type AimLine, type OnDay } from './evidence/aim-line';
export { stoppingLessons, stoppingSteps, type StoppingStep } from './evidence/class-view';
export { decide, type Decision } from './evidence/decide';
export { figuresOf, type Figures, type Stretch, type Warning } from './evidence/figures';
export {
  goalHas,
  goalProgress,
  goalSentence,
  standingOf as goalStanding,
  type Criterion,
  type Goal,
  type GoalNames,
  type GoalProgress,
  type Standing as GoalStanding,
} from './evidence/goal';
export { kappa } from './evidence/kappa';
export { nap } from './evidence/nap';
export { goalName } from './evidence/next-goals';
export { NEXT_KINDS, type Decided, type NextKind, type NextThing, type Tap } from './evidence/next-model';
export { nextThings } from './evidence/next-things';
export { pnd } from './evidence/pnd';
export { pooledRungs, type PooledRung } from './evidence/pooled';
export { isPutForward, PROBE_WEEKS, type Probe } from './evidence/probes';
export { progressOf, type Progress } from './evidence/progress';
export {
  LEARNING_PHASES,
  recordsIn,
  stepId,
  type HeldLesson,
  type KnownStep,
  type LearnerRecord,
  type LearningPhase,
  type MadeByLesson,
  type MadeRecord,
  type SetAim,
} from './evidence/record';
export { doneWith, nextTime } from './evidence/say-help';
export { seriesOf, type Change, type Scope, type SeriesPoint } from './evidence/series';
export { tau, tauU } from './evidence/tau';
export { theilSen } from './evidence/theil-sen';

export { MODES, PRESENCES, teamsOf, type Mode, type Presence } from './lesson/model';
export { CARDS_A_PAGE, INKS_OF_LOOK, SCAN_SECONDS, TEXT_SIZES, USUAL_LOOK, WORDS_AT, type OwnLook } from './lesson/own-look';
export { expectedMinutes, pacesOf, type Made, type Pace } from './lesson/pace';
export { ADULT, EACH, runsOf, shareOut, stepsOfSharer, type Shared, type Sharer } from './lesson/share-out';

export { planAnew, type Anew, type Standing } from './lesson/timetable/anew';
export { stintsOf, type Stint } from './lesson/timetable/adults';
export { blocksOf, dishId, type LessonDish } from './lesson/timetable/blocks';
export { boundOf, type Bound } from './lesson/timetable/bound';
export { fillersOf, type Filler } from './lesson/timetable/fillers';
export { planFindings, type PlanFinding } from './lesson/timetable/findings';
export { groupsFor, type Sharing } from './lesson/timetable/groups';
export { marginOf, planLesson, pulled, pullLevers, setupOf, type LessonInput, type Lever, type Planned } from './lesson/timetable/lesson';
export { bestList, type Found } from './lesson/timetable/lists';
export { FIRST_PACE, workOf } from './lesson/timetable/minutes';
export {
  WORKS,
  type Block,
  type Lock,
  type PlanAdult,
  type Placed,
  type PlanLearner,
  type Setup,
  type Timetable,
  type Work,
} from './lesson/timetable/model';
export { playMany, type Chance } from './lesson/timetable/played';
export { problemOf, type Problem } from './lesson/timetable/problem';
export { chances, MOST_ROUNDS, search } from './lesson/timetable/search';
export { learnerPaces, type LearnerPace } from './lesson/timetable/paces';
export { tableOf } from './lesson/timetable/table';
export { countOf, COUNTED } from './lesson/timetable/things';
export { planView, type FullTime, type PlanView, type ShownBlock } from './lesson/timetable/view';
export { takenOut, TAKEN_OUT, type TakenOut } from './lesson/timetable/before';

export { ACTS, actsOf, actWords, isRole, may, ROLES, roleWords, type Act as RoleAct, type Role } from './people/permission';
export { LONGEST as LONGEST_PASSWORD, SHORTEST as SHORTEST_PASSWORD, whyNoPassword } from './people/password';

export { nextPlace, type Place, type RecipeState } from './next-place';
