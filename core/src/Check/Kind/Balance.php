<?php

declare(strict_types=1);

namespace Amble\Core\Check\Kind;

use Amble\Core\Check\CheckAttempts;
use Amble\Core\Check\CheckField;
use Amble\Core\Check\Figures;
use Amble\Core\Check\StudentChecks;
use Amble\Core\Check\WordCheck;
use Amble\Core\Session\Observation\AnswerFormat;

/** Where the weight is during the stroke, by how the ball lies to the feet. */
final readonly class Balance extends WordCheck
{
    private const LIES = [
        'level' => 'Ball level with the feet',
        'above' => 'Ball above the feet',
        'below' => 'Ball below the feet',
    ];

    public function __construct()
    {
        parent::__construct(
            'balance',
            'Where is the weight?',
            [
                'The student putts as usual, on level ground first, then with the ball above and below the feet.',
                'After each ball they say where they felt the weight at contact; you watch the heels and toes.',
            ],
            [
                new CheckField(
                    'weight',
                    'The weight was',
                    AnswerFormat::words([
                        'toes' => 'On the toes',
                        'middle' => 'In the middle',
                        'heels' => 'On the heels',
                    ]),
                ),
                new CheckField('lie', 'The ball lay', AnswerFormat::words(self::LIES), isNeeded: false),
            ],
            'middle',
        );
    }

    public function findings(CheckAttempts $tries, StudentChecks $checked): array
    {
        $findings = parent::findings($tries, $checked);
        foreach (self::LIES as $lie => $label) {
            $some = $tries->saying('lie', $lie);
            if ($some->n() > 0 && $some->n() < $tries->n()) {
                $findings[] = Figures::words($label, $some, 'weight', $this->fields[0]->answers, 'middle');
            }
        }

        return $findings;
    }
}
