<?php

declare(strict_types=1);

namespace App\Screens\Day;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Day\DayBook;
use App\Words\DayWords;
use App\Words\Text;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Yoke\Job\Shop\ShopSettings;
use Yoke\Workshop\Day\DayLine;
use Yoke\Workshop\Day\DaySlot;

/** The line of a day: bays down, hours across, each job from its time to when it is probably over. */
final readonly class DayPage
{
    /** A cell of the line, minutes. */
    public const CELL = 15;

    /** Units of the drawing for a minute, and for a bay. */
    private const ACROSS = 2;

    public const ROW = 64;

    private const MARGIN = 84;

    private const HEAD = 26;

    /** @var Collection<int, Job> */
    public Collection $jobs;

    public DayLine $line;

    public function __construct(public CarbonImmutable $day, DayBook $book, private ShopSettings $settings)
    {
        $this->jobs = $book->jobs($day);
        $this->line = $book->line($this->jobs, $day);
    }

    public function title(): string
    {
        return $this->day->isoFormat(Text::of('language.day_of_year'));
    }

    /** @return list<string> */
    public function bays(): array
    {
        $bays = array_map(strval(...), range(1, $this->settings->ofTheDay('bays')));
        $others = array_filter(
            $this->jobs->pluck('bay')->all(),
            static fn (?string $bay): bool => $bay !== null && ! in_array($bay, $bays, true),
        );

        return [...$bays, ...array_values(array_unique($others))];
    }

    public function width(): int
    {
        return self::MARGIN + $this->x($this->to()) - $this->x($this->from());
    }

    public function height(): int
    {
        return self::HEAD + self::ROW * count($this->bays());
    }

    /** @return array<int, int> where each full hour stands, by its hour */
    public function hours(): array
    {
        $hours = [];
        for ($hour = intdiv($this->from(), 60); $hour <= intdiv($this->to(), 60); $hour++) {
            $hours[$hour] = $this->x($hour * 60);
        }

        return $hours;
    }

    /** @return list<array{bay: string, minute: int, x: int, y: int, width: int}> where a job can be put */
    public function cells(): array
    {
        $cells = [];
        foreach ($this->bays() as $row => $bay) {
            for ($minute = $this->from(); $minute < $this->to(); $minute += self::CELL) {
                $cells[] = [
                    'bay' => $bay,
                    'minute' => $minute,
                    'x' => $this->x($minute),
                    'y' => self::HEAD + self::ROW * $row,
                    'width' => self::CELL * self::ACROSS,
                ];
            }
        }

        return $cells;
    }

    /**
     * @return list<array{job: Job, slot: DaySlot, x: int, y: int, width: int, latest: int, late: bool, clash: bool}>
     *     those with a time and a bay
     */
    public function drawn(): array
    {
        $drawn = [];
        foreach ($this->line->slots as $slot) {
            $row = array_search($slot->bay, $this->bays(), true);
            if ($slot->start !== null && $row !== false) {
                $minutes = $slot->planned ?? (int) round($slot->time->mean);
                $drawn[] = [
                    'job' => $this->job($slot),
                    'slot' => $slot,
                    'x' => $this->x($slot->start),
                    'y' => self::HEAD + self::ROW * $row,
                    'width' => max(self::CELL, $minutes) * self::ACROSS,
                    'latest' => $this->x((int) max($slot->latest() ?? 0, $slot->start + $minutes)),
                    'late' => $this->line->isLate($slot),
                    'clash' => $this->line->clashesOf($slot) !== [],
                ];
            }
        }

        return $drawn;
    }

    /** Where now stands; null of another day, and outside its hours. */
    public function now(): ?int
    {
        $now = now();
        $minute = $now->hour * 60 + $now->minute;

        return $this->day->isToday() && $minute >= $this->from() && $minute <= $this->to() ? $this->x($minute) : null;
    }

    public function job(DaySlot $slot): Job
    {
        return $this->jobs->firstOrFail('id', (int) $slot->job);
    }

    /** What is next, what runs late, what clashes: a sentence each. */
    public function next(): string
    {
        $next = $this->line->next();

        return $next === null ? '' : DayWords::next($this->job($next)->title, $next);
    }

    /** @return list<string> */
    public function warnings(): array
    {
        $sentences = [];
        foreach ($this->line->slots as $slot) {
            if ($this->line->isLate($slot)) {
                $sentences[] = DayWords::late($this->job($slot)->title, $this->line->expectedEnd($slot));
            }
            foreach ($this->line->clashesOf($slot) as $other) {
                if ((int) $slot->job < (int) $other->job) {
                    $sentences[] = DayWords::clash($this->job($slot)->title, $this->job($other)->title);
                }
            }
        }

        return $sentences;
    }

    /** @return array<int|string, string> whoever works on jobs */
    public function people(): array
    {
        return ['' => '–'] + User::query()->whereNull('left_at')->orderBy('name')->pluck('name', 'id')->all();
    }

    private function from(): int
    {
        return 60 * $this->settings->ofTheDay('from');
    }

    private function to(): int
    {
        return 60 * $this->settings->ofTheDay('to');
    }

    private function x(int $minute): int
    {
        return self::MARGIN + ($minute - $this->from()) * self::ACROSS;
    }
}
