<?php

declare(strict_types=1);

namespace Amble\Core\Session\Observation;

use Amble\Core\Device\FigureSource;
use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;

/** The table of everything that can be observed of a ball, by name. A new type is one entry here. */
final class ObservationTypes
{
    /** The purpose of a ball that was rolled to measure the backstroke. */
    public const MEASURE_BACKSTROKE = 'backstroke';

    /** Set by whatever took the figures, never asked of a coach. */
    private const NEVER_ASKED = ['measured_by', 'backstroke_by', 'purpose'];

    /** @var array<string, ObservationType>|null */
    private static ?array $byName = null;

    /** @return array<string, ObservationType> by name, in the order a screen asks */
    public static function all(): array
    {
        return self::$byName ??= array_column(
            [
                ...self::start(),
                ...self::beyond(),
                ...self::stroke(),
                ...self::aim(),
                ...self::read(),
                ...self::end(),
                ...self::measured(),
            ],
            null,
            'name',
        );
    }

    /** @return list<string> what a drill may ask of each ball */
    public static function askable(): array
    {
        return array_values(array_diff(array_keys(self::all()), self::NEVER_ASKED));
    }

    /**
     * Read what was seen: those that are there, each by its own answers.
     *
     * @return array<string, string|bool|int|float|null> by name; null takes an earlier answer back
     *
     * @throws InvalidInput If an answer is none of its kind's.
     */
    public static function readAnswers(JsonInput $seen): array
    {
        $answers = [];
        $kinds = self::all();
        foreach ($seen->fields() as $name) {
            $kind = $kinds[$name] ?? null;
            if ($kind !== null) {
                $answers[$name] = $seen->has($name) ? $kind->answers->read($seen, $name) : null;
            }
        }

        return $answers;
    }

    /** @return list<ObservationType> how the ball started and what it met. */
    private static function start(): array
    {
        return [
            // How a ball met its gate, rail, line or spot.
            new ObservationType(
                'gate',
                'Start line',
                AnswerFormat::words(['left' => 'Left', 'through' => 'Through', 'right' => 'Right']),
                ObservedFigure::StartLine,
                isOfAnyBall: false,
                key: 'g',
            ),
            // How far beside the line a ball stopped, positive right.
            new ObservationType(
                'side_m',
                'Beside the line',
                AnswerFormat::metres(-30.0, 30.0),
                ObservedFigure::Distance,
                isOfAnyBall: false,
            ),
            // What the student called before looking.
            new ObservationType(
                'call',
                'Call before looking',
                AnswerFormat::words(['short' => 'Short', 'on' => 'On target', 'long' => 'Past']),
                ObservedFigure::Feel,
                isOfAnyBall: false,
                key: 'c',
            ),
            // Whether a ball struck what stood there.
            new ObservationType(
                'hit',
                'Result',
                AnswerFormat::yesNo('Hit it', 'Missed it'),
                ObservedFigure::StartLine,
                isOfAnyBall: false,
                key: 'y',
            ),
            // How a ball met a small target. A ball that grazes it would have been holed.
            new ObservationType(
                'contact',
                'Contact with the small target',
                AnswerFormat::words(['full' => 'Full hit', 'graze' => 'Graze', 'miss' => 'Miss']),
                ObservedFigure::StartLine,
                isOfAnyBall: false,
            ),
            // Whether the line on the ball rolled true. It does when path and face agree.
            new ObservationType(
                'tumble',
                'Roll of the line on the ball',
                AnswerFormat::words(['true' => 'Clean roll', 'wobble' => 'Wobble']),
                ObservedFigure::Cause,
                isOfAnyBall: true,
            ),
            // Where a ball started by eye, whatever its end.
            new ObservationType(
                'start',
                'Start line, by eye',
                AnswerFormat::words(['left' => 'Left', 'on' => 'On line', 'right' => 'Right']),
                ObservedFigure::StartLine,
                isOfAnyBall: true,
            ),
            // How a ball passed a spot ahead of it.
            new ObservationType(
                'spot',
                'Over the spot',
                AnswerFormat::words(['left' => 'Left of it', 'over' => 'Over it', 'right' => 'Right of it']),
                ObservedFigure::StartLine,
                isOfAnyBall: false,
            ),
        ];
    }

