/** Made from the schemas under contract/ by scripts/contract-types.mjs: change those. SI units. */

export type Words = string[]
/**
 * Something that happened in a session, as a device sends it.
 */
export type SessionEvent = (PuttLogged | PuttCorrected | PuttRemarked | SetOutCounted | StationSet | StationRemoved | ConditionNoted | NoteSetAside | PuttGiven | CompanyNoted | RunJoined | RunEnded | ReadingChosen | EventUndone | CheckTried | CardPointSeen | PartBegun | DisturbanceNoted)
export type SlopeEntryValue = (SlopeByGrades | SlopeByClock | SlopeByFeet)
export type RunState = (SoloRun | GroupRun)

/**
 * What a ball must do to pass, as plain conditions; the server's verdict is the one that counts.
 */
export interface Acceptance {
holed: (boolean | null)
only_holed: boolean
roll_m: ([number, number] | null)
ring_m: ([number, number] | null)
/**
 * Whether a ball that its target stopped passes for that alone.
 */
struck: boolean
/**
 * All of which must be met.
 */
seen: SeenCondition[]
}
export interface SeenCondition {
name: string
one_of: ((string | boolean | number)[] | null)
between: ([number, number] | null)
}
export interface BackstrokeRow {
length_m: number
grade_percent: number
is_station: boolean
never_stops: boolean
backstroke_m: (number | null)
low_m: (number | null)
high_m: (number | null)
extrapolated: (boolean | null)
}
export interface BackstrokeTable {
speed_m: number
rows: BackstrokeRow[]
curve: CurvePoint[]
/**
 * How far lengths are told: a little further than the balls went.
 */
reach_m: (number | null)
}
export interface CurvePoint {
backstroke_m: number
roll_m: number
low_m: number
high_m: number
extrapolated: boolean
}
export interface BallEvent {
id: string
type: string
at_ms: number
/**
 * The name on the account that logged it.
 */
by: string
putt_id?: string
event_id?: string
backstroke_m?: (number | null)
roll_m?: (number | null)
run_on_m?: (number | null)
stop?: ("free" | "holed" | "edge" | "rod" | "ball" | "post" | "target" | "other" | "unseen")
target_m?: (number | null)
grade_percent?: (number | null)
mark?: ("mishit" | "bumps" | "distraction" | "doubt" | null)
cause?: ("strike" | "luck" | "start_line" | "pace" | "read" | "unknown" | null)
/**
 * What was seen, by the name of its kind; the list of kinds says what each may be.
 */
seen?: {
[k: string]: string | number | boolean | null
}
}
export interface Ball {
id: string
at_ms: number
backstroke_m: (number | null)
/**
 * Where it stopped; at least this where something cut it short.
 */
roll_m: (number | null)
/**
 * How much further one cut short would have rolled, by eye.
 */
run_on_m: (number | null)
stop: ("free" | "holed" | "edge" | "rod" | "ball" | "post" | "target" | "other" | "unseen")
target_m: (number | null)
grade_percent: number
across_percent: number
mark: ("mishit" | "bumps" | "distraction" | "doubt" | null)
cause: ("strike" | "luck" | "start_line" | "pace" | "read" | "unknown" | null)
/**
 * What was seen, by the name of its kind; the list of kinds says what each may be.
 */
seen: {
[k: string]: string | number | boolean | null
}
run_id: (string | null)
/**
 * Whose it was, in a group.
 */
student: (string | null)
/**
 * Short, on or long by its drill's window and task, or the usual one outside a drill; null where nobody can tell.
 */
outcome: ("short" | "on" | "long" | null)
/**
 * What its drill made of it.
 */
verdict: ("passed" | "missed" | "noted" | "rolled_again" | "after" | null)
attempt: number
corrections: number
}
/**
 * What a table of balls brought.
 */
export interface BallsImportResult {
taken: number
there: number
refused: number
/**
 * Made for them, one a day.
 */
sessions: number
}
/**
 * What a table of balls would bring.
 */
export interface BallsTable {
columns: {
head: string
/**
 * Its first cell that is not empty.
 */
sample: (string | null)
/**
 * What it is taken for; null where it is left aside.
 */
field: (string | null)
/**
 * Null where it has none.
 */
unit: (string | null)
}[]
/**
 * What a column may be.
 */
fields: {
name: string
label: string
units: string[]
}[]
rows: number
/**
 * Rows that tell of a ball.
 */
taken: number
/**
 * Of those, how many are there already.
 */
there: number
/**
 * The first of them.
 */
refused: {
/**
 * Its line in a sheet, the heads being line 1.
 */
row: number
/**
 * Its head; empty where the whole row is meant.
 */
column: string
reason: string
}[]
refused_count: number
}
/**
 * A figure of the coach's to hold rounds beside, with where it comes from.
 */
export interface Benchmark {
id: string
figure: ("putts_per_18" | "three_putts_per_18" | "holed_share" | "three_putt_share")
length_m: (number | null)
value: number
source: string
sample: (number | null)
}
/**
 * A letter about a booking, and what became of it.
 */
export interface BookingMessage {
to: string
state: ("waiting" | "sent" | "failed")
/**
 * When it came to that.
 */
at: string
}
/**
 * Who comes when and where.
 */
export interface Booking {
id: string
student_id: (string | null)
green_id: (string | null)
name: string
place: (string | null)
title: (string | null)
/**
 * As the clock on the wall says it; null while it waits for a time.
 */
starts: (string | null)
zone: string
minutes: number
travel_minutes: number
rule: (string | null)
note: (string | null)
/**
 * The one written last.
 */
letter: (BookingMessage | null)
}
/**
 * The private address of the calendar; told once.
 */
export interface CalendarFeed {
path: string
}
/**
 * What a calendar brought, or would bring.
 */
export interface CalendarImportResult {
new: number
changed: number
same: number
refused: {
event: string
reason: string
}[]
refused_count: number
}
/**
 * Bookings over some days.
 */
export interface CalendarWeek {
items: {
booking: Booking
day: string
/**
 * On the coach’s own clock.
 */
time: string
/**
 * In the booking’s zone, as it is kept.
 */
wall: string
clashes: string[]
}[]
/**
 * Bookings whose times cannot be told.
 */
unreadable: {
booking: Booking
reason: string
}[]
waiting: Booking[]
has_feed: boolean
}
/**
 * One ball laid out ahead, and the place in the course after it; null where nothing more is laid out.
 */
export interface CallOutNode {
/**
 * 0-based, in the order the drill lists them.
 */
station: number
length_m: number
/**
 * Which of its station's balls this is, from 1.
 */
ball: number
task: ("past" | "short" | "soft" | "firm" | "exact" | "look_at_target" | "look_at_ball" | "rehearse_soft" | "rehearse_strong" | "rehearse_between" | "stance_narrow" | "stance_middle" | "stance_wide" | "aim_wider" | "more_pace" | "roll_by_hand" | null)
passes_if: (Acceptance | null)
after_pass: (number | null)
after_miss: (number | null)
name: (string | null)
backstroke_m: (number | null)
}
export interface CallOut {
/**
 * 0-based, in the order the drill lists them.
 */
station: number
length_m: number
/**
 * Which of its station's balls this is, from 1.
 */
ball: number
task: ("past" | "short" | "soft" | "firm" | "exact" | "look_at_target" | "look_at_ball" | "rehearse_soft" | "rehearse_strong" | "rehearse_between" | "stance_narrow" | "stance_middle" | "stance_wide" | "aim_wider" | "more_pace" | "roll_by_hand" | null)
passes_if: (Acceptance | null)
/**
 * Of the station, where its length does not tell it from others.
 */
name: (string | null)
/**
 * Called in place of a length.
 */
backstroke_m: (number | null)
}
/**
 * One try at a check.
 */
export interface CheckAttempt {
id: string
at_ms: number
student: string
check: string
answers: {
[k: string]: string | number | boolean
}
}
/**
 * Everything that can be checked, every card, and where schools differ.
 */
