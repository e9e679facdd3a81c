<?php

declare(strict_types=1);

namespace Yoke\Road;

/** What is felt on a road test; the value is its field. */
enum Feel: string
{
    case Road = 'road';
    case Wind = 'wind';
    case Lorries = 'lorries';
    case Steering = 'steering';
    case Porpoising = 'porpoising';
    case Sway = 'sway';

    public function asks(): string
    {
        return match ($this) {
            self::Road => 'Road',
            self::Wind => 'Wind',
            self::Lorries => 'Passing lorries',
            self::Steering => 'Steering, to alone',
            self::Porpoising => 'Porpoising',
            self::Sway => 'Sway',
        };
    }

    /** @return non-empty-array<string, string> what is stored, and how it is said; what troubles nobody first */
    public function answers(): array
    {
        return match ($this) {
            self::Road => ['smooth' => 'Smooth', 'rough' => 'Rough', 'ruts' => 'Ruts'],
            self::Wind => ['calm' => 'Calm', 'light' => 'Light', 'strong' => 'Strong, gusts'],
            self::Lorries => ['none' => 'Met none', 'felt' => 'Felt, no more', 'pushed' => 'Pushed it about'],
            self::Steering => ['same' => 'The same', 'light' => 'Lighter', 'heavy' => 'Heavier'],
            self::Porpoising => ['none' => 'None', 'some' => 'Once or twice', 'much' => 'Went on'],
            self::Sway => ['none' => 'None', 'once' => 'Settled at once', 'few' => 'After a few swings', 'grew' => 'Went on or grew'],
        };
    }
}
