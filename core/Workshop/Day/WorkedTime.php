<?php

declare(strict_types=1);

namespace Yoke\Workshop\Day;

/**
 * How long a job was worked on, by the moments at which something was entered: a long pause is another rig, or lunch.
 */
final class WorkedTime
{
    /** Nobody works longer than this between two entries. */
    private const LONGEST_MINUTES = 25.0;

    /** Work before the first entry. */
    private const BEFORE_MINUTES = 5.0;

    /**
     * Minutes; null where too little was entered to tell.
     *
     * @param  list<int>  $moments  seconds, in any order
     */
    public static function minutes(array $moments): ?float
    {
        sort($moments);
        if (count($moments) < 3) {
            return null;
        }
        $minutes = self::BEFORE_MINUTES;
        for ($i = 1; $i < count($moments); $i++) {
            $minutes += min(self::LONGEST_MINUTES, ($moments[$i] - $moments[$i - 1]) / 60.0);
        }

        return $minutes;
    }
}
