<?php

declare(strict_types=1);

namespace App\Screens\Owner;

use App\Words\QuantityWords;
use App\Words\Text;
use App\Words\TripWords;
use Yoke\Workshop\Trip\TripAxis;

/** One thing that an owner changes from trip to trip, as it stands on the page. */
final readonly class Stepper
{
    /** @param  string  $typed  what was sent for it, to the letter */
    public function __construct(public TripAxis $axis, private string $typed, private QuantityWords $print)
    {
    }

    public function label(): string
    {
        return TripWords::axis($this->axis);
    }

    /** What one of it weighs; an empty text of a tank. */
    public function each(): string
    {
        return $this->axis->weight() === null
            ? ''
            : Text::of('trip.each', ['weight' => $this->print->about($this->axis->weight())]);
    }

    /** Null for what does not read, or was not worked out. */
    public function value(): ?int
    {
        if ($this->typed === '') {
            return $this->axis->now;
        }
        $value = preg_match('/^-?\d{1,4}$/', $this->typed) === 1 ? (int) $this->typed : null;

        return $value === null || ! $this->axis->holds($value) ? null : $value;
    }

    /** Why it has none, or an empty text. */
    public function says(): string
    {
        return $this->value() === null
            ? Text::of('trip.off_the_grid', [
                'least' => TripWords::value($this->axis, $this->axis->least()),
                'most' => TripWords::value($this->axis, $this->axis->most()),
            ])
            : '';
    }

    /** @return array<int, string> its values from least to most, in words */
    public function values(): array
    {
        $values = range($this->axis->least(), $this->axis->most(), $this->axis->step);
        $values = array_values(array_unique([...$values, $this->axis->now, $this->value() ?? $this->axis->now]));
        sort($values);

        return array_column(
            array_map(fn (int $value): array => [$value, TripWords::value($this->axis, $value)], $values),
            1,
            0,
        );
    }
}
