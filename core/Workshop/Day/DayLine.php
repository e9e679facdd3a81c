<?php

declare(strict_types=1);

namespace Yoke\Workshop\Day;

/** The jobs of a day at a moment: what runs late, what is next, what clashes. */
final readonly class DayLine
{
    /** A job that should have begun is late after so many minutes. */
    private const GRACE = 10;

    /**
     * @param  list<DaySlot>  $slots
     * @param  int|null  $now  minutes after midnight; null of a day that is not today
     */
    public function __construct(public array $slots, private ?int $now)
    {
    }

    /**
     * Whether a job should have begun, or be over by now. What is foreseen of a job that has begun is what is left of
     * it.
     */
    public function isLate(DaySlot $slot): bool
    {
        if ($this->now === null || $slot->start === null) {
            return false;
        }

        return match ($slot->state) {
            SlotState::Done => false,
            SlotState::Waiting => $this->now > $slot->start + self::GRACE,
            SlotState::Begun => $this->now > $this->plannedEnd($slot),
        };
    }

    /** The one to begin next; null where none waits. */
    public function next(): ?DaySlot
    {
        $waiting = array_values(
            array_filter($this->slots, static fn (DaySlot $slot): bool => $slot->state === SlotState::Waiting),
        );
        usort(
            $waiting,
            static fn (DaySlot $one, DaySlot $other): int => [$one->start ?? PHP_INT_MAX, $one->job] <=> [
                $other->start ?? PHP_INT_MAX,
                $other->job,
            ],
        );

        return $waiting[0] ?? null;
    }

    /** @return list<DaySlot> what stands in one bay, or needs one person, at the same time */
    public function clashesOf(DaySlot $slot): array
    {
        return array_values(
            array_filter(
                $this->slots,
                static fn (DaySlot $other): bool => $other->job !== $slot->job && $slot->clashesWith($other),
            ),
        );
    }

    /** When a job is over as things stand: from now on for what is left of one that has begun. */
    public function expectedEnd(DaySlot $slot): ?int
    {
        return match (true) {
            $slot->state === SlotState::Done => null,
            $slot->state === SlotState::Begun && $this->now !== null => $this->now + (int) round($slot->time->mean),
            $slot->start === null => null,
            default => max($slot->start, $this->now ?? $slot->start) + (int) round($slot->time->mean),
        };
    }

    private function plannedEnd(DaySlot $slot): int
    {
        return $slot->planned === null ? PHP_INT_MAX : (int) $slot->start + $slot->planned;
    }
}
