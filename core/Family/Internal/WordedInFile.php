<?php

declare(strict_types=1);

namespace Yoke\Family\Internal;

use Yoke\Family\HitchMeasures;
use Yoke\Family\Wording;

/** The wording of a family, and what is usual in it, stand in the data file that bears its key. */
trait WordedInFile
{
    abstract public function key(): string;

    public function wording(): Wording
    {
        return Wording::in($this->key());
    }

    public function usual(): HitchMeasures
    {
        /** @var array{usual: array{pitch_mm: float, steps: int}} $file */
        $file = require __DIR__."/../data/{$this->key()}.php";

        return new HitchMeasures($file['usual']['pitch_mm'], $file['usual']['steps']);
    }
}
