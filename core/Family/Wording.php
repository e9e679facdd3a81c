<?php

declare(strict_types=1);

namespace Yoke\Family;

/** What the people who set a family up call its parts. */
final readonly class Wording
{
    /**
     * @param  string  $name  of the family, lower case
     * @param  array<string, array{string, string}>  $steps  one and many of each adjuster's step: `link` => [link, links]
     * @param  string  $sway  how it controls sway
     * @param  list<string>  $quirks  what to know of it, a sentence each
     * @param  list<array{string, string, string}>  $swayChecks  key, what has to be so, what to do where it is not
     * @param  list<array{string, string, string}>  $barsOn  steps in order: what, why, caution
     * @param  list<array{string, string, string}>  $barsOff
     * @param  string  $grease  where it goes, and where none may
     * @param  string  $wear  what is looked at for it
     */
    public function __construct(public string $name, public array $steps, public string $sway, public array $quirks, public SwayControl $control, public array $swayChecks, public array $barsOn, public array $barsOff, public string $grease, public string $wear)
    {
    }

    /** @return self the wording in a data file of this folder */
    public static function in(string $key): self
    {
        /** @var array{name: string, steps: array<string, array{string, string}>, sway: string, quirks: list<string>, control: string, sway_checks: list<array{string, string, string}>, bars_on: list<array{string, string, string}>, bars_off: list<array{string, string, string}>, grease: string, wear: string} $words */
        $words = require __DIR__."/data/{$key}.php";

        return new self($words['name'], $words['steps'], $words['sway'], $words['quirks'], SwayControl::from($words['control']), $words['sway_checks'], $words['bars_on'], $words['bars_off'], $words['grease'], $words['wear']);
    }

    /** `half a link`, `2 links`, `1 1/2 washers`. */
    public function count(string $adjuster, float $steps): string
    {
        [$one, $many] = $this->steps[$adjuster] ?? [$adjuster, "{$adjuster}s"];
        $whole = (int) floor(abs($steps));
        $half = abs($steps) - $whole >= 0.25;

        return match (true) {
            $half && $whole === 0 => "half a {$one}",
            $half => "{$whole} 1/2 {$many}",
            $whole === 1 => "1 {$one}",
            default => "{$whole} {$many}",
        };
    }
}
