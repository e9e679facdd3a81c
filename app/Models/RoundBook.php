<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Rig\Parts\Stance;

/** Which round each stance is in, and at which setting each carried round was read; looked up once for a page. */
final class RoundBook
{
    /** @var array<string, int> the latest round by stance */
    private array $on = [];

    /** @var array<int, array<string, float|null>|null> steps by carried round */
    private array $settings = [];

    /** @var array<int, Round> carried rounds that have a row, by number */
    private array $rows = [];

    /** @var array<int, int> hook-up by carried round, from 1 */
    private array $hookUps = [];

    /** @param  Collection<int, Round>  $rounds */
    public function __construct(public readonly Collection $rounds)
    {
        foreach ($rounds as $round) {
            $stance = $round->stance->value;
            $this->on[$stance] = max($this->on[$stance] ?? 1, $round->number);
            if ($stance === Stance::Carried->value) {
                $this->settings[$round->number] ??= self::steps($round->setting);
                $this->rows[$round->number] = $round;
            }
        }
        $hookUp = 1;
        for ($number = 1; $number <= $this->on(Stance::Carried); $number++) {
            $hookUp += $number > 1 && $this->setting($number) !== $this->setting($number - 1) ? 1 : 0;
            $this->hookUps[$number] = $hookUp;
        }
    }

    /**
     * @param  array<string, int|float|null>|null  $kept
     * @return array<string, float|null>|null
     */
    private static function steps(?array $kept): ?array
    {
        $float = static fn (int|float|null $step): ?float => $step === null ? null : (float) $step;

        return $kept === null ? null : array_map($float, $kept);
    }

    /** The hook-up that a carried round was read at, from 1: another setting is another hook-up. */
    public function hookUpOf(int $round): int
    {
        return $this->hookUps[$round] ?? 1;
    }

    /** How the bars of a carried round were put on; null where nobody said. */
    public function setBy(int $round): ?SetBy
    {
        return ($this->rows[$round] ?? null)?->set_by;
    }

    /** Whether the setting of a hook-up was counted again. */
    public function isCounted(int $hookUp): bool
    {
        foreach ($this->rows as $number => $row) {
            if ($row->is_counted && $this->hookUpOf($number) === $hookUp) {
                return true;
            }
        }

        return false;
    }

    /** The round that a stance is read in now, from 1. */
    public function on(Stance $stance): int
    {
        return $this->on[$stance->value] ?? 1;
    }

    /**
     * @return array<string, float|null>|null steps of the setting of a carried round, null for one that nobody knows;
     *     null where nobody wrote it down
     */
    public function setting(int $round): ?array
    {
        return $this->settings[$round] ?? null;
    }
}
