<?php

declare(strict_types=1);

namespace Amble\Core\Session\Seen;

/** How a ball met a small target: a graze is a ball the hole would have taken. */
final readonly class ContactSeen extends SeenKind
{
    public function __construct()
    {
        parent::__construct('contact', 'How it met the small target', Answers::words(['full' => 'Full hit', 'graze' => 'Graze', 'miss' => 'Miss']), Feeds::StartLine, false);
    }
}
