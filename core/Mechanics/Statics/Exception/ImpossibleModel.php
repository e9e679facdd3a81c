<?php

declare(strict_types=1);

namespace Yoke\Mechanics\Statics\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class ImpossibleModel extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $quantity)
    {
        parent::__construct($expected->text());
    }

    /** @param  string  $quantity the constructor's parameter at fault: `wheelbase` */
    public static function at(string $quantity, Expected $expected): self
    {
        return new self($expected, $quantity);
    }

    public function quantity(): string
    {
        return $this->quantity;
    }
}
