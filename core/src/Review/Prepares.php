<?php

declare(strict_types=1);

namespace Amble\Core\Review;

/**
 * What a measure needs of a session's balls, in the few numbers that are kept ready with the session. Answers about
 * many sessions are put together from these, so that thousands of balls need not be read for them.
 */
interface Prepares
{
    /**
     * The numbers of one session, or of any balls. Of several sessions numbers add up, lists follow one another, and
     * fields of the same name are put together likewise; so names of fields are words, never numbers.
     *
     * @return array<array-key, mixed> of numbers, words, lists and fields: what JSON holds
     */
    public static function prepare(BallSelection $balls): array;
}
