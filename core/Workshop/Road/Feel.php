<?php

declare(strict_types=1);

namespace Yoke\Workshop\Road;

/** What is felt on a road test; the value is its field. */
enum Feel: string
{
    case Road = 'road';
    case Wind = 'wind';
    case Lorries = 'lorries';
    case Steering = 'steering';
    case Porpoising = 'porpoising';
    case Sway = 'sway';

    /** @return non-empty-list<string> what is stored; what troubles nobody first */
    public function answers(): array
    {
        return match ($this) {
            self::Road => ['smooth', 'rough', 'ruts'],
            self::Wind => ['calm', 'light', 'strong'],
            self::Lorries => ['none', 'felt', 'pushed'],
            self::Steering => ['same', 'light', 'heavy'],
            self::Porpoising => ['none', 'some', 'much'],
            self::Sway => ['none', 'once', 'few', 'grew'],
        };
    }
}
