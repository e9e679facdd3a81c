<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

/** Whose quantities are asked for: by source the group and the item. */
final readonly class Subject
{
    /**
     * @param  array<string, array{string, string}>  $of  group and item by the value of a source; what is not known is
     *     not in it
     */
    private function __construct(private array $of)
    {
    }

    /**
     * @param  string  $class  of the vehicle
     * @param  string  $family  of the hitch
     * @param  string  $body  of the trailer
     * @param  string  $vehicle  as the shop keeps it apart from others, as the others
     */
    public static function of(
        string $class,
        string $family,
        string $body,
        string $vehicle,
        string $hitch,
        string $trailer,
    ): self {
        return new self([
            Source::FrontRate->value => [$class, $vehicle],
            Source::RearRate->value => [$class, $vehicle],
            Source::BarRate->value => ['bars', $hitch],
            Source::Tension->value => [$family, $hitch],
            Source::TrailerRate->value => [$body, $trailer],
        ]);
    }

    /** @return array{string, string}|null */
    public function in(Source $source): ?array
    {
        return $this->of[$source->value] ?? null;
    }
}
