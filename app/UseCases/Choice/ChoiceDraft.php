<?php

declare(strict_types=1);

namespace App\UseCases\Choice;

use App\Models\Hitch;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\Trailer;
use App\Models\Vehicle;
use App\UseCases\Garage\PartModels;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Choice\BarRange;
use Yoke\Job\Choice\HitchOffer;
use Yoke\Mechanics\Loading\Exception\ImpossibleItem;
use Yoke\Mechanics\Loading\Tank;
use Yoke\Mechanics\Loading\TripLoad;
use Yoke\Mechanics\Loading\UsualItem;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\Want;
use Yoke\Rig\Specification\RigPart;
use Yoke\Rig\Specification\SpecificationSheet;

/**
 * What is asked before a purchase: a vehicle, a trailer, their lightest and heaviest load, what the use asks, hitches
 * to compare.
 */
final class ChoiceDraft
{
    /** Hitches side by side. */
    public const COLUMNS = 3;

    public const SEASONS = ['light', 'heavy'];

    public readonly ?Vehicle $vehicle;

    public readonly ?Trailer $trailer;

    /** @var list<Want> */
    public readonly array $wants;

    /** @var array<string, TripLoad> by season */
    public readonly array $loads;

    /** @var array<string, string> by field */
    private array $problems = [];

    /** @param  array<array-key, mixed>  $typed */
    public function __construct(private readonly array $typed)
    {
        $last = $this->isAsked()
            ? null
            : Rig::atHand()
                ->with(['vehicle', 'trailer'])
                ->latest('id')
                ->first();
        $this->vehicle = $this->isAsked() ? Vehicle::query()->find($this->chosen(RigPart::Vehicle)) : $last?->vehicle;
        $this->trailer = $this->isAsked() ? Trailer::query()->find($this->chosen(RigPart::Trailer)) : $last?->trailer;
        $wants = is_array($typed['want'] ?? null) ? array_filter($typed['want'], is_string(...)) : [];
        $this->wants = array_values(array_filter(array_map(Want::tryFrom(...), $wants)));
        $this->loads = array_combine(self::SEASONS, array_map($this->load(...), self::SEASONS));
    }

    /** Whether anything was asked yet, or the page was opened to ask. */
    public function isAsked(): bool
    {
        return isset($this->typed['vehicle'], $this->typed['trailer']);
    }

    /** @return array<string, string> a sentence by field */
    public function problems(): array
    {
        return $this->problems;
    }

    /** As typed, or what stands there at first: the tanks empty, then full. */
    public function fieldOf(string $season, string $what): string
    {
        $typed = is_array($this->typed[$season] ?? null) ? $this->typed[$season][$what] ?? null : null;

        return is_string($typed)
            ? trim($typed)
            : ($season === 'heavy' && str_ends_with($what, '_tank') && ! $this->isAsked()
                ? '100'
                : '0');
    }

    public function hitchKey(int $column): string
    {
        $key = $this->typed["hitch{$column}"] ?? '';

        return is_string($key) ? $key : '';
    }

    /**
     * @return array<int, array{HitchOffer, string|null}> by column: what is compared, with its name where it stands in
     *     the garage
     */
    public function offers(): array
    {
        $offers = [];
        for ($column = 1; $column <= self::COLUMNS; $column++) {
            $offer = $this->offer($this->hitchKey($column));
            if ($offer !== null) {
                $offers[$column] = $offer;
            } elseif ($this->hitchKey($column) !== '') {
                $this->problems["hitch{$column}"] = Text::of('choice.expected_a_hitch');
            }
        }

        return $offers;
    }

    /** The key of a usual hitch in the form. */
    public static function keyOf(HitchOffer $offer): string
    {
        return $offer->family->key().($offer->bars === null ? '' : '.'.round($offer->bars->heaviest->pounds()));
    }

    /** @return array{HitchOffer, string|null}|null */
    private function offer(string $key): ?array
    {
        if (ctype_digit($key)) {
            $hitch = Hitch::query()->find((int) substr($key, 0, 18));
            $offer =
                $hitch === null
                    ? null
                    : HitchOffer::described(
                        new SpecificationSheet($hitch->sheet ?? []),
                        $hitch->bar_arm_mm === null ? null : Length::ofMillimetres($hitch->bar_arm_mm),
                    );

            return $hitch === null || $offer === null ? null : [$offer, $hitch->name];
        }
        [$family, $rating] = [...explode('.', $key, 2), ''];
        foreach ([...BarRange::usual()] as $bars) {
            $found = Families::find($family);
            if (
                $found !== null &&
                $found->facts()->takeUp->distributes() &&
                (! $found->hasBars() || (string) round($bars->heaviest->pounds()) === $rating)
            ) {
                return [HitchOffer::usual($found, $bars), null];
            }
        }

        return null;
    }

    /** The vehicle with the trailer on a plain ball; null while either is missing. */
    public function worked(): ?RigSnapshot
    {
        if (! $this->isAsked() || $this->vehicle === null || $this->trailer === null) {
            return null;
        }
        $rig = (new Rig())
            ->setRelation('vehicle', $this->vehicle)
            ->setRelation('trailer', $this->trailer)
            ->setRelation(
                'hitch',
                new Hitch(['name' => '', 'bar_arm_mm' => null, 'sheet' => ['family' => 'plain-ball']]),
            );

        return new RigSnapshot(RigSnapshot::sheetOf($rig));
    }

    /** @return list<Tank> of the trailer whose size and place are known */
    public function tanks(): array
    {
        return $this->trailer === null ? [] : Tank::of(new SpecificationSheet($this->trailer->sheet ?? []));
    }

    private function load(string $season): TripLoad
    {
        $counts = [];
        foreach (UsualItem::cases() as $item) {
            $counts[$item->value] = $this->whole($season, $item->value, TripLoad::MOST, 'choice.expected_a_count');
        }
        $fills = [];
        foreach ($this->tanks() as $tank) {
            $fills[$tank->key] = $this->whole($season, "{$tank->key}_tank", 100, 'choice.expected_a_fill') / 100;
        }
        try {
            return TripLoad::of($counts, $fills);
        } catch (ImpossibleItem) {
            return TripLoad::nothing();
        }
    }

    private function whole(string $season, string $what, int $most, string $expected): int
    {
        $typed = $this->fieldOf($season, $what);
        if (preg_match('/^\d{1,3}$/', $typed) === 1 && (int) $typed <= $most) {
            return (int) $typed;
        }
        if ($typed !== '') {
            $this->problems["{$season}-{$what}"] = Text::of($expected, ['most' => $most]);
        }

        return 0;
    }

    /** The number of a part that is at hand; null where nothing, or nothing that there is, was chosen. */
    private function chosen(RigPart $part): ?int
    {
        $id = $this->typed[$part->value] ?? '';
        $found =
            is_string($id) &&
            ctype_digit($id) &&
            PartModels::of($part)::query()->whereKey((int) substr($id, 0, 18))->exists()
                ? (int) $id
                : null;
        if ($found === null) {
            $this->problems[$part->value] = Text::of("choice.expected_a_{$part->value}");
        }

        return $found;
    }
}
