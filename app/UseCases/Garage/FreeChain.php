<?php

declare(strict_types=1);

namespace App\UseCases\Garage;

use App\Models\Hitch;

/** The free chain of a hitch's loosest setting, taped once and kept on its specification. */
final readonly class FreeChain
{
    public const FIELD = 'free_chain_mm';

    public function __construct(private Hitch $hitch)
    {
    }

    public function keep(?float $millimetres): void
    {
        if ($millimetres !== null && ! isset($this->hitch->sheet[self::FIELD])) {
            $this->hitch->update(['sheet' => [...$this->hitch->sheet ?? [], self::FIELD => $millimetres]]);
        }
    }
}