export interface CheckCatalogue {
kinds: CheckKind[]
cards: Checklist[]
questions: PreferenceQuestion[]
}
/**
 * One thing that can be checked by measuring.
 */
export interface CheckKind {
key: string
question: string
steps: string[]
care: string[]
/**
 * Tries after which to stop.
 */
dose: (number | null)
picture: ("beside" | "words" | "by_length" | "rise")
fields: CheckField[]
}
export interface CheckField {
name: string
question: string
kind: ("words" | "yes_no" | "metres" | "count" | "number")
answers: {
value: string
label: string
}[]
unit: ("m" | "small_m" | "times" | "s" | "m/s" | "°" | null)
least: (number | null)
most: (number | null)
/**
 * What a negative number is called, and a positive one.
 */
sides: ([string, string] | null)
is_needed: boolean
}
/**
 * A list of points that are looked at, or done in order.
 */
export interface Checklist {
key: string
is_shipped: boolean
/**
 * Whether it differs from what ships.
 */
is_own: boolean
kind: ("set_up" | "routine" | "views" | "ground" | "grain" | "safety")
title: string
points: CardPoint[]
}
export interface CardPoint {
key: string
text: string
/**
 * How often it is done.
 */
times: (number | null)
is_of_feet: boolean
}
/**
 * A question on which schools differ.
 */
export interface PreferenceQuestion {
key: string
question: string
changes: string
answers: {
value: string
label: string
}[]
default: string
/**
 * What the coach takes where a card does not say.
 */
coachs: (string | null)
}
/**
 * How one point of a card looked.
 */
export interface ChecklistAnswer {
student: string
card: string
point: string
sight: ("good" | "attention")
word: (string | null)
}
export interface Coach {
id: string
name: string
email: string
unit: ("feet" | "metres" | "paces")
stride_m: (number | null)
/**
 * Fewer sessions tell no trend.
 */
trend_sessions: number
/**
 * Three putts from inside this should not come.
 */
three_putt_inside_m: (number | null)
}
/**
 * Several students, or several times of one, on the same scale.
 */
export interface Comparison {
who: Compared[]
rows: ComparedRow[]
}
export interface Compared {
name: string
n: number
}
export interface ComparedRow {
key: string
question: string
findings: (Finding | null)[]
verdicts: (string | null)[]
}
/**
 * What a drill found: one figure, how sure it is, and one sentence.
 */
export interface Finding {
kind: string
question: string
/**
 * A length in it stands in braces, "{0.450 m}".
 */
sentence: string
unit: ("share" | "of_length" | "difference" | "spread" | "metres" | "small" | "width" | "degrees" | "angle" | "number")
value: (number | null)
interval: ([number, number] | null)
n: number
first: (FindingRow | null)
rows: FindingRow[]
/**
 * Counts success; kept out of sight of a student who is treated gently.
 */
is_score: boolean
/**
 * This student's last time at the same drill; null without one.
 */
since: (FindingSince | null)
}
export interface FindingRow {
/**
 * In words; a length in them stands in braces, "{3.000 m}".
 */
name: string
unit: ("share" | "of_length" | "difference" | "spread" | "metres" | "small" | "width" | "degrees" | "angle" | "number")
value: (number | null)
n: number
interval: ([number, number] | null)
}
export interface FindingSince {
at_ms: number
sentence: string
}
/**
 * What is in work with a student.
 */
export interface CurrentGoals {
/**
 * How many are worked at before another one needs a reason.
 */
cap: number
complaint: (string | null)
/**
 * What the complaint is about, so that the balls can answer it.
 */
about: ("pace" | "start_line" | "read" | null)
goal: (string | null)
/**
 * More than two need a reason each.
 */
focuses: Focus[]
faults: Fault[]
}
export interface Focus {
text: string
reason: (string | null)
}
export interface Fault {
fault: string
shows: (string | null)
cure: (string | null)
is_open: boolean
}
/**
 * A draft of what is said at the end of a session; lengths stand in braces.
 */
export interface Debrief {
debrief: (null | {
for_student: string
for_next: string
work_on: (string | null)
home_task: (string | null)
home_balls: (number | null)
home_drill: (string | null)
home_days: (number | null)
})
}
/**
 * What was put away and can be brought back.
 */
export interface DeletedRecords {
students: Student[]
greens: Green[]
sessions: SessionHistoryLine[]
}
export interface Student {
id: string
name: string
hand: ("right" | "left")
level: ("new" | "club" | "able" | "tournament")
unit: ("feet" | "metres" | "paces")
stride_m: (number | null)
/**
 * How far past a covered hole this student plays to roll.
 */
finish_past_m: number
putter: (string | null)
school: ("rule" | "foot" | "eye")
/**
 * Beats a minute, one back and one to the ball; null until it is known.
 */
tempo_bpm: (number | null)
/**
 * What holds for this student whatever a template says.
 */
exception: (string | null)
/**
 * Whether scores are kept out of sight.
 */
is_gentle: boolean
/**
 * How a start to one side is taken out; null while the coach has not chosen.
 */
line_cure: ("turn" | "face" | null)
band_low_m: (number | null)
band_high_m: (number | null)
}
export interface Green {
id: string
name: string
surface: ("grass" | "mat")
reading?: (GreenSpeedMeasurement | null)
/**
 * Null where nobody named it.
 */
grass: ("bent" | "fescue" | "meadow" | "rye" | "bermuda" | "kikuyu" | "paspalum" | "zoysia" | null)
}
export interface GreenSpeedMeasurement {
id: string
green_id: string
session_id: (string | null)
method: ("ramp" | "stopwatch" | "estimated" | "unknown")
/**
 * As they were put down.
 */
entries: {
direction_1_m?: number[]
direction_2_m?: number[]
ramp_factor?: (number | null)
direction_1?: {
distance_m: number
time_s: number
}[]
direction_2?: {
distance_m: number
time_s: number
}[]
speed_ft?: number
/**
 * simulated, device or file, where a device read some of them.
 */
read_by?: string
}
speed_m: (number | null)
standard_error_m: (number | null)
/**
 * Rise over run, positive uphill in the first direction.
 */
grade: (number | null)
is_level: boolean
warnings: {
key: string
sentence: string
}[]
taken_at: string
/**
 * Holds the grade in eight of ten lines; null where the rolls do not say.
 * 
 * @minItems 2
 * @maxItems 2
 */
grade_range: ([number, number] | null)
/**
 * Name of the student in whose session it was taken.
 */
whose: (string | null)
/**
 * Half the range that holds the speed in eight of ten readings.
 */
give_or_take_m: (number | null)
}
/**
 * A past session in one line.
 */
export interface SessionHistoryLine {
id: string
student_id: (string | null)
green_id: (string | null)
purpose: (string | null)
minutes: (number | null)
note_for_next: (string | null)
started_at: string
ended_at: (string | null)
student: (string | null)
green: (string | null)
balls: number
students: number
drills: string[]
/**
 * Whether the student rolled it alone, at home.
 */
is_home: boolean
/**
 * Put away it can be brought back until then; null while it is not.
 */
back_until: (string | null)
}
/**
 * What is deleted with an account, and the workspaces that go on without its coach.
 */
export interface DeletionPreview {
students: number
sessions: number
balls: number
workspaces_left: string[]
named_in: NamedIn
}
/**
 * Where in notes of others the name stands, and stays.
 */
export interface NamedIn {
/**
 * The first of them.
 */
places: {
where: string
text: string
}[]
count: number
}
/**
 * What a device read.
 */
export interface DeviceReadings {
/**
 * simulated, device or file.
 */
source: string
source_label: string
/**
 * Items: Figures by the name of their field.
 */
readings: {
[k: string]: number
}[]
}
/**
 * Something that takes a reading.
 */
export interface Device {
kind: string
label: string
fields: {
name: string
label: string
unit: string
/**
 * One standard deviation, in the unit.
 */
error: number
}[]
}
/**
 * Everything a drill may be made of, as each describes itself.
 */
