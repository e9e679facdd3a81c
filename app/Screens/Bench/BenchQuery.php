<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use Illuminate\Http\Request;

/** How somebody looks at the bench: heights true or magnified, which tab, which setting tried on the drawing. */
final readonly class BenchQuery
{
    /**
     * @param  array<string, float|null>  $tried  steps by adjuster, null of one that nobody knows; empty where none is
     *     tried
     * @param  bool  $isCalling  whether somebody calls the readings and another types
     */
    public function __construct(
        public Magnification $magnification = Magnification::True,
        public Tab $tab = Tab::Next,
        public array $tried = [],
        public bool $isCalling = false,
    ) {
    }

    public static function asked(Request $request): self
    {
        $tab = $request->input('show');
        $tried = $request->input('try');
        $steps = array_filter(is_array($tried) ? $tried : [], static fn (mixed $step): bool => self::isStep($step));

        return new self(
            Magnification::asked($request->input('height')),
            is_string($tab) ? Tab::tryFrom($tab) ?? Tab::Next : Tab::Next,
            array_map(static fn (mixed $step): ?float => is_numeric($step) ? (float) $step : null, $steps),
            $request->boolean('call'),
        );
    }

    private static function isStep(mixed $step): bool
    {
        return $step === null || $step === '' || (is_numeric($step) && is_finite((float) $step));
    }

    /** @return array<string, mixed> as it stands in an address; what is usual is left out */
    public function query(Tab $tab): array
    {
        return array_filter([
            'show' => $tab === Tab::Next ? null : $tab->value,
            'height' => $this->magnification === Magnification::True ? null : $this->magnification->value,
            'call' => $this->isCalling ? 1 : null,
        ]);
    }
}
