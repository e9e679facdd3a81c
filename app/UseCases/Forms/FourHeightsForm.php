<?php

declare(strict_types=1);

namespace App\UseCases\Forms;

use App\Models\BarTaping;
use App\Models\User;
use App\Words\ExpectedWords;
use Yoke\CoreException;
use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Bars\Exception\ImpossibleHeights;
use Yoke\Measuring\Bars\FourHeights;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Family\TakeUp;
use Yoke\Rig\Parts\Check\CollectProblems;

/** Reads four typed heights of a hitch; what does not read becomes a problem of its field. */
final readonly class FourHeightsForm
{
    public const FIELDS = ['ball', 'bar', 'lifted', 'seat', 'rest', 'chain'];

    private CollectProblems $problems;

    private TypedParts $parts;

    /** @param  array<string, string>  $typed */
    public function __construct(
        private array $typed,
        private Adjusters $adjusters,
        private TakeUp $takeUp,
        User $person,
    ) {
        $this->problems = new CollectProblems();
        $this->parts = new TypedParts($typed, $person, $this->problems);
    }

    /** Null where something does not read, or is not there; the problems say what. */
    public function read(): ?BarTaping
    {
        $must = array_map($this->parts->length(...), [
            'ball' => 'ball',
            'bar' => 'bar',
            'seat' => 'seat',
            'rest' => 'rest',
            ...$this->takeUp->isChain() ? ['chain' => 'chain'] : [],
        ]);
        $lifted = $this->parts->knownLength('lifted');
        $setting = $this->setting();
        if (! $this->problems->isEmpty() || $setting === null || in_array(null, $must, true)) {
            return null;
        }
        $taping = new BarTaping([
            'typed' => array_intersect_key($this->typed, array_flip(self::FIELDS)),
            'setting' => $setting->steps(),
            'lifted_mm' => $lifted?->millimetres(),
        ]);
        foreach ($must as $field => $length) {
            $taping->setAttribute("{$field}_mm", $length->millimetres());
        }

        return $this->isPossible($must, $lifted) ? $taping : null;
    }

    /** @return array<string, string> by field */
    public function problems(): array
    {
        return ExpectedWords::each($this->problems->all());
    }

    /** The bars at their loosest, the head as it is said to be bolted. */
    private function setting(): ?Setting
    {
        $setting = $this->adjusters->middle();
        foreach ($this->adjusters->all() as $adjuster) {
            $typed = $this->parts->text("step_{$adjuster->key}");
            $setting = is_numeric($typed) ? $setting->with($adjuster->key, (float) $typed) : $setting;
        }
        try {
            return $this->adjusters->setting($this->adjusters->loosest($setting)->steps());
        } catch (CoreException $impossible) {
            $this->problems->found('setting', $impossible->expected());

            return null;
        }
    }

    /** @param  array<string, Length|null>  $heights */
    private function isPossible(array $heights, ?Length $lifted): bool
    {
        $zero = Length::zero();
        try {
            FourHeights::of(
                $heights['ball'] ?? $zero,
                $heights['bar'] ?? $zero,
                $heights['seat'] ?? $zero,
                $heights['rest'] ?? $zero,
                $heights['chain'] ?? null,
                $lifted,
            );
        } catch (ImpossibleHeights $impossible) {
            $this->problems->found($impossible->field(), $impossible->expected());

            return false;
        }

        return true;
    }
}