export interface DrillKinds {
pass: RuleKind[]
order: RuleKind[]
end: RuleKind[]
pieces: EquipmentRow[]
findings: FindingKind[]
step_rule: UsualSteps
}
export interface RuleKind {
kind: string
label: string
/**
 * A figure's field in braces stands for its value, {aid} for what aims, {width} for how wide that is.
 */
words: string
figures: RuleFigure[]
}
export interface RuleFigure {
field: string
label: string
kind: ("share" | "roll" | "balls" | "minutes" | "points" | "level")
usual: (number | null)
}
export interface EquipmentRow {
piece: string
one: string
several: string
}
export interface FindingKind {
kind: string
label: string
}
/**
 * How a step is earned where a drill does not say.
 */
export interface UsualSteps {
earn: number
lose: number
}
export interface DrillPreview {
key: (string | null)
name: string
what: ("new" | "changed" | "same" | "refused")
/**
 * At fault, from the drill on.
 */
field: (string | null)
why: (string | null)
}
export interface DrillResult {
run_id: string
session_id: string
student_id: (string | null)
drill: string
name: string
at_ms: number
balls: number
phase: ("ready" | "rolling" | "resting" | "done" | "capped" | "stopped")
findings: Finding[]
}
/**
 * How to set a drill out.
 */
export interface DrillSetup {
stand: string
walking_line: string
cautions: string[]
checks: SetupCheck[]
kit: EquipmentPiece[]
/**
 * The widths the aid will have, with the start-line error that just passes.
 */
aid: {
width_m: number
half_angle_deg: number
}[]
/**
 * What the first width lets through against what the hole takes.
 */
aid_against_hole: ("wider" | "alike" | "narrower" | null)
stations: SetupStation[]
expectation: (Expectation | null)
/**
 * Where it begins for this student, by how it was left; null where nothing says so.
 */
progression: (Begins | null)
/**
 * Those who will take turns, each with the balls to expect at their own rate.
 */
group: RollerExpectation[]
/**
 * Null for one alone, and where somebody's rate is not known.
 */
balls_in_all: (number | null)
}
export interface SetupCheck {
key: string
sentence: string
}
export interface EquipmentPiece {
words: string
name: string
/**
 * null where any number will do.
 */
pieces: (number | null)
}
export interface SetupStation {
length_m: number
grade_percent: number
across_percent: number
hole_half_angle_deg: (number | null)
slip: ({
paced_m: number
likely: ("feet" | "yards" | "metres" | null)
} | null)
name: (string | null)
/**
 * Called in place of a length.
 */
backstroke_m: (number | null)
}
export interface Expectation {
balls: (number | null)
basis: ("count" | "rate" | "few_putts" | "few_starts" | "unknown" | "open_end")
putts_behind: number
cap: {
balls: (number | null)
minutes: (number | null)
}
gate_that_measures_m: (number | null)
balls_with_cap: (number | null)
chance_to_finish: (number | null)
}
export interface Begins {
level: number
rung: (number | null)
why: string
card: LibraryDrill
/**
 * The level that is due; null where it stays.
 */
next: (NextLevel | null)
}
export interface LibraryDrill {
/**
 * Of the coach's own record; null for a shipped one.
 */
own_id: (string | null)
drill: Drill
can_be_holed: boolean
kit: EquipmentPiece[]
/**
 * A length in it stands in braces: "{0.500 m}", "{0.085 w}" for a width.
 */
rule: string
course: string
judges: boolean
needs: string[]
asks: string[]
/**
 * What it tells when it is over, in words.
 */
finds: string[]
zones: Zone[]
/**
 * How a step or a level is earned and lost.
 */
steps_words: string
}
export interface Drill {
/**
 * Tells drills of one library apart.
 */
key: string
name: string
/**
 * Why the drill exists.
 */
why?: string
/**
 * What its result means.
 */
meaning?: string
trains?: Words
purpose?: ("build" | "measure" | "play" | "pressure" | "warm_up")
places?: ("green" | "mat")[]
/**
 * What it usually takes.
 */
minutes?: number
dose?: string
kit?: EquipmentItem[]
cautions?: Words
group?: boolean
schools?: ("rule" | "foot" | "eye")[]
/**
 * What is noted of each ball besides what its rule needs.
 */
asks?: ("roll_m" | "backstroke_m" | "gate" | "side_m" | "call" | "hit" | "contact" | "tumble" | "start" | "spot" | "high_low" | "aim_ball" | "curved_beyond" | "sloped_beyond" | "strike" | "through" | "flow" | "held" | "routine" | "looks" | "look_s" | "rehearsals" | "pictured" | "aligned" | "aim_offset_m" | "object" | "level" | "higher_foot" | "views_taken" | "read_from_m" | "water" | "read_side" | "read_grade" | "read_amount_m" | "read_pace_m" | "aim_by" | "doubt" | "stepped_off" | "putts_to_finish" | "dropped" | "missed_side" | "gap_m" | "club" | "lie" | "eye_offset_m" | "start_deg" | "face_deg" | "path_deg" | "back_s" | "through_s" | "ball_speed_m_s")[]
/**
 * What a run tells when it is over, the drill's own figure first.
 */
finds?: ("leave" | "passed" | "start" | "points" | "restarts" | "step" | "feel" | "second_putts" | "cluster" | "curve" | "by_task" | "by_slope" | "by_attempt" | "blocked_mixed" | "order_held" | "parts" | "gap" | "usual")[]
/**
 * How it goes on once it is passed, each on top of those before.
 */
progression?: DrillLevel[]
/**
 * How many of the levels are in force.
 */
level?: number
stations: DrillStation[]
target: ("hole" | "edge" | "ring" | "rail" | "stand" | "ball" | "tee" | "none")
aid?: {
kind: ("gate" | "rail" | "chalk" | "spot")
width_m?: number
distance_m?: number
}
order?: ("as_laid" | "ladder" | "middle_short_long" | "shuffled" | "shuffled_in_halves" | "blocked_then_shuffled" | "blocked_then_lap")
balls_per_station: number
pass: ({
kind: "share"
share?: number
} | {
kind: "past_only"
within_m?: number
} | {
kind: "short_only"
within_m?: number
} | {
kind: "between"
behind_m: number
} | {
kind: "radius"
radius_m: number
} | {
kind: "holed"
} | {
kind: "hit"
} | {
kind: "hit_or_near"
radius_m?: number
} | {
kind: "hit_gap"
soft_m?: number
firm_m?: number
} | {
kind: "contact"
} | {
kind: "middle"
} | {
kind: "held"
} | {
kind: "level"
level: number
} | {
kind: "through_gate"
} | {
kind: "on_line"
} | {
kind: "nearer_than_last"
} | {
kind: "like_first"
share?: number
} | {
kind: "task"
little_m?: number
firm_m?: number
exact_share?: number
} | {
kind: "open"
})
on_miss?: ("nothing" | "again" | "restart_station" | "restart_all")
tasks?: ("past" | "short" | "soft" | "firm" | "exact" | "look_at_target" | "look_at_ball" | "rehearse_soft" | "rehearse_strong" | "rehearse_between" | "stance_narrow" | "stance_middle" | "stance_wide" | "aim_wider" | "more_pace" | "roll_by_hand")[]
call_first?: boolean
points?: {
holed: number
past: number
long: number
short: number
past_within_m: number
}
putt_out?: ("none" | "passed" | "all")
steps_m?: number[]
/**
 * Which of the steps it begins at, from the widest.
 */
start_step?: number
/**
 * How steps and levels are earned; 8 and 5 where it is left out.
 */
step_rule?: {
/**
 * Passes of the last ten that earn a step or a level.
 */
earn: number
/**
 * So few lose one.
 */
lose: number
}
end: ({
kind: "all_stations"
} | {
kind: "balls"
balls: number
} | {
kind: "points"
points: number
} | {
kind: "minutes"
minutes: number
})
cap: {
balls?: number
minutes?: number
}
rest_after_balls?: number
}
export interface EquipmentItem {
piece: ("ball" | "tee" | "disc" | "rod" | "string" | "stake" | "chalk" | "rule" | "tape" | "mirror" | "cup" | "bucket" | "mug" | "putty" | "wedge" | "other")
/**
 * Left out where any number will do.
 */
count?: number
name?: string
/**
 * What it makes: "the ring".
 */
for?: string
}
export interface DrillLevel {
says: string
order?: string
lengths_m?: number[]
/**
 * Of what passes, its first figure.
 */
figure?: number
width_m?: number
}
export interface DrillStation {
length_m?: number
from_m?: number
to_m?: number
step_m?: number
grade_percent?: number
across_percent?: number
breaks?: "weak"
tier?: {
height_m: number
run_m: number
start_m: number
}
/**
 * What tells it from others of the same length.
 */
name?: string
/**
 * Called in place of a length, to open ground.
 */
backstroke_m?: number
}
export interface Zone {
length_m: number
task: ("past" | "short" | "soft" | "firm" | "exact" | "look_at_target" | "look_at_ball" | "rehearse_soft" | "rehearse_strong" | "rehearse_between" | "stance_narrow" | "stance_middle" | "stance_wide" | "aim_wider" | "more_pace" | "roll_by_hand" | null)
passes_if: Acceptance
}
export interface NextLevel {
level: number
card: LibraryDrill
}
export interface RollerExpectation {
student: string
name: string
balls: (number | null)
}
export interface Drills {
library: LibraryDrill[]
own: LibraryDrill[]
}
export interface CardPointSeen {
id: string
version?: number
at_ms: number
type: "card_point_seen"
card: string
point: string
student: (string | null)
sight: ("good" | "attention" | null)
word: (string | null)
}
export interface CheckTried {
id: string
version?: number
at_ms: number
type: "check_tried"
check: string
student: (string | null)
answers: {
[k: string]: string | number | boolean
}
}
export interface CompanyNoted {
id: string
version?: number
at_ms: number
type: "company_noted"
student: string
standing: ("here" | "sits_out" | "watches" | "gone")
}
export interface ConditionNoted {
id: string
version?: number
at_ms: number
type: "condition_noted"
condition: string
is_seen: boolean
}
export interface DisturbanceNoted {
id: string
version?: number
at_ms: number
type: "disturbance_noted"
disturbance: ("filmed" | "watched" | "players" | "chatter" | "wind" | "insects")
is_on: boolean
}
export interface NoteSetAside {
id: string
version?: number
at_ms: number
type: "note_set_aside"
key: string
evidence?: (string | null)
reason?: (string | null)
is_aside: boolean
}
export interface PartBegun {
id: string
version?: number
at_ms: number
type: "part_begun"
part: ("baseline" | "work" | "retest" | null)
}
export interface PuttCorrected {
id: string
version?: number
at_ms: number
type: "putt_corrected"
putt_id: string
backstroke_m: (number | null)
roll_m: (number | null)
run_on_m?: (number | null)
stop: ("free" | "holed" | "edge" | "rod" | "ball" | "post" | "target" | "other" | "unseen")
target_m: (number | null)
grade_percent: number
across_percent?: number
mark?: ("mishit" | "bumps" | "distraction" | "doubt" | null)
cause?: ("strike" | "luck" | "start_line" | "pace" | "read" | "unknown" | null)
/**
 * What was seen, by the name of its kind; the list of kinds says what each may be.
 */
seen?: {
[k: string]: string | number | boolean | null
}
}
export interface PuttGiven {
id: string
version?: number
at_ms: number
type: "putt_given"
putt_id: string
student: (string | null)
}
export interface PuttLogged {
id: string
version?: number
at_ms: number
type: "putt_logged"
backstroke_m: (number | null)
roll_m: (number | null)
run_on_m?: (number | null)
stop: ("free" | "holed" | "edge" | "rod" | "ball" | "post" | "target" | "other" | "unseen")
target_m: (number | null)
grade_percent: number
across_percent?: number
mark?: ("mishit" | "bumps" | "distraction" | "doubt" | null)
cause?: ("strike" | "luck" | "start_line" | "pace" | "read" | "unknown" | null)
/**
 * What was seen, by the name of its kind; the list of kinds says what each may be.
 */
seen?: {
[k: string]: string | number | boolean | null
}
run_id?: (string | null)
student?: (string | null)
}
export interface PuttRemarked {
id: string
version?: number
at_ms: number
type: "putt_remarked"
putt_id: string
mark: ("mishit" | "bumps" | "distraction" | "doubt" | null)
cause: ("strike" | "luck" | "start_line" | "pace" | "read" | "unknown" | null)
/**
 * What was seen, by the name of its kind; the list of kinds says what each may be.
 */
seen?: {
[k: string]: string | number | boolean | null
}
}
export interface ReadingChosen {
id: string
version?: number
at_ms: number
type: "reading_chosen"
reading_id: (string | null)
}
export interface RunEnded {
id: string
version?: number
at_ms: number
type: "run_ended"
run_id: string
}
export interface RunJoined {
id: string
version?: number
at_ms: number
type: "run_joined"
run_id: string
student: string
station: number
}
export interface SetOutCounted {
id: string
version?: number
at_ms: number
type: "set_out_counted"
run_id: string
item: ("check" | "kit_out" | "kit_back")
name: string
count: number
}
export interface StationRemoved {
id: string
version?: number
at_ms: number
type: "station_removed"
station_id: string
}
export interface StationSet {
id: string
version?: number
at_ms: number
type: "station_set"
station_id: string
length_m: number
said: string
grade_percent: (number | null)
across_percent?: (number | null)
}
export interface EventUndone {
id: string
version?: number
at_ms: number
type: "undone"
event_id: string
}
/**
 * Where a ball starts from a face and a path, degrees, positive right.
 */