    /** @return list<ObservationType> how a breaking putt went by the hole. */
    private static function beyond(): array
    {
        return [
            // On which side of a breaking putt a ball passed or stopped.
            new ObservationType(
                'high_low',
                'High or low',
                AnswerFormat::words(['high' => 'High side', 'low' => 'Low side']),
                ObservedFigure::Reads,
                isOfAnyBall: true,
            ),
            // How the ball laid at the aim of a short breaking putt was met.
            new ObservationType(
                'aim_ball',
                'The aim ball',
                AnswerFormat::words(['hard' => 'Hit hard', 'good' => 'Just right', 'soft' => 'Short and low of it']),
                ObservedFigure::Reads,
                isOfAnyBall: false,
            ),
            // How a ball that went past curved beyond the hole, seen from where it was struck. The putt back curves the
            // other way.
            new ObservationType(
                'curved_beyond',
                'Curve beyond the hole',
                AnswerFormat::words(['left' => 'Left', 'straight' => 'Not at all', 'right' => 'Right']),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                tellsOfNext: ['read_side' => ['left' => 'right', 'straight' => 'straight', 'right' => 'left']],
            ),
            // How the ground lay beyond the hole where a ball went past. The putt back goes the other way.
            new ObservationType(
                'sloped_beyond',
                'Slope beyond the hole',
                AnswerFormat::words(['up' => 'Up', 'level' => 'Level', 'down' => 'Down']),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                tellsOfNext: ['read_grade' => ['up' => 'down', 'level' => 'level', 'down' => 'up']],
            ),
        ];
    }

    /** @return list<ObservationType> stroke and routine. */
    private static function stroke(): array
    {
        return [
            // Where on the face a ball was struck.
            new ObservationType(
                'strike',
                'Strike',
                AnswerFormat::words(['middle' => 'Middle', 'toe' => 'Toe', 'heel' => 'Heel']),
                ObservedFigure::Stroke,
                isOfAnyBall: true,
            ),
            // How far the putter went through.
            new ObservationType(
                'through',
                'The through-swing',
                AnswerFormat::words([
                    'equal' => 'As long as the backstroke',
                    'compact' => 'Compact',
                    'past' => 'Past the lead shoe',
                ]),
                ObservedFigure::Stroke,
                isOfAnyBall: true,
            ),
            // Whether the stroke had a late hit.
            new ObservationType(
                'flow',
                'Flow of the stroke',
                AnswerFormat::words(['even' => 'Even', 'jab' => 'With a jab']),
                ObservedFigure::Stroke,
                isOfAnyBall: true,
            ),
            // Whether the finish was held.
            new ObservationType(
                'held',
                'Finish',
                AnswerFormat::yesNo('Held', 'Not held'),
                ObservedFigure::Routine,
                isOfAnyBall: true,
            ),
            // Whether the routine was followed.
            new ObservationType(
                'routine',
                'Routine followed',
                AnswerFormat::yesNo('Yes', 'No'),
                ObservedFigure::Routine,
                isOfAnyBall: true,
            ),
            // How many looks along the line.
            new ObservationType(
                'looks',
                'Looks',
                AnswerFormat::count(0, 20),
                ObservedFigure::Routine,
                isOfAnyBall: true,
            ),
            // How long the student looked at the target for distance before the stroke, seconds.
            new ObservationType(
                'look_s',
                'Looked at the target for',
                AnswerFormat::number('s', 0.0, 60.0),
                ObservedFigure::Routine,
                isOfAnyBall: true,
            ),
            // How many rehearsals before a ball.
            new ObservationType(
                'rehearsals',
                'Rehearsals',
                AnswerFormat::count(0, 20),
                ObservedFigure::Routine,
                isOfAnyBall: true,
            ),
            // Whether the student pictured line and drop before the stroke.
            new ObservationType(
                'pictured',
                'Line and drop pictured',
                AnswerFormat::yesNo('Yes', 'No'),
                ObservedFigure::Routine,
                isOfAnyBall: true,
            ),
        ];
    }

