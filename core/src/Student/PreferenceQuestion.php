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
                'Where to begin?',
                [
                    'order' => 'With the pace, then the line',
                    'start' => 'With the start line',
                    'reads' => 'With the read',
                    'stroke' => 'With the stroke, which sets up the rest',
                ],
                'order',
                'Which question stands first when looking back.',
            ),
            new self(
                'mark',
                'What mark to aim by?',
                [
                    'line' => 'A line on the ball',
                    'near' => 'A line up to a length, a spot beyond',
                    'ahead' => 'A spot just ahead',
                    'part' => 'A spot part of the way',
                    'none' => 'None',
                ],
                'none',
                'What stands beside the lane before a ball.',
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
                'What stands beside the lane after it.',
            ),
            new self(
                'rehearse',
                'Where to rehearse?',
                ['beside' => 'Beside the ball', 'behind' => 'Behind the ball', 'nowhere' => 'Not at all'],
                'beside',
                'What stands beside the lane before a ball.',
            ),
            new self(
                'path',
                'Path of the putter?',
                [
                    'own' => 'The student’s own, not looked at',
                    'arc' => 'A slight arc',
                    'straight' => 'Straight',
                    'gravity' => 'Led by gravity',
                ],
                'own',
                'What stands beside the lane; nothing scores it.',
            ),
            new self(
                'feet',
                'The feet?',
                ['mirror' => 'Checked', 'regulator' => 'They regulate the distance', 'unimportant' => 'Unimportant'],
                'mirror',
                'Whether cards ask about them, and whether the shoe’s place stands beside the lane.',
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
                'What a check of the eyes is held against.',
            ),
            new self(
                'over_read',
                'Read more than one sees?',
                ['exact' => 'No, the exact read', 'more' => 'Lean to more break', 'tests' => 'Test putts correct it'],
                'exact',
                'What is advised where putts go by low.',
            ),
            new self(
                'off_green',
                'Chip or roll from off the green?',
                [
                    'slope' => 'The ground decides',
                    'grass' => 'Little longer grass is rolled through, much is chipped over',
                    'touch' => 'Touch decides: the putter wherever it can go',
                ],
                'slope',
                'What is advised for a ball beside the green.',
            ),
            new self(
                'grain',
                'Grain?',
                ['edge' => 'The worn edge decides', 'sun' => 'It follows the sun', 'part' => 'Just a part of the read'],
                'edge',
                'What is said of the grass, where its lean moves a ball.',
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
                'Whether a plan blocks putts, mixes them, or both.',
            ),
            new self(
                'pressure',
                'Pressure in practice?',
                ['add' => 'Add it, once the stroke holds', 'away' => 'Take it away'],
                'add',
                'Whether a plan has a block under pressure.',
            ),
        ];

        return array_combine(array_map(static fn(self $question): string => $question->key, $questions), $questions);
    }
}
