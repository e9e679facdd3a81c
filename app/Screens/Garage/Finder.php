<?php

declare(strict_types=1);

namespace App\Screens\Garage;

use App\Models\Hitch;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use App\UseCases\Garage\PartModels;
use App\Words\QuantityWords;
use App\Words\SpecificationWords;
use Yoke\Foundation\Units\Load;
use Yoke\Rig\Specification\RigPart;

/** The vehicles, trailers or hitches at hand whose names hold a few typed letters. */
final readonly class Finder
{
    private const SHOWN = 6;

    private QuantityWords $print;

    public function __construct(private RigPart $part, User $person)
    {
        $this->print = new QuantityWords($person);
    }

    /**
     * @return list<array{id: int, name: string, says: string}> those that begin with the letters first; the latest
     *     where nothing is typed
     */
    public function like(string $letters): array
    {
        $letters = trim($letters);
        $query = PartModels::of($this->part)::atHand();
        if ($letters === '') {
            $query->orderByDesc('id');
        } else {
            $escaped = addcslashes($letters, '\\%_');
            $query
                ->whereRaw("name like ? escape '\\'", ["%{$escaped}%"])
                ->orderByRaw("name like ? escape '\\' desc", ["{$escaped}%"])
                ->orderBy('name');
        }
        $found = [];
        foreach ($query->limit(self::SHOWN)->get() as $model) {
            $found[] = ['id' => $model->id, 'name' => $model->name, 'says' => $this->says($model)];
        }

        return $found;
    }

    /** What tells two of a name apart. */
    private function says(Vehicle|Trailer|Hitch $model): string
    {
        $option = fn (string $field): string => is_string($model->sheet[$field] ?? null)
            ? SpecificationWords::option($this->part, $field, $model->sheet[$field])
            : '';
        $load = fn (?float $kilograms): string => $kilograms === null
            ? ''
            : $this->print->load(Load::ofKilograms($kilograms));
        $rating = $model->sheet['bar_rating_high_kg'] ?? null;

        return implode(
            ', ',
            array_filter(
                match (true) {
                    $model instanceof Vehicle => [
                        $option('vehicle_class') ?: SpecificationWords::option($this->part, 'body', $model->body),
                        $model->wheelbase_mm === null ? '' : $this->print->height($model->wheelbase_mm),
                    ],
                    $model instanceof Trailer => [
                        SpecificationWords::option($this->part, 'body', $model->body),
                        $load($model->gross_weight_kg),
                    ],
                    default => [$option('family'), $load(is_numeric($rating) ? (float) $rating : null)],
                },
            ),
        );
    }
}
