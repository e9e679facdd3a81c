<?php

declare(strict_types=1);

namespace App\UseCases\Forms;

use App\Models\User;
use App\Words\ExpectedWords;
use App\Words\QuantityWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Bars\HitchInPlace;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Check\LengthRange;

/** The bar as high at the bracket as at the vehicle: one height copied from the one to the other. */
final readonly class CopiedHeight
{
    public const FIELD = 'bar_at_head';

    private const RANGE_MM = [100, 900];

    public string $problem;

    private ?Length $height;

    /** @param  array<array-key, string>  $typed */
    public function __construct(private array $typed, private HitchInPlace $inPlace, private User $person)
    {
        $problems = new CollectProblems();
        $parts = new TypedParts($typed, $person, $problems);
        $this->height = $this->typed() === '' ? null : $parts->length(self::FIELD);
        LengthRange::ofMillimetres('length', ...self::RANGE_MM)->check(self::FIELD, $this->height, $problems);
        $this->problem = $this->typed() === '' ? '' : ExpectedWords::each($problems->all())[self::FIELD] ?? '';
    }

    public function typed(): string
    {
        return trim($this->typed[self::FIELD] ?? '');
    }

    /** What to do at the bracket, in a sentence; an empty text while nothing was typed. */
    public function answer(): string
    {
        if ($this->height === null || $this->problem !== '') {
            return '';
        }
        $holes = $this->inPlace->holesForBarAt($this->height);
        $print = new QuantityWords($this->person);

        return trim(
            Text::of('bars.copied.rest', ['height' => $print->length($this->height)]).
                ' '.
                ($holes === null
                    ? Text::of('bars.copied.unknown')
                    : Text::choice('bars.copied.holes', $holes->showing())),
        );
    }
}
