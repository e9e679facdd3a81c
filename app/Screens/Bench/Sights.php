<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\Job;
use App\Models\MeasureKind;
use Yoke\Judgement\Method\Criterion;
use Yoke\Measuring\Readings\Sight\Seen;
use Yoke\Measuring\Readings\Sight\Sight;
use Yoke\Rig\Parts\Stance;

/** What can be seen by eye in a stance, and what was. */
final readonly class Sights
{
    public function __construct(private Job $job, private Stance $stance, private Criterion $method)
    {
    }

    /** @return list<Sight> */
    public function all(): array
    {
        return Sight::in($this->stance);
    }

    public function chosen(Sight $sight): ?Seen
    {
        $kind = MeasureKind::from($sight->value);
        $measure = $this->job->measure($this->stance, $this->job->roundOf($this->stance), $kind);

        return $measure?->value === null ? null : $sight->answer($measure->typed);
    }

    /** Open where anything was seen here, and to whoever does not work by fenders. */
    public function isOpen(): bool
    {
        $chosen = array_filter($this->all(), fn (Sight $sight): bool => $this->chosen($sight) !== null);

        return $chosen !== [] || $this->method === Criterion::CouplerHeight;
    }
}