export interface FaceAndPath {
start_deg: number
/**
 * Null where the student holds the other cure.
 */
turn_stroke_deg: (number | null)
turn_face_deg: (number | null)
caution: string
}
export interface Feel {
n: number
agreement: number
kappa: (number | null)
miscalibration: number
}
export interface FittingDrills {
keys: string[]
}
/**
 * A station that was set out on a green before.
 */
export interface GreenStation {
length_m: number
said: string
grade_percent: (number | null)
across_percent: (number | null)
sessions: number
last_on: string
}
export interface GroupMember {
student: string
name: string
/**
 * Turns skip who is not here.
 */
standing: ("here" | "sits_out" | "watches" | "gone")
}
export interface GroupRun {
id: string
drill: Drill
kit: EquipmentPiece[]
checks: SetupCheck[]
seed: number
/**
 * Ids of the students in a group; empty for the session's own student.
 */
group: string[]
axis: ("length" | "line" | "both")
/**
 * What must be noted of each ball.
 */
needs: string[]
can_be_holed: boolean
/**
 * Marks by which a ball is rolled again.
 */
rolled_again: string[]
set_out: {
check: {
[k: string]: number
}
kit_out: {
[k: string]: number
}
kit_back: {
[k: string]: number
}
}
expectation?: Expectation
turn: (string | null)
/**
 * Everyone still rolling, in the order of their turns.
 */
turns: string[]
students: {
student: string
state: RunProgress
}[]
/**
 * What is asked of each ball, what it needs first.
 */
asks: string[]
/**
 * Whether balls pass or miss at all.
 */
judges: boolean
findings: StudentFindings[]
/**
 * A length in it stands in braces: "{0.500 m}", "{0.085 w}" for a width.
 */
rule: string
course_words: string
/**
 * Those of them that are seen, as each is asked.
 */
asked: ObservationType[]
}
/**
 * How one student stands in a run.
 */
