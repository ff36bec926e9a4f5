<?php

declare(strict_types=1);

namespace Amble\Core\Session\Observation;

/** One thing that can be observed of a ball; all of them stand in the table ObservationTypes. Immutable. */
final readonly class ObservationType
{
    /**
     * @param string $name in events, exports and drills; a length ends in its unit
     * @param string $question as a screen asks it
     * @param bool $isOfAnyBall whether a coach may say it of any ball, or only where a drill wants it
     * @param bool $isBefore whether it is said while walking on, before the ball is rolled: a point of the read card
     * @param string|null $key the key that asks for it while a drill is rolled; null for none
     * @param array<string, array<string, string>> $tells what an answer says of another kind as well, by that kind and
     *     the
     *                                                    answer: taken where nobody said otherwise
     * @param array<string, array<string, string>> $tellsOfNext the same, of the ball that comes next
     */
    public function __construct(
        public string $name,
        public string $question,
        public AnswerFormat $answers,
        public ObservedFigure $feeds,
        public bool $isOfAnyBall,
        public ?string $key = null,
        public bool $isBefore = false,
        public array $tells = [],
        public array $tellsOfNext = [],
    ) {}
}
