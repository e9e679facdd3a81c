<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Coach;

use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\HitchPlace;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Rig\Parts\Stance;

/** One thing to do next. */
final readonly class Hint
{
    private function __construct(
        public HintKind $kind,
        public ?Place $place = null,
        public ?Fault $fault = null,
        public ?HitchPlace $hitch = null,
        /** That is wanted. */
        public ?Stance $stance = null,
    ) {
    }

    public static function plain(HintKind $kind): self
    {
        return new self($kind);
    }

    public static function lookAt(Place $place): self
    {
        return new self(HintKind::LookAt, place: $place);
    }

    public static function putRight(Fault $fault): self
    {
        return new self(HintKind::PutRight, fault: $fault);
    }

    public static function setting(HintKind $kind, HitchPlace $hitch): self
    {
        return new self($kind, hitch: $hitch);
    }

    public static function toStand(HintKind $kind, Stance $stance): self
    {
        return new self($kind, stance: $stance);
    }
}