export interface RunProgress {
phase: ("ready" | "rolling" | "resting" | "done" | "capped" | "stopped")
capped_by: ("balls" | "minutes" | null)
next: (CallOut | null)
ahead: CallOut[]
course: {
at: number
certain: number
legs: CallOutNode[]
}
last: (LastBall | null)
/**
 * Ids of the balls this state has seen.
 */
counted: string[]
balls: number
/**
 * Balls that passed or missed: one that only measures what the next are held against does neither.
 */
judged: number
passes: number
streak: number
restarts: number
rounds: number
points: (number | null)
stations: StationTally[]
first_attempts: {
n: number
passed: number
}
through_but_missed: number
second_putts: {
n: number
putts: number
}
step_m: (number | null)
feel: (Feel | null)
}
/**
 * How the last ball that counted was judged, and the cause its evidence points at.
 */
export interface LastBall {
putt_id: string
passed: boolean
restarted: boolean
may_be_putted_out: boolean
cause: ("strike" | "luck" | "start_line" | "pace" | "read" | "unknown" | null)
}
export interface StationTally {
length_m: number
balls: number
passes: number
attempt: number
first_ball_passed: (boolean | null)
}
export interface StudentFindings {
student: (string | null)
findings: Finding[]
}
/**
 * One thing that can be seen of a ball.
 */
export interface ObservationType {
name: string
question: string
kind: ("words" | "yes_no" | "metres" | "count" | "number")
answers: {
value: string
label: string
}[]
/**
 * m for metres, small_m for metres said in inches or centimetres, times for a count, else as it is written.
 */
unit: (string | null)
least: (number | null)
most: (number | null)
feeds: string
of_any_ball: boolean
key: (string | null)
/**
 * Whether it is said before the ball is rolled.
 */
before: boolean
/**
 * Of the same ball.
 */
tells: ImpliedAnswer[]
/**
 * Of the ball that comes next.
 */
tells_of_next: ImpliedAnswer[]
}
/**
 * What an answer about a ball says of another kind of thing seen, where nobody said otherwise.
 */
export interface ImpliedAnswer {
/**
 * Of another kind.
 */
name: string
/**
 * What it says, by the answer.
 */
answers: {
[k: string]: string
}
}
/**
 * Whether a server can do its work.
 */
export interface Health {
is_well: boolean
}
/**
 * One thing noted at home, or answered.
 */
export interface HomeworkEntry {
id: string
kind: ("done" | "question" | "answer")
at_ms: number
balls: (number | null)
passes: (number | null)
text: (string | null)
/**
 * Of balls that were rolled one by one.
 */
session_id: (string | null)
}
/**
 * What a student did and asked at home.
 */
export interface Homework {
entries: HomeworkEntry[]
finding: (null | Finding)
/**
 * The last one that nothing answers.
 */
question: (string | null)
task: (HomeworkTask | null)
}
export interface HomeworkTask {
line: string
lately: (string | null)
}
/**
 * What a file of records brought, or would bring, to one table.
 */
export interface ImportResult {
table: string
new: number
/**
 * There already, and left as it is.
 */
there: number
}
export interface Insight {
key: string
seen: string
evidence: string
try: (string | null)
other_way: (string | null)
/**
 * What would show it to be wrong.
 */
refuted_by: (string | null)
/**
 * What the evidence comes to, coarsely: set aside, the note stays silent until this changes.
 */
stamp: string
/**
 * The very balls it rests on, the latest; empty where it rests on none.
 */
balls: ReviewBall[]
}
/**
 * A ball as a look draws it.
 */
export interface ReviewBall {
id: string
session_id: string
at_ms: number
target_m: (number | null)
roll_m: (number | null)
stop: string
side_m: (number | null)
grade_percent: number
across_percent: number
/**
 * Where it started, by gate or by eye; null where nobody looked.
 */
start: ("left" | "on" | "right" | null)
word: ("short" | "on" | "long" | null)
attempt: number
is_marked: boolean
}
export interface LengthSet {
id: string
name: string
lengths_m: number[]
/**
 * As they were typed, with their unit.
 */
said: string
}
/**
 * A message the demo would have sent.
 */
export interface MailMessage {
to: string
subject: string
text: string
at: string
}
export interface Me {
coach: (Coach | null)
demo: boolean
/**
 * Whether a forgotten password can be mended by mail.
 */
sends_mail: boolean
/**
 * Ids of what was erased for good in the workspace: a device throws away what it kept of them.
 */
erased: string[]
}
/**
 * What some balls answer to every question that was asked of them.
 */
export interface MeasureReport {
/**
 * What usually counts as on, a share of the length.
 */
window: number
n: number
surface: (string | null)
lengths: LookLength[]
slopes: ReportPick[]
drills: LookDrill[]
putters: LookPutter[]
tempos: LookTempo[]
questions: ReviewQuestion[]
balls: ReviewBall[]
/**
 * Those there are balls of.
 */
surfaces: ("grass" | "mat")[]
parts: ReportPick1[]
}
export interface LookLength {
length_m: number
n: number
}
export interface ReportPick {
name: string
n: number
}
export interface LookDrill {
key: string
name: string
n: number
}
export interface LookPutter {
name: string
n: number
}
export interface LookTempo {
bpm: number
n: number
}
export interface ReviewQuestion {
key: string
title: string
findings: Finding[]
}
export interface ReportPick1 {
name: string
n: number
}
/**
 * One stretch of a plan, as it is kept.
 */
export interface PlanBlock {
id: string
kind: ("measure" | "baseline" | "check" | "line" | "pace" | "mixed" | "read" | "pressure" | "retest" | "close")
/**
 * Key; null where it is no drill.
 */
drill: (string | null)
name: string
minutes: number
balls: (number | null)
why: string
/**
 * Whether the coach has set it.
 */
is_locked: boolean
/**
 * Whether it was let go while the session ran.
 */
is_dropped: boolean
/**
 * Laid into the drill; null for its own.
 */
lengths_m: (number[] | null)
}
/**
 * How far the plan of a session has come.
 */
export interface PlanProgress {
progress: (null | {
blocks: {
id: string
kind: ("measure" | "baseline" | "check" | "line" | "pace" | "mixed" | "read" | "pressure" | "retest" | "close")
/**
 * Key; null where it is no drill.
 */
drill: (string | null)
name: string
minutes: number
balls: (number | null)
why: string
/**
 * Whether the coach has set it.
 */
is_locked: boolean
/**
 * Whether it was let go while the session ran.
 */
is_dropped: boolean
label: string
state: ("done" | "now" | "to_come" | "dropped")
took_minutes: (number | null)
/**
 * Metres, laid into the drill; null for its own.
 */
lengths_m: (number[] | null)
}[]
minutes: number
left_minutes: number
over_minutes: number
let_go: string[]
next: (string | null)
says: string
})
}
/**
 * A plan round what the coach has set.
 */
export interface ProposedPlan {
minutes: number
planned: number
blocks: {
id: string
kind: ("measure" | "baseline" | "check" | "line" | "pace" | "mixed" | "read" | "pressure" | "retest" | "close")
/**
 * Key; null where it is no drill.
 */
drill: (string | null)
name: string
minutes: number
balls: (number | null)
why: string
/**
 * Whether the coach has set it.
 */
is_locked: boolean
/**
 * Whether it was let go while the session ran.
 */
is_dropped: boolean
label: string
/**
 * Most balls of one such block.
 */
dose: number
others: {
drill: string
name: string
minutes: number
balls: number
/**
 * How widely its minutes scatter here; null before two sessions.
 */
spread_minutes: (number | null)
/**
 * Sessions its minutes are learned from.
 */
learned_from: number
}[]
/**
 * Metres, laid into the drill; null for its own.
 */
lengths_m: (number[] | null)
}[]
clashes: {
block: (string | null)
says: string
}[]
}
/**
 * A putt as it was read.
 */
