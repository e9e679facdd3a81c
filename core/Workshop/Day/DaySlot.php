<?php

declare(strict_types=1);

namespace Yoke\Workshop\Day;

/** A job in the line of a day. */
final readonly class DaySlot
{
    /**
     * @param  int|null  $start  minutes after midnight; null while nobody set a time
     * @param  string|null  $bay  null while nobody set one
     * @param  string|null  $person  who does it; null while nobody was named
     * @param  int|null  $planned  minutes that were foreseen for the whole of it when it was booked; null where nobody
     *     kept that
     */
    public function __construct(
        public string $job,
        public ?int $start,
        public ?string $bay,
        public ?string $person,
        public ForeseenTime $time,
        public SlotState $state,
        public ?int $planned = null,
    ) {
    }

    /** When it is probably over, minutes after midnight; null while it has no time. */
    public function end(): ?int
    {
        return $this->start === null ? null : $this->start + (int) round($this->time->mean);
    }

    /** When it is over at the latest, four times in five. */
    public function latest(): ?int
    {
        return $this->start === null ? null : $this->start + (int) round($this->time->most);
    }

    /** Whether both stand in one place, or need one person, at one time. */
    public function clashesWith(self $other): bool
    {
        if (
            $this->start === null ||
            $other->start === null ||
            $this->state === SlotState::Done ||
            $other->state === SlotState::Done
        ) {
            return false;
        }
        $isAtOnce = $this->start < (int) $other->end() && $other->start < (int) $this->end();

        return $isAtOnce &&
            (($this->bay !== null && $this->bay === $other->bay) ||
                ($this->person !== null && $this->person === $other->person));
    }
}
