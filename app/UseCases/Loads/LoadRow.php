<?php

declare(strict_types=1);

namespace App\UseCases\Loads;

use App\Models\User;
use App\UseCases\Forms\TypedParts;
use App\Words\QuantityWords;
use Yoke\Expected;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Exception\ImpossibleItem;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Loading\LoadRoom;
use Yoke\Rig\Parts\Check\Problems;

/** A row of a load state's form: what stands in its fields, and the item where they read. */
final readonly class LoadRow
{
    /** Beyond it a number is no length of a rig, mm, and no weight of a load, kg. */
    private const FURTHEST = 1e5;

    private function __construct(
        public string $name,
        public string $weight,
        public string $on,
        public string $place,
        public ?Item $item,
    ) {
    }

    public static function of(Item $item, User $person): self
    {
        $print = new QuantityWords($person);

        return new self(
            $item->name,
            $print->load($item->weight),
            $item->on->value,
            $print->length($item->place),
            $item,
        );
    }

    /**
     * What was dragged counts over what was typed; what was not touched since it was printed keeps its exact value.
     *
     * @param  array<array-key, string>  $typed  name, weight, on, place; kg and mm as they were printed from; drawn
     *     where dragged
     */
    public static function read(array $typed, LoadRoom $room, User $person, Problems $problems): self
    {
        $parts = new TypedParts($typed, $person, $problems);
        $print = new QuantityWords($person);
        $name = $parts->name('name');
        $on = $parts->choice('on', Carrier::class, Expected::of('form.carrier'));
        $wasLoad = self::exact($typed['kg'] ?? '', Load::ofKilograms(...));
        $wasPlace = self::exact($typed['mm'] ?? '', Length::ofMillimetres(...));
        $weight =
            $wasLoad !== null && $print->load($wasLoad) === $parts->text('weight') ? $wasLoad : $parts->load('weight');
        $drawn = self::exact($typed['drawn'] ?? '', Length::ofMillimetres(...));
        $place = match (true) {
            $drawn !== null && $on !== null => $room->placeAt($on, $drawn->millimetres()),
            $wasPlace !== null && $print->length($wasPlace) === $parts->text('place') => $wasPlace,
            default => $parts->length('place'),
        };
        try {
            $item =
                $weight === null || $on === null || $place === null || $name === ''
                    ? null
                    : Item::of($name, $weight, $on, $place);
        } catch (ImpossibleItem $impossible) {
            $problems->found($impossible->field(), $impossible->expected());
            $item = null;
        }

        return new self(
            $name,
            $parts->text('weight'),
            $on->value ?? 'vehicle',
            $drawn === null || $place === null ? $parts->text('place') : $print->length($place),
            $item,
        );
    }

    public function withoutItem(): self
    {
        return new self($this->name, $this->weight, $this->on, $this->place, null);
    }

    /**
     * @template T of object
     *
     * @param  \Closure(float): T  $of
     * @return T|null
     */
    private static function exact(string $number, \Closure $of): ?object
    {
        return is_numeric($number) && abs((float) $number) < self::FURTHEST ? $of((float) $number) : null;
    }
}