export interface PuttRead {
length_m: number
along_percent: number
across_percent: number
hour: number
steep_percent: number
lines: ReadLine[]
window: ReadBand[]
slips: ReadSlip[]
backstroke_m: (number | null)
is_beyond_seen: boolean
/**
 * Putts more from here for one who starts a degree off, as a habit.
 */
degree_costs: (number | null)
tenth_costs: (number | null)
/**
 * Whether told for the student’s own figures.
 */
is_own_rates: boolean
widths: RealWidth[]
words: string[]
hints: string[]
}
export interface ReadLine {
kind: ("meant" | "dying" | "firm")
pace_m: (number | null)
reason: (string | null)
/**
 * Positive right.
 */
start_deg: (number | null)
/**
 * Beside the middle of the hole, positive right.
 */
aim_m: (number | null)
aim_holes: (number | null)
/**
 * Beyond the edge of the hole; negative inside.
 */
outside_m: (number | null)
start_speed_m_s: (number | null)
speed_at_hole_m_s: (number | null)
plays_like_m: (number | null)
/**
 * Along the line before the hole; negative past it.
 */
dies_before_m: (number | null)
path: [number, number][]
}
export interface ReadBand {
speed_at_hole_m_s: number
left_deg: number
centre_deg: number
right_deg: number
}
export interface ReadSlip {
key: ("left" | "right" | "short" | "long")
is_holed: boolean
x_m: (number | null)
y_m: (number | null)
leave_m: (number | null)
back: (string | null)
/**
 * Still to come; null where nobody can say.
 */
putts: (number | null)
}
export interface RealWidth {
target: ("hole" | "ball" | "tee")
half_m: number
half_deg: number
}
/**
 * A putt as a coach says it.
 */
export interface PuttSituation {
length_m: number
speed_m: number
pace_m: number
/**
 * Before the hole; it then decides instead of the pace.
 */
pace_point_m: (number | null)
slope: SlopeEntryValue
tier: (TierEntry | null)
grain: (GrainEntry | null)
}
export interface SlopeByGrades {
by: "grades"
along_percent: number
across_percent: number
/**
 * What device read it; null or left out where somebody judged it.
 */
measured_by?: (string | null)
}
export interface SlopeByClock {
by: "clock"
hour: number
steep_percent: number
}
export interface SlopeByFeet {
by: "feet"
higher: ("left" | "even" | "right")
by_m: number
along_percent: number
stance_m?: number
}
export interface TierEntry {
height_m: number
run_m: number
start_m: number
}
export interface GrainEntry {
worn: ("far" | "far_right" | "right" | "near_right" | "near" | "near_left" | "left" | "far_left")
strength: (number | null)
}
export interface Putter {
id: string
name: string
length_m: (number | null)
lie_deg: (number | null)
loft_deg: (number | null)
head_g: (number | null)
sole: ("flat" | "toe_up" | "heel_up" | null)
mark: (string | null)
is_in_use: boolean
}
/**
 * What came of a putt whose aim and pace were called.
 */
export interface QuizAnswer {
id: string
is_right: boolean
is_aim_right: boolean
is_pace_right: boolean
/**
 * Aim that the called pace needs, beside the middle of the hole, positive right.
 */
needed_m: number
plays_like_m: number
is_holed: boolean
leave_m: (number | null)
path: [number, number][]
right_path: [number, number][]
words: string[]
standing: QuizProgress
}
/**
 * How somebody’s guesses stand.
 */
export interface QuizProgress {
/**
 * From 1.
 */
level: number
levels: number
/**
 * Guesses at this level so far, at most ten.
 */
counted: number
guesses: number
/**
 * Of the last ten.
 */
right: number
findings: Finding[]
}
/**
 * Putts to be guessed at.
 */
export interface Quiz {
putts: PuttSituation[]
/**
 * Whether they have putted where it breaks.
 */
has_history: boolean
standing: QuizProgress
/**
 * The way it curves on which they do worse, with its counts; null where their balls do not say.
 */
feared: (string | null)
}
/**
 * A card of the coach on what to look for before a putt is read.
 */
export interface ReadingHint {
title: string
points: string[]
}
/**
 * Who changed what of a record beside the log.
 */
export interface RecordChange {
id: string
at: string
who: string
/**
 * Its table.
 */
record: string
name: string
what: ("changed" | "put_away" | "brought_back" | "deleted")
fields: ChangedField[]
}
export interface ChangedField {
field: string
from: (string | null)
to: (string | null)
}
/**
 * Everything that was entered, to be kept elsewhere and brought back.
 */
export interface RecordFile {
format: "amble-records"
version: 2
of: ("workspace" | "student")
name: string
made_at: string
/**
 * Rows as docs/formats.md describes them.
 */
tables: {
[k: string]: RecordRow[]
}
}
export interface RecordRow {
id: string
[k: string]: unknown
}
/**
 * Codes that each open once, told this once.
 */
export interface RecoveryCodes {
spare: string[]
}
/**
 * What could not be done, and why, by the path of each field.
 */
export interface Refusal {
message: string
errors?: {
[k: string]: string[]
}
}
/**
 * What to remember of a student today, and what is said beside the lane.
 */
export interface Reminders {
/**
 * What the routine is called; null where none was chosen.
 */
recipe: (string | null)
lines: ReminderLine[]
prompts: LanePrompt[]
/**
 * Names of things seen that are asked of a ball that missed and went past.
 */
after_miss: string[]
}
export interface ReminderLine {
about: string
text: string
}
export interface LanePrompt {
text: string
from_m: (number | null)
to_m: (number | null)
}
/**
 * What stands now: the part of the session, and what goes on around it.
 */
export interface RollContext {
part: ("baseline" | "work" | "retest" | null)
disturbances: ("filmed" | "watched" | "players" | "chatter" | "wind" | "insects")[]
}
/**
 * What there is to ask about a timed roll before it counts.
 */
export interface RollDoubt {
key: ("short_time" | "far_from_others")
sentence: string
}
/**
 * From beside the green: roll it, or chip it.
 */
export interface RollOrChip {
advice: ("roll" | "chip")
why: string[]
limits: string
cautions: string[]
}
/**
 * Who is where when.
 */
export interface Rota {
/**
 * By turn, by station: those who are there, the first of them first.
 */
turns: string[][][]
/**
 * The plan's, one a station; none without a plan.
 */
drills: string[]
/**
 * What all stations want at once.
 */
kit: GroupEquipmentItem[]
}
export interface GroupEquipmentItem {
name: string
pieces: number
}
/**
 * A student's rounds, what they cost, and what would save most.
 */
export interface RoundSummary {
rounds: Round[]
from_memory: number
holes: number
putts_per_18: (number | null)
one_putts_per_18: (number | null)
three_putts: number
four_putts: number
/**
 * Three-putts and twice the four-putts.
 */
strokes_lost: number
strokes_lost_per_18: (number | null)
/**
 * Null while the coach has set no length.
 */
avoidable: (number | null)
first_putts: FirstPutts
band_m: ([number, number] | null)
is_band_of_rounds: boolean
classes: FirstPuttClass[]
benchmarks: ComparedWith[]
}
/**
 * The putting of one round; what nobody noted is null.
 */
