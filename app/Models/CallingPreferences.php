<?php

declare(strict_types=1);

namespace App\Models;

/** How a person takes readings that somebody calls at the fender. */
final readonly class CallingPreferences
{
    /** Pauses to choose from, in milliseconds; at 0 the typing hand moves on by itself. */
    public const PAUSES = [0, 1000, 1500, 2500, 4000];

    public function __construct(
        /** Whether `38 6` is 38 6/16. */
        public bool $sixteenths = false,
        /** After so long without a key the next field is taken, ms; 0 for never. */
        public int $pause = 1500,
        /** Whether the value is read back aloud, where the device has a voice. */
        public bool $aloud = false,
    ) {
    }

    /** @param  array<string, mixed>|null  $kept */
    public static function of(?array $kept): self
    {
        $pause = $kept['pause'] ?? null;

        return new self(
            ($kept['sixteenths'] ?? false) === true,
            is_int($pause) && in_array($pause, self::PAUSES, true) ? $pause : 1500,
            ($kept['aloud'] ?? false) === true,
        );
    }

    /** @return array{sixteenths: bool, pause: int, aloud: bool} */
    public function toArray(): array
    {
        return ['sixteenths' => $this->sixteenths, 'pause' => $this->pause, 'aloud' => $this->aloud];
    }
}
