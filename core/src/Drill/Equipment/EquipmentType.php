<?php

declare(strict_types=1);

namespace Amble\Core\Drill\Equipment;

/** A thing that is set out. */
enum EquipmentType: string
{
    case Ball = 'ball';
    case Tee = 'tee';
    case Disc = 'disc';
    case Rod = 'rod';
    case String = 'string';
    case Stake = 'stake';
    case Chalk = 'chalk';
    case Rule = 'rule';
    case Tape = 'tape';
    case Mirror = 'mirror';
    case Cup = 'cup';
    case Bucket = 'bucket';
    case Mug = 'mug';
    case Putty = 'putty';
    case Wedge = 'wedge';

    /** Something of the coach's own, named on the item. */
    case Other = 'other';

    /** @return array{string, string} for one and for several */
    public function words(): array
    {
        return match ($this) {
            self::Chalk => ['chalk line', 'chalk lines'],
            self::Rule => ['metal ruler', 'metal rulers'],
            self::Mirror => ['mirror or aiming light', 'mirrors or aiming lights'],
            self::Putty => ['lump of putty', 'lumps of putty'],
            self::Other => ['thing', 'things'],
            default => [$this->value, $this->value . 's'],
        };
    }
}
