<?php

declare(strict_types=1);

namespace Yoke\Workshop\Service;

use Yoke\Foundation\Units\RoadUnit;
use Yoke\Workshop\Service\Exception\ImpossibleDistance;

/** What was done to a rig's hitch and what falls due, by distance or by date, whichever comes first. */
final readonly class CareBook
{
    /** No odometer shows more, km. */
    private const MOST_KM = 2_000_000.0;

    /** What is typed back as it was printed, in whole miles, may be so much lower. */
    private const AS_PRINTED_KM = 1.0;

    /**
     * @param  non-empty-list<CareTask>  $tasks
     * @param  list<CareDone>  $done  in the order of time
     */
    public function __construct(private array $tasks, private array $done)
    {
    }

    /** @return list<DueTask> the first due first; none before a rig was handed over */
    public function due(): array
    {
        $setUp = $this->last(CareDone::SET_UP);
        $due = [];
        if ($setUp === null) {
            return [];
        }
        foreach ($this->tasks as $task) {
            $done = $this->lastAfter($setUp, $task->key);
            if ($done === $setUp || ! $task->isOnce()) {
                $due[] = $this->after($done, $task);
            }
        }
        usort($due, static fn (DueTask $one, DueTask $other): int => $one->firstDay() <=> $other->firstDay());

        return $due;
    }

    /** What the odometer showed last, km; null while nobody read it. */
    public function driven(): ?float
    {
        $read = $this->read();

        return $read === [] ? null : $read[count($read) - 1]->kilometres;
    }

    /**
     * @throws ImpossibleDistance when an odometer that showed what was read last cannot show this
     */
    public function check(float $kilometres, RoadUnit $unit): void
    {
        $last = $this->driven();
        if ($last !== null && $kilometres < $last - self::AS_PRINTED_KM) {
            throw ImpossibleDistance::lower($kilometres, $last, $unit);
        }
        if ($kilometres > self::MOST_KM) {
            throw ImpossibleDistance::tooFar($kilometres, $unit, self::MOST_KM);
        }
    }

    private function after(CareDone $since, CareTask $task): DueTask
    {
        $every = $task->every;
        $from = $this->drivenOn($since);
        $at = $from === null || $every->kilometres === null ? null : $from + $every->kilometres;

        return new DueTask($task, $since, $since->day + $every->days, $at, $at === null ? null : $this->forecast($at));
    }

    /** What the odometer showed then: at the line itself, or else on the same day. */
    private function drivenOn(CareDone $line): ?float
    {
        if ($line->kilometres !== null) {
            return $line->kilometres;
        }
        $sameDay = array_values(
            array_filter($this->read(), static fn (CareDone $one): bool => $one->day === $line->day),
        );

        return $sameDay[0]->kilometres ?? null;
    }

    /** The day on which a distance is reached at the pace between the first and the last reading. */
    private function forecast(float $kilometres): ?int
    {
        $read = $this->read();
        $last = $read[count($read) - 1] ?? null;
        if ($last === null || $kilometres <= (float) $last->kilometres) {
            return $last?->day;
        }
        $days = $last->day - $read[0]->day;
        $pace = $days > 0 ? ((float) $last->kilometres - (float) $read[0]->kilometres) / $days : 0.0;

        return $pace > 0.0 ? $last->day + (int) floor(($kilometres - (float) $last->kilometres) / $pace) : null;
    }

    /** @return list<CareDone> the lines with a distance */
    private function read(): array
    {
        return array_values(array_filter($this->done, static fn (CareDone $line): bool => $line->kilometres !== null));
    }

    private function last(string $task): ?CareDone
    {
        $lines = array_values(array_filter($this->done, static fn (CareDone $line): bool => $line->task === $task));

        return $lines[count($lines) - 1] ?? null;
    }

    /** The latest time that a task was done since a set-up, or the set-up itself. */
    private function lastAfter(CareDone $setUp, string $task): CareDone
    {
        $since = $setUp;
        $isAfter = false;
        foreach ($this->done as $line) {
            $isAfter = $isAfter || $line === $setUp;
            $since = $isAfter && $line->task === $task ? $line : $since;
        }

        return $since;
    }
}
