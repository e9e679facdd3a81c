<?php

declare(strict_types=1);

namespace Yoke\Job\Experience;

/** Whose quantities are asked for: by source the group and the item. */
final readonly class Subject
{
    /**
     * @param  array<string, SubjectItem>  $of  by the value of a source; what is not known is not in it
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
            Source::FrontRate->value => new SubjectItem($class, $vehicle),
            Source::RearRate->value => new SubjectItem($class, $vehicle),
            Source::BarRate->value => new SubjectItem('bars', $hitch),
            Source::Tension->value => new SubjectItem($family, $hitch),
            Source::TrailerRate->value => new SubjectItem($body, $trailer),
        ]);
    }

    /** Null where it is not known. */
    public function in(Source $source): ?SubjectItem
    {
        return $this->of[$source->value] ?? null;
    }
}
