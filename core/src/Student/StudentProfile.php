<?php

declare(strict_types=1);

namespace Amble\Core\Student;

use Amble\Core\Exception\InvalidInput;
use Amble\Core\Json\JsonInput;
use Amble\Core\Steps\StepRule;

/**
 * What a coach keeps of a student besides the card's few measures: all of it may be missing. This class is immutable.
 */
final readonly class StudentProfile
{
    private const LONGEST = 300;
    private const EYES = ['lead', 'trail'];
    private const DAY = '/^\d{4}-\d{2}-\d{2}$/';

    /** Longest a spot instead of a line may be left to, metres. */
    private const LONGEST_MARK = 20.0;

    /** Nobody reads from further behind the ball, metres. */
    private const FURTHEST_BACK = 30.0;

    /**
     * @param string|null $dominantEye 'lead' or 'trail'
     * @param float|null $handicap now, and the one wanted
     * @param float|null $threePuttsPerRound as the student tells them, before any round was noted
     * @param int|null $layOffWeeks without real greens before they came
     * @param string|null $layOffWork what was practised meanwhile, and at what lengths
     * @param string|null $email to which letters about bookings go
     * @param string|null $recipe key of the card that is this student's routine
     * @param string|null $views key of the card of the places from which this student reads
     * @param float|null $readFrom metres behind the ball to which they walk back for it
     * @param float|null $markTo metres up to which a line is set, where a spot takes over beyond
     * @param bool $isMinor whether a guardian's consent is needed
     * @param string|null $consent who gave it, and when
     * @param bool $mayBeFilmed off until somebody says so
     * @param string|null $keepUntil day until which records may be kept, "2027-11-26"
     * @param StepRule|null $stepRule how steps and levels are earned, in place of what a drill says
     * @param array<string, string> $schools answers where schools differ, by question
     */
    private function __construct(
        public ?string $dominantEye,
        public ?float $handicap,
        public ?float $handicapWanted,
        public ?float $threePuttsPerRound,
        public ?int $layOffWeeks,
        public ?string $layOffWork,
        public ?string $email,
        public ?string $recipe,
        public ?string $views,
        public ?float $readFrom,
        public ?float $markTo,
        public bool $isMinor,
        public ?string $consent,
        public bool $mayBeFilmed,
        public ?string $keepUntil,
        public ?StepRule $stepRule,
        public array $schools,
    ) {}

    public static function nothing(): self
    {
        return self::read(JsonInput::fromArray([]));
    }

    /** @throws InvalidInput If a field is unusable. */
    public static function read(JsonInput $given): self
    {
        $text = static fn(string $field): ?string => $given->has($field) ? $given->text($field, self::LONGEST) : null;
        $number = static fn(string $field, float $least, float $most): ?float => $given->has($field)
            ? self::within($given, $field, $least, $most)
            : null;
        $keepUntil = $text('keep_until');
        if ($keepUntil !== null && preg_match(self::DAY, $keepUntil) !== 1) {
            throw InvalidInput::at($given->path('keep_until'), 'Give the date as 2027-11-26.');
        }

        return new self(
            dominantEye: $given->has('dominant_eye') ? $given->word('dominant_eye', self::EYES) : null,
            handicap: $number('handicap', -10.0, 54.0),
            handicapWanted: $number('handicap_wanted', -10.0, 54.0),
            threePuttsPerRound: $number('three_putts_per_round', 0.0, 18.0),
            layOffWeeks: $given->has('lay_off_weeks') ? $given->wholeNumber('lay_off_weeks', 0, 520) : null,
            layOffWork: $text('lay_off_work'),
            email: $given->has('email') ? self::address($given) : null,
            recipe: $text('recipe'),
            views: $text('views'),
            readFrom: $number('read_from_m', 0.0, self::FURTHEST_BACK),
            markTo: $number('mark_to_m', 0.1, self::LONGEST_MARK),
            isMinor: $given->flagOr('is_minor', false),
            consent: $text('consent'),
            mayBeFilmed: $given->flagOr('may_be_filmed', false),
            keepUntil: $keepUntil,
            stepRule: $given->has('step_rule') ? StepRule::read($given->object('step_rule')) : null,
            schools: TeachingPreferences::read($given->objectOrNull('schools')),
        );
    }

    /** Whether records of this student wait for a guardian's word. */
    public function lacksConsent(): bool
    {
        return $this->isMinor && $this->consent === null;
    }

    /**
     * Before anything of this student leaves the workspace, by a link or in a letter.
     *
     * @param string $field where it is refused
     *
     * @throws InvalidInput While a guardian's word is missing.
     */
    public function demandConsent(string $field): void
    {
        if ($this->lacksConsent()) {
            throw InvalidInput::at(
                $field,
                'Under age, and a guardian’s consent is not noted on the profile. Until it is, no link is created and no email is sent.',
            );
        }
    }

    /** @return array<string, mixed> ready for JSON */
    public function toArray(): array
    {
        return [
            'dominant_eye' => $this->dominantEye,
            'handicap' => $this->handicap,
            'handicap_wanted' => $this->handicapWanted,
            'three_putts_per_round' => $this->threePuttsPerRound,
            'lay_off_weeks' => $this->layOffWeeks,
            'lay_off_work' => $this->layOffWork,
            'email' => $this->email,
            'recipe' => $this->recipe,
            'views' => $this->views,
            'read_from_m' => $this->readFrom,
            'mark_to_m' => $this->markTo,
            'is_minor' => $this->isMinor,
            'consent' => $this->consent,
            'may_be_filmed' => $this->mayBeFilmed,
            'keep_until' => $this->keepUntil,
            'step_rule' => $this->stepRule?->toArray(),
            'schools' => (object) $this->schools,
        ];
    }

    /** @throws InvalidInput If no letter could arrive there. */
    private static function address(JsonInput $given): string
    {
        $address = $given->text('email', self::LONGEST);

        return filter_var($address, FILTER_VALIDATE_EMAIL) === false
            ? throw InvalidInput::at($given->path('email'), 'This is not an email address like mara@example.org.')
            : $address;
    }

    private static function within(JsonInput $given, string $field, float $least, float $most): float
    {
        $value = $given->number($field);

        return $value >= $least && $value <= $most
            ? $value
            : throw InvalidInput::outside($given->path($field), $value, sprintf('from %g to %g', $least, $most));
    }
}
