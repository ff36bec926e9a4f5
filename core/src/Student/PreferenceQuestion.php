<?php

declare(strict_types=1);

namespace Amble\Core\Student;

/** A question on which schools differ, and that something in the tool goes by. Immutable. */
final readonly class PreferenceQuestion
{
    /**
     * @param string $key in a student's card
     * @param string $question as a screen asks it
     * @param non-empty-array<string, string> $answers what is shown, by the answer
     * @param string $default what is taken where neither the student's card nor the coach says
     * @param string $changes what it changes, in a few words
     */
    private function __construct(
        public string $key,
        public string $question,
        public array $answers,
        public string $default,
        public string $changes,
    ) {}

    /** @return array<string, self> by key */
    public static function all(): array
    {
        $questions = [
            new self(
                'begin',
                'What comes first?',
                [
                    'order' => 'Distance, then start line',
                    'start' => 'Start line',
                    'reads' => 'Green reading',
                    'stroke' => 'Stroke, which sets up the rest',
                ],
                'order',
                'Sets the first question in Review.',
            ),
            new self(
                'mark',
                'What to aim with?',
                [
                    'line' => 'A line on the ball',
                    'near' => 'A line up to a length, a spot beyond',
                    'ahead' => 'A spot just ahead',
                    'part' => 'A spot part of the way',
                    'none' => 'None',
                ],
                'none',
                'Shown beside the lane before a ball.',
            ),
            new self(
                'after',
                'After contact?',
                [
                    'count' => 'Still for a count of three',
                    'rest' => 'Still until the ball rests',
                    'stroke' => 'Eyes down while the stroke lasts',
                    'call' => 'Call it, then look',
                    'follow' => 'Follow it closely',
                    'hole' => 'The hole in view throughout',
                ],
                'count',
                'Shown beside the lane after a ball.',
            ),
            new self(
                'rehearse',
                'Where to rehearse?',
                ['beside' => 'Beside the ball', 'behind' => 'Behind the ball', 'nowhere' => 'Not at all'],
                'beside',
                'Shown beside the lane before a ball.',
            ),
            new self(
                'path',
                'Path of the putter?',
                [
                    'own' => 'The student’s own, not checked',
                    'arc' => 'A slight arc',
                    'straight' => 'Straight',
                    'gravity' => 'Gravity swing',
                ],
                'own',
                'Shown beside the lane; it is not scored.',
            ),
            new self(
                'feet',
                'The feet?',
                ['mirror' => 'Checked', 'regulator' => 'They control the distance', 'unimportant' => 'Unimportant'],
                'mirror',
                'Sets whether checklists ask about the feet, and whether the shoe position is shown beside the lane.',
            ),
            new self(
                'eyes',
                'Where should the eyes be?',
                [
                    'found' => 'Where this student sees straight',
                    'both' => 'Both over the ball',
                    'lead' => 'The lead eye over it',
                    'trail' => 'The trail eye over it',
                ],
                'found',
                'Used by the eye position checks.',
            ),
            new self(
                'over_read',
                'Read more break than seen?',
                ['exact' => 'No, read exactly', 'more' => 'Yes, more break', 'tests' => 'Test putts correct it'],
                'exact',
                'Used in the advice for putts that miss low.',
            ),
            new self(
                'off_green',
                'Chip or roll from off the green?',
                [
                    'slope' => 'The ground decides',
                    'grass' => 'Little longer grass is rolled through, much is chipped over',
                    'touch' => 'The putter wherever possible',
                ],
                'slope',
                'Used in the advice for a ball off the green.',
            ),
            new self(
                'grain',
                'Grain?',
                ['edge' => 'The worn edge decides', 'sun' => 'It follows the sun', 'part' => 'Just a part of the read'],
                'edge',
                'Used in the grain hints.',
            ),
            new self(
                'repeat',
                'Repeat a putt?',
                [
                    'then' => 'First blocked, then mixed',
                    'mixed' => 'Never: one ball, then another putt',
                    'blocked' => 'Long work on one putt',
                ],
                'then',
                'Sets whether a plan blocks putts, mixes them, or both.',
            ),
            new self(
                'pressure',
                'Pressure in practice?',
                ['add' => 'Add it, once the stroke is stable', 'away' => 'Avoid it'],
                'add',
                'Sets whether a plan has a pressure block.',
            ),
        ];

        return array_combine(array_map(static fn(self $question): string => $question->key, $questions), $questions);
    }
}