    /** @return list<ObservationType> aim, and what the ball passed or reached. */
    private static function aim(): array
    {
        return [
            // What the student aimed with.
            new ObservationType(
                'aligned',
                'Aimed with',
                AnswerFormat::words(['line' => 'Line on the ball', 'spot' => 'A spot', 'none' => 'Neither']),
                ObservedFigure::StartLine,
                isOfAnyBall: true,
            ),
            // How far beside the mark the face pointed, at the mark, positive right.
            new ObservationType(
                'aim_offset_m',
                'Face aim, off the mark',
                AnswerFormat::metres(-1.0, 1.0),
                ObservedFigure::StartLine,
                isOfAnyBall: false,
            ),
            // On which side of an object part-way a ball passed.
            new ObservationType(
                'object',
                'Passed the object',
                AnswerFormat::words(['inner' => 'On its inner side', 'outer' => 'On its outer side']),
                ObservedFigure::StartLine,
                isOfAnyBall: false,
            ),
            // The level of a tiered green that a ball reached, counted from the ball.
            new ObservationType(
                'level',
                'Level where it stopped (1 is the ball’s level)',
                AnswerFormat::count(0, 5),
                ObservedFigure::Distance,
                isOfAnyBall: false,
            ),
        ];
    }

    /** @return list<ObservationType> the read, before the ball is rolled. */
    private static function read(): array
    {
        return [
            // Which foot stood higher when the student stood astride the line. It breaks to the lower foot.
            new ObservationType(
                'higher_foot',
                'Higher foot, standing astride the line',
                AnswerFormat::words(['left' => 'Left', 'even' => 'Level', 'right' => 'Right']),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                isBefore: true,
                tells: ['read_side' => ['left' => 'right', 'even' => 'straight', 'right' => 'left']],
            ),
            // From how many places the student read it: behind the ball, behind the hole, the high side, the low side.
            new ObservationType(
                'views_taken',
                'Number of places read from',
                AnswerFormat::count(1, 6),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                isBefore: true,
            ),
            // How far behind the ball the student stood to read it.
            new ObservationType(
                'read_from_m',
                'Read from behind the ball',
                AnswerFormat::metres(0.0, 30.0),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                isBefore: true,
            ),
            // Where water poured beside the hole would run, seen from the ball.
            new ObservationType(
                'water',
                'Water poured here would run',
                AnswerFormat::words([
                    'left' => 'To the left',
                    'on' => 'On past the hole',
                    'back' => 'Back to the ball',
                    'right' => 'To the right',
                ]),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                isBefore: true,
                tells: [
                    'read_side' => ['left' => 'left', 'right' => 'right'],
                    'read_grade' => ['on' => 'down', 'back' => 'up'],
                ],
            ),
            // To which side the student read the ball to break.
            new ObservationType(
                'read_side',
                'Read to break',
                AnswerFormat::words(['left' => 'Left', 'straight' => 'Not at all', 'right' => 'Right']),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                isBefore: true,
            ),
            // Whether the putt was read to go up or down.
            new ObservationType(
                'read_grade',
                'Slope',
                AnswerFormat::words(['up' => 'Up', 'level' => 'Level', 'down' => 'Down']),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                isBefore: true,
            ),
            // How much break the student read: the aim beside the hole.
            new ObservationType(
                'read_amount_m',
                'Aim read, from the hole',
                AnswerFormat::smallMetres(0.0, 10.0),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                isBefore: true,
            ),
            // The pace of the read: how far past a covered hole.
            new ObservationType(
                'read_pace_m',
                'Finish past the hole, as read',
                AnswerFormat::smallMetres(0.0, 3.0),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                isBefore: true,
            ),
            // Whether the student aimed along a line or over a spot.
            new ObservationType(
                'aim_by',
                'Aimed by',
                AnswerFormat::words(['line' => 'A line', 'spot' => 'A spot']),
                ObservedFigure::Reads,
                isOfAnyBall: true,
                isBefore: true,
            ),
        ];
    }

