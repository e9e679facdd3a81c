<?php

declare(strict_types=1);

namespace Yoke\Service;

/** What an owner looks at again after a set-up, and when. The hitch's own sheet goes before it. */
final readonly class Recheck
{
    private function __construct(public string $what, public string $when)
    {
    }

    /** @return non-empty-list<self> in the order in which they fall due */
    public static function all(): array
    {
        return [
            new self('Torque of ball nut, head and brackets', 'after the first run, at the distance of the hitch\'s sheet; then each season'),
            new self('Pins, clips, chains, breakaway cable', 'every hook-up'),
            new self('Tyre pressures, cold', 'every trip'),
            new self('Grease on ball and head sockets, none on friction faces', 'by the hitch\'s sheet, each season at the least'),
            new self('Pads, cams and friction faces for wear', 'each season'),
            new self('The whole set-up', 'when vehicle, tyres, suspension or the trailer\'s load change'),
        ];
    }
}
