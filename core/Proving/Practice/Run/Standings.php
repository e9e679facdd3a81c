<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Run;

use Yoke\Proving\Practice\Exercise\Situation;
use Yoke\Rig\Parts\Stance;

/** How often a rig came to stand, and how often so: each time its springs stick another way. */
final class Standings
{
    private int $count = 1;

    /** @var array<string, int> by stance, setting, and whether it was rolled */
    private array $times = [];

    /** Which coming to stand this is, counted up. */
    public function count(): int
    {
        return $this->count;
    }

    public function comes(Situation $now): void
    {
        $this->count++;
        $this->times[$this->place($now)] = $this->times($now) + 1;
    }

    /** How often it came to stand so; 0 before the first time. */
    public function times(Situation $now): int
    {
        return $this->times[$this->place($now)] ?? 0;
    }

    private function place(Situation $now): string
    {
        $stance = $now->stance();

        return $stance->value.
            ($now->isRolled ? ' rolled' : '').
            ($stance === Stance::Carried ? ' '.$now->hitch->key() : '');
    }
}
