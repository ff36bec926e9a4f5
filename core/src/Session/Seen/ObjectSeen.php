<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** On which side of an object part-way a ball passed. */
final readonly class ObjectSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('object', 'It passed the object', Answers::words(['inner' => 'On its inner side', 'outer' => 'On its outer side']), Feeds::StartLine, false);
    }
}
