<?php

declare(strict_types=1);

namespace Amble\Core\Homework;

/** What was noted away from the coach. */
enum HomeworkEntryKind: string
{
    /** The task was done, so many balls of it as they should go. */
    case Done = 'done';
    case Question = 'question';

    /** The coach's, to what was asked. */
    case Answer = 'answer';
}
