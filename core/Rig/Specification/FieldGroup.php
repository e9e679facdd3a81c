<?php

declare(strict_types=1);

namespace Yoke\Rig\Specification;

/** Fields that are read off in one place. */
final readonly class FieldGroup
{
    /** @param  non-empty-list<Field>  $fields */
    public function __construct(public string $key, public array $fields)
    {
    }
}
