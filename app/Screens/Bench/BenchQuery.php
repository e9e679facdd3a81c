<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use Illuminate\Http\Request;

/** How somebody looks at the bench: heights true or magnified, which tab, which setting tried on the drawing. */
final readonly class BenchQuery
{
    /**
     * @param  array<string, float>  $tried  steps by adjuster; empty where none is tried
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
        $steps = is_array($tried)
            ? array_filter(array_map(floatval(...), array_filter($tried, is_numeric(...))), is_finite(...))
            : [];

        return new self(
            Magnification::asked($request->input('height')),
            is_string($tab) ? Tab::tryFrom($tab) ?? Tab::Next : Tab::Next,
            $steps,
            $request->boolean('call'),
        );
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