    /** @return list<ObservationType> doubt, the end of the ball, and its conditions. */
    private static function end(): array
    {
        return [
            // Whether the student was in doubt over the ball.
            new ObservationType(
                'doubt',
                'Commitment',
                AnswerFormat::yesNo('Not committed', 'Committed'),
                ObservedFigure::Routine,
                isOfAnyBall: true,
            ),
            // Whether the student stepped away and began again.
            new ObservationType(
                'stepped_off',
                'Before the stroke',
                AnswerFormat::yesNo('Stepped off', 'Continued'),
                ObservedFigure::Routine,
                isOfAnyBall: true,
            ),
            // Further putts until holed, for a ball that was putted out.
            new ObservationType(
                'putts_to_finish',
                'Putts to hole out',
                AnswerFormat::count(1, 20),
                ObservedFigure::SecondPutts,
                isOfAnyBall: false,
            ),
            // Whether a ball judged by another rule was holed in the end: a second outcome.
            new ObservationType(
                'dropped',
                'In the end',
                AnswerFormat::yesNo('Holed', 'Not holed'),
                ObservedFigure::SecondPutts,
                isOfAnyBall: false,
                key: 'd',
            ),
            // On which side a ball passed the target.
            new ObservationType(
                'missed_side',
                'Missed',
                AnswerFormat::words(['left' => 'Left', 'right' => 'Right', 'short' => 'Short']),
                ObservedFigure::StartLine,
                isOfAnyBall: false,
            ),
            // How far apart two balls lie after one struck the other.
            new ObservationType(
                'gap_m',
                'Gap between the balls',
                AnswerFormat::metres(0.0, 10.0),
                ObservedFigure::StartLine,
                isOfAnyBall: false,
            ),
            // The club. Only the putter says anything about a putting stroke.
            new ObservationType(
                'club',
                'Played with',
                AnswerFormat::words(['putter' => 'The putter', 'wedge' => 'A wedge']),
                ObservedFigure::Routine,
                isOfAnyBall: true,
            ),
            // What a ball off the green lay on.
            new ObservationType(
                'lie',
                'Lie off the green',
                AnswerFormat::words(['fringe' => 'Fringe', 'rough' => 'Rough', 'bare' => 'Bare ground']),
                ObservedFigure::Routine,
                isOfAnyBall: true,
            ),
        ];
    }

    /** @return list<ObservationType> figures of devices, and where figures come from. */
    private static function measured(): array
    {
        return [
            // How far outside the ball line the eyes were when the line looked straight, positive away from the player.
            new ObservationType(
                'eye_offset_m',
                'Eyes outside the line',
                AnswerFormat::metres(-0.2, 0.2),
                ObservedFigure::StartLine,
                isOfAnyBall: false,
            ),
            // Where a ball started as a sensor measured it, degrees from the line, positive right.
            new ObservationType(
                'start_deg',
                'Start line, right is positive',
                AnswerFormat::number('°', -15.0, 15.0),
                ObservedFigure::StartLine,
                isOfAnyBall: true,
            ),
            // Where the face pointed at contact, degrees from the line, positive right.
            new ObservationType(
                'face_deg',
                'Face at contact, right is positive',
                AnswerFormat::number('°', -15.0, 15.0),
                ObservedFigure::StartLine,
                isOfAnyBall: true,
            ),
            // Which way the head moved at contact, degrees from the line, positive right.
            new ObservationType(
                'path_deg',
                'Path at contact, right is positive',
                AnswerFormat::number('°', -20.0, 20.0),
                ObservedFigure::StartLine,
                isOfAnyBall: true,
            ),
            // How long the stroke went back, seconds.
            new ObservationType(
                'back_s',
                'Time back',
                AnswerFormat::number('s', 0.1, 3.0),
                ObservedFigure::Stroke,
                isOfAnyBall: true,
            ),
            // How long the stroke took from its turn to the ball, seconds.
            new ObservationType(
                'through_s',
                'Time to the ball',
                AnswerFormat::number('s', 0.05, 2.0),
                ObservedFigure::Stroke,
                isOfAnyBall: true,
            ),
            // How fast the ball left, metres per second.
            new ObservationType(
                'ball_speed_m_s',
                'Ball speed',
                AnswerFormat::number('m/s', 0.2, 8.0),
                ObservedFigure::Stroke,
                isOfAnyBall: true,
            ),
            // The source of numbers that were not read off a ruler. Set by the device, never asked.
            new ObservationType(
                'measured_by',
                'Source of the figures',
                AnswerFormat::words(FigureSource::labels()),
                ObservedFigure::Stroke,
                isOfAnyBall: false,
            ),
            // The source of a backstroke that the coach did not enter. Set by the device, never asked.
            new ObservationType(
                'backstroke_by',
                'Source of the backstroke',
                AnswerFormat::words(FigureSource::labels()),
                ObservedFigure::Stroke,
                isOfAnyBall: false,
            ),
            // What a ball outside a drill was rolled for. Set by the putting screen, never asked.
            new ObservationType(
                'purpose',
                'Purpose',
                AnswerFormat::words([
                    'target' => 'Putt at a target',
                    self::MEASURE_BACKSTROKE => 'Measure the backstroke',
                ]),
                ObservedFigure::Stroke,
                isOfAnyBall: false,
            ),
        ];
    }
}
