<?php

declare(strict_types=1);

namespace Yoke\Workshop\Service;

/** When a task falls due: on a day, at a distance, or both; the first of them counts. */
final readonly class DueTask
{
    /** Said so many days ahead. */
    public const SOON_DAYS = 14;

    /** Or when so much of its distance is left. */
    private const SOON_SHARE = 0.1;

    /**
     * @param  CareDone  $since  what its interval counts from
     * @param  int  $day  it falls due on by time, days since 1 January 1970
     * @param  float|null  $kilometres  it falls due at; null where no distance counts or none was read at its beginning
     * @param  int|null  $forecast  day on which that distance will be driven, at the pace so far; null while there is
     *     no pace
     */
    public function __construct(
        public CareTask $task,
        public CareDone $since,
        public int $day,
        public ?float $kilometres,
        public ?int $forecast,
    ) {
    }

    /** The day on which it falls due, as far as it can be told, days since 1 January 1970. */
    public function firstDay(): int
    {
        return min($this->day, $this->forecast ?? $this->day);
    }

    /**
     * @param  int  $today  days since 1 January 1970
     * @param  float|null  $driven  on the odometer as it was read last
     */
    public function state(int $today, ?float $driven): DueState
    {
        $left = $this->left($driven);
        $every = $this->task->every->kilometres ?? 0.0;

        return match (true) {
            $today >= $this->day, $left !== null && $left <= 0.0 => DueState::Over,
            $today >= $this->firstDay() - self::SOON_DAYS,
            $left !== null && $left <= self::SOON_SHARE * $every => DueState::Soon,
            default => DueState::Later,
        };
    }

    /** Kilometres until it falls due, below 0 when over; null where no distance counts. */
    public function left(?float $driven): ?float
    {
        return $this->kilometres === null || $driven === null ? null : $this->kilometres - $driven;
    }
}