export interface Round {
id: string
student_id: string
played_on: string
place: (string | null)
is_from_memory: boolean
putts: number
counted: number
three_putts: number
strokes_lost: number
holes: Hole[]
}
export interface Hole {
first_m: (number | null)
putts: (number | null)
leave_m: (number | null)
side: ("short" | "long" | "left" | "right" | null)
is_extreme: boolean
is_avoidable: boolean
}
export interface FirstPutts {
n: number
/**
 * How many more it takes until they set the band.
 */
wanting: number
lengths_m: number[]
band_m: ([number, number] | null)
}
export interface FirstPuttClass {
low_m: number
high_m: (number | null)
n: number
one_putt: number
/**
 * @minItems 2
 * @maxItems 2
 */
one_putt_interval: [number, number]
three_putt: number
/**
 * @minItems 2
 * @maxItems 2
 */
three_putt_interval: [number, number]
mean_leave_m: (number | null)
}
export interface ComparedWith {
id: string
figure: ("putts_per_18" | "three_putts_per_18" | "holed_share" | "three_putt_share")
length_m: (number | null)
value: number
source: string
sample: (number | null)
own: (number | null)
}
export interface SoloRun {
id: string
drill: Drill
kit: EquipmentPiece[]
checks: SetupCheck[]
seed: number
/**
 * Ids of the students in a group; empty for the session's own student.
 */
group: string[]
axis: ("length" | "line" | "both")
/**
 * What must be noted of each ball.
 */
needs: string[]
can_be_holed: boolean
/**
 * Marks by which a ball is rolled again.
 */
rolled_again: string[]
set_out: {
check: {
[k: string]: number
}
kit_out: {
[k: string]: number
}
kit_back: {
[k: string]: number
}
}
expectation?: Expectation
phase: ("ready" | "rolling" | "resting" | "done" | "capped" | "stopped")
capped_by: ("balls" | "minutes" | null)
next: (CallOut | null)
ahead: CallOut[]
course: {
at: number
certain: number
legs: CallOutNode[]
}
last: (LastBall | null)
/**
 * Ids of the balls this state has seen.
 */
counted: string[]
balls: number
/**
 * Balls that passed or missed: one that only measures what the next are held against does neither.
 */
judged: number
passes: number
streak: number
restarts: number
rounds: number
points: (number | null)
stations: StationTally[]
first_attempts: {
n: number
passed: number
}
through_but_missed: number
second_putts: {
n: number
putts: number
}
step_m: (number | null)
feel: (Feel | null)
/**
 * What is asked of each ball, what it needs first.
 */
asks: string[]
/**
 * Whether balls pass or miss at all.
 */
judges: boolean
findings: StudentFindings1[]
/**
 * A length in it stands in braces: "{0.500 m}", "{0.085 w}" for a width.
 */
rule: string
course_words: string
/**
 * Those of them that are seen, as each is asked.
 */
asked: ObservationType[]
}
export interface StudentFindings1 {
student: (string | null)
findings: Finding[]
}
/**
 * A read kept at a station of a green.
 */
export interface SavedRead {
id: string
name: string
putt: PuttSituation
/**
 * Where to aim at that pace, or why it cannot be told.
 */
word: string
kept_on: string
}
/**
 * What events changed of a session: the balls whose rows changed, the drill runs, and the short lists of its log.
 */
export interface SessionLog {
/**
 * Of the log after these events.
 */
version: number
/**
 * The version on which the changes rest; null where all balls are told.
 */
since: (number | null)
putts: Ball[]
/**
 * Ids of balls that no longer stand.
 */
removed: string[]
/**
 * Drill runs whose balls changed.
 */
runs: RunState[]
stations: Station[]
conditions: string[]
dismissed_insights: string[]
/**
 * Everybody on the session, whoever it was begun for first.
 */
group_members: GroupMember[]
during: RollContext
checks: CheckAttempt[]
checklist_answers: ChecklistAnswer[]
/**
 * When the last thing of its log happened: what is added comes after it, whatever a clock says.
 */
latest_ms: number
}
export interface Station {
id: string
length_m: number
/**
 * The length as it was said, with its unit.
 */
said: string
grade_percent: (number | null)
/**
 * Rising to the right.
 */
across_percent: (number | null)
}
export interface SessionReport {
state: ("none" | "provisional" | "fitted")
n: number
n_today: number
beta: (number | null)
roll_ratio: (number | null)
sigma: (number | null)
/**
 * What the fit leans on while its own balls are few.
 */
prior: {
shipped: boolean
students: number
}
method: ("ramp" | "stopwatch" | "estimated" | "unknown")
speed_m: (number | null)
is_of_the_day: boolean
days_old: (number | null)
/**
 * Standard error of the speed as a share of it; widens every range.
 */
speed_error: (number | null)
table: (BackstrokeTable | null)
balls: ReportBall[]
left_out: {
reason: string
count: number
}[]
day: (DayOffset | null)
measures: MeasureCount[]
notes: Insight[]
tries: FirstTries
/**
 * Where the trail shoe stands for each length, from the shoe measurements alone.
 */
shoe_places: {
length_m: number
place_m: number
}[]
/**
 * Today against the line of the earlier sessions, shares of the roll; null without either.
 */
own_line: ({
n: number
sessions: number
offset: number
quiet_within: number
is_remarkable: boolean
} | null)
}
export interface ReportBall {
id: string
is_today: boolean
backstroke_m: (number | null)
roll_m: (number | null)
level_roll_m: (number | null)
use: string
reason: (string | null)
is_odd: boolean
weight: (number | null)
}
export interface DayOffset {
n: number
/**
 * Share of length, positive past.
 */
offset: number
/**
 * @minItems 2
 * @maxItems 2
 */
interval: [number, number]
students: number
green_offset: (number | null)
green_interval: ([number, number] | null)
}
export interface MeasureCount {
measure: ("stroke" | "distance" | "start_line" | "reads" | "feel")
counted: number
left_out: {
reason: string
count: number
}[]
}
/**
 * Today's balls at targets, first ones at a putt apart; inside is within a tenth of the length.
 */
export interface FirstTries {
first: number
first_inside: number
later: number
later_inside: number
}
export interface SessionSummary {
id: string
student_id: (string | null)
green_id: (string | null)
purpose: (string | null)
minutes: (number | null)
note_for_next: (string | null)
started_at: string
ended_at: (string | null)
/**
 * Whether the student rolled it alone, at home.
 */
is_home: boolean
}
export interface Session {
id: string
student: (Student | null)
green: (Green | null)
minutes: (number | null)
purpose: (string | null)
stations: Station[]
conditions: string[]
dismissed_insights: string[]
note_for_student: (string | null)
note_for_next: (string | null)
started_at: string
ended_at: (string | null)
reading: (GreenSpeedMeasurement | null)
/**
 * Whether the reading stands today, rather than being the last one known.
 */
measurement_is_of_the_day: boolean
measurement_days_old: (number | null)
putts: Ball[]
last_note: (string | null)
/**
 * Everybody on the session, whoever it was begun for first.
 */
group_members: GroupMember[]
/**
 * The last one taken in this session.
 */
own_measurement: (GreenSpeedMeasurement | null)
/**
 * The last one taken on this green in another session.
 */
other_measurement: (GreenSpeedMeasurement | null)
/**
 * The drill started last.
 */
run: (LastRun | null)
during: RollContext
checks: CheckAttempt[]
checklist_answers: ChecklistAnswer[]
/**
 * What to take care of, by step.
 */
care: {
[k: string]: string[]
}
/**
 * Pieces counted out and not back.
 */
kit_out: EquipmentOut[]
/**
 * Why some of it stays out.
 */
kit_word: (string | null)
/**
 * Of its log; what is sent with it is answered with the changes alone.
 */
version: number
/**
 * When the last thing of its log happened: what is added comes after it, whatever a clock says.
 */
latest_ms: number
/**
 * What the session is to hold.
 */
plan: (null | {
minutes: number
blocks: PlanBlock[]
})
/**
 * Whether the student rolled it alone, at home.
 */
is_home: boolean
}
export interface LastRun {
id: string
name: string
is_over: boolean
}
export interface EquipmentOut {
name: string
count: number
}
/**
 * A device on which a coach is signed in.
 */
export interface SignedInDevice {
/**
 * As its browser says of itself.
 */
device: string
began_at: string
/**
 * Here last, to some minutes.
 */
seen_at: string
/**
 * Whether it is the one that asks.
 */
is_here: boolean
}
/**
 * What a walk along does next; null once its session has ended.
 */
