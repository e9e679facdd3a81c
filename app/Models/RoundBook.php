<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Collection;
use Yoke\Rig\Stance;

/** Which round each stance is in, and at which setting each carried round was read; looked up once for a page. */
final class RoundBook
{
    /** @var array<string, int> the latest round by stance */
    private array $on = [];

    /** @var array<int, array<string, float>|null> steps by carried round */
    private array $settings = [];

    /** @param  Collection<int, Round>  $rounds */
    public function __construct(public readonly Collection $rounds)
    {
        foreach ($rounds as $round) {
            $stance = $round->stance->value;
            $this->on[$stance] = max($this->on[$stance] ?? 1, $round->number);
            if ($stance === Stance::Carried->value) {
                $setting = $round->setting;
                $this->settings[$round->number] ??= $setting === null ? null : array_map(floatval(...), $setting);
            }
        }
    }

    /** The round that a stance is read in now, from 1. */
    public function on(Stance $stance): int
    {
        return $this->on[$stance->value] ?? 1;
    }

    /** @return array<string, float>|null steps of the setting of a carried round; null where nobody wrote it down */
    public function setting(int $round): ?array
    {
        return $this->settings[$round] ?? null;
    }
}
