<?php

declare(strict_types=1);

namespace Yoke\Workshop\Service;

/**
 * One line of a rig's care book: a task done, the set-up itself, the distance read off the vehicle alone, or a note
 * alone.
 */
final readonly class CareDone
{
    /** A set-up begins every interval anew. */
    public const SET_UP = 'set-up';

    public const DISTANCE = 'distance';

    public const NOTE = 'note';

    /**
     * @param  string  $task  key of a task, or one of the constants
     * @param  int  $day  days since 1 January 1970
     * @param  float|null  $kilometres  on the vehicle's odometer; null: not read
     */
    public function __construct(public string $task, public int $day, public ?float $kilometres)
    {
    }
}