export interface SimulationNext {
step: (null | {
key: string
place: ("check-in" | "green-speed" | "stations" | "checks/aim" | "putt" | "drill" | "review" | "wrap-up")
/**
 * The drill under way.
 */
run_id: (string | null)
/**
 * For whoever watches; lengths in braces.
 */
says: string
/**
 * For the log, without ids and times.
 */
events: {
type: string
[k: string]: unknown
}[]
/**
 * Metres rolled there and back, as the reading then stands.
 */
ramp: (null | [number[], number[]])
/**
 * The one to be begun.
 */
drill: (null | Drill)
notes: (null | {
for_student: string
for_next: string
})
ends: boolean
})
}
/**
 * A walk along that was begun.
 */
export interface SimulationStarted {
session_id: string
}
/**
 * What would save most putts, and what that rests on.
 */
export interface Stakes {
missing: (string | null)
speed_m: number
is_speed_measured: boolean
is_own_mix: boolean
expected_per_18: (number | null)
ranking: Stake[]
lengths: StakeLength[]
pace_balls: (number | null)
line_balls: (number | null)
/**
 * How widely the reads scatter, already in the start line; null while they are too few.
 */
read_spread_deg: (number | null)
/**
 * The ends of the spread of first putts that stands in for want of rounds.
 * 
 * @minItems 2
 * @maxItems 2
 */
even_spread_m: [number, number]
}
export interface Stake {
skill: ("line_spread" | "line_bias" | "pace_spread" | "pace_bias")
putts_per_18: number
}
export interface StakeLength {
length_m: number
one_putt: (number | null)
three_or_more: (number | null)
expected: (number | null)
}
/**
 * What the misses say of the slope at one station.
 */
export interface StationSlope {
station_id: string
/**
 * That the misses ask for, rising to the right.
 */
across_percent: number
n: number
}
/**
 * What was checked of one student.
 */
export interface StudentChecks {
checks: CheckReport[]
cards: ChecklistReport[]
}
export interface CheckReport {
key: string
question: string
picture: ("beside" | "words" | "by_length" | "rise")
sides: ([string, string] | null)
unit: ("share" | "of_length" | "difference" | "spread" | "metres" | "small" | "width" | "degrees" | "angle" | "number" | null)
session_id: string
at_ms: number
n: number
dose: (number | null)
is_past_dose: boolean
findings: Finding[]
since: (string | null)
cue: (string | null)
marks: CheckMark[]
points: CheckPoint[]
}
export interface CheckMark {
id: string
value: (number | null)
to: (number | null)
length_m: (number | null)
word: (string | null)
}
export interface CheckPoint {
session_id: string
at_ms: number
value: number
interval: ([number, number] | null)
n: number
}
export interface ChecklistReport {
key: string
kind: ("set_up" | "routine" | "views" | "ground" | "grain" | "safety")
title: string
points: CardLookPoint[]
}
export interface CardLookPoint {
key: string
text: string
times: (number | null)
sight: ("good" | "attention" | null)
word: (string | null)
session_id: (string | null)
at_ms: (number | null)
before: ("good" | "attention" | null)
}
/**
 * What goes for good with a student.
 */
export interface StudentDeletionPreview {
sessions: number
/**
 * With others, whose part stays.
 */
shared_sessions: number
balls: number
rounds: number
putters: number
guesses: number
named_in: NamedIn
}
/**
 * What a coach keeps of a student besides the card’s few measures.
 */
export interface StudentProfile {
dominant_eye: ("lead" | "trail" | null)
handicap: (number | null)
handicap_wanted: (number | null)
three_putts_per_round: (number | null)
lay_off_weeks: (number | null)
lay_off_work: (string | null)
/**
 * Key of the card that is the routine.
 */
recipe: (string | null)
mark_to_m: (number | null)
is_minor: boolean
consent: (string | null)
may_be_filmed: boolean
keep_until: (string | null)
/**
 * Answers where schools differ, by question.
 */
schools: {
[k: string]: string
}
/**
 * Key of the card of the places from which this student reads.
 */
views: (string | null)
/**
 * Metres behind the ball to which they walk back to read.
 */
read_from_m: (number | null)
/**
 * How steps and levels are earned, in place of what a drill says.
 */
step_rule: (OwnStepRule | null)
/**
 * Letters about bookings go there.
 */
email: (string | null)
}
export interface OwnStepRule {
earn: number
lose: number
}
/**
 * A student's pocket card as the coach keeps it.
 */
export interface TakeHomeCardSettings {
card: TakeHomeCard
/**
 * Null for the green rolled on last.
 */
speed_1_m: (number | null)
speed_2_m: (number | null)
/**
 * Told once, when it is made.
 */
link: (string | null)
link_until: (string | null)
}
/**
 * What a pocket card says, and nothing else of the record behind it.
 */
export interface TakeHomeCard {
name: string
school: ("rule" | "foot" | "eye")
unit: ("feet" | "metres" | "paces")
stride_m: (number | null)
finish_past_m: number
tables: TakeHomeTable[]
work_on: (string | null)
home_task: (string | null)
next_on: (string | null)
home_balls: (number | null)
entries: HomeworkEntry[]
/**
 * Key of the drill it is.
 */
home_drill: (string | null)
home_cue: (string | null)
/**
 * Of the balls of a day, that are to go as they should.
 */
home_target: (number | null)
/**
 * A week.
 */
home_days: (number | null)
/**
 * What was done of it in the last seven days.
 */
home_lately: (string | null)
/**
 * The drill as it would begin now, under ids that are kept once it is begun.
 */
offered: (OfferedHomeDrill | null)
}
export interface TakeHomeTable {
speed_m: number
rows: BackstrokeRow[]
}
export interface OfferedHomeDrill {
session: Session
run: RunState
}
export interface Today {
students: Student[]
greens: Green[]
sessions: SessionSummary[]
/**
 * The simulated session that is under way.
 */
simulation: (string | null)
/**
 * Asked from home, and not answered.
 */
questions: {
student_id: string
text: string
}[]
/**
 * What a green can be sown with.
 */
grasses: GrassKind[]
/**
 * Whose records may be kept no longer, and when they go.
 */
past_retention: {
student_id: string
says: string
}[]
}
export interface GrassKind {
value: ("bent" | "fescue" | "meadow" | "rye" | "bermuda" | "kikuyu" | "paspalum" | "zoysia")
label: string
season: ("warm" | "cool")
has_grain: boolean
}
/**
 * A student over time: every measure session by session, and the breaks across the path.
 */
export interface Trend {
surface: (string | null)
/**
 * Those there are balls of.
 */
surfaces: ("grass" | "mat")[]
sessions_for_trend: number
lines: TrendChart[]
change_markers: ChangeMarker[]
/**
 * The last one with balls on this surface.
 */
latest_session_id: (string | null)
}
export interface TrendChart {
key: string
question: string
unit: ("share" | "of_length" | "difference" | "spread" | "metres" | "small" | "width" | "degrees" | "angle" | "number")
sentence: string
/**
 * Null where no trend may be told.
 */
is_clear: (boolean | null)
points: CoursePoint[]
}
export interface CoursePoint {
session_id: string
at_ms: number
value: number
interval: ([number, number] | null)
n: number
}
export interface ChangeMarker {
session_id: string
at_ms: number
kind: ("lay_off" | "putter" | "tempo" | "green" | "green_work")
words: string
}
/**
 * A secret for an authenticator, kept nowhere before its first code has come.
 */
export interface TwoStepOffer {
/**
 * In base 32, to be typed where no picture can be taken.
 */
secret: string
/**
 * What the picture holds.
 */
uri: string
}
/**
 * What is asked for at sign-in besides the password.
 */
export interface TwoStepSignIn {
/**
 * When it was turned on; null while the password alone opens.
 */
since: (string | null)
/**
 * Spare codes not used yet.
 */
spare_left: number
}
/**
 * Whether a length that was said and the paces counted to it agree.
 */
export interface UnitsSlip {
/**
 * Null where they agree.
 */
slip: ({
/**
 * What the paces make.
 */
paced_m: number
/**
 * The unit in which the number that was said would fit the paces.
 */
likely: (string | null)
} | null)
}
