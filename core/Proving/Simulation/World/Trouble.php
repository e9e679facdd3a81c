<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\World;

use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** One thing that goes wrong at every rig of a run, all else being plain. */
final readonly class Trouble
{
    private const PARTS = [
        'slip' => 3,
        'miscount' => 1,
        'levered' => 1,
        'person' => 1,
        'dip' => 1,
        'jack' => 1,
        'creep' => 1,
        'tyres' => 1,
        'other-side' => 1,
        'reversed' => 1,
        'swapped' => 1,
        'sticky-tape' => 1,
    ];

    public function __construct(public string $kind = '', public ?Stance $stance = null, public ?Axle $axle = null)
    {
    }

    public static function none(): self
    {
        return new self('');
    }

    /**
     * @param  string  $text  `slip:dropped:rear` and the like, `miscount`, `levered`, `person`, `dip`, `jack`, `creep`,
     *     `tyres`, `other-side`, `reversed`, `swapped` or `sticky-tape`
     * @return self|null null where it is none of them
     */
    public static function named(string $text): ?self
    {
        $parts = explode(':', $text);
        if ((self::PARTS[$parts[0]] ?? 0) !== count($parts)) {
            return null;
        }
        $stance = Stance::tryFrom($parts[1] ?? '');
        $axle = Axle::tryFrom($parts[2] ?? '');

        return $parts[0] === 'slip' && ($stance === null || $axle === null)
            ? null
            : new self($parts[0], $stance, $axle);
    }

    public function is(string $kind): bool
    {
        return $this->kind === $kind;
    }
}
