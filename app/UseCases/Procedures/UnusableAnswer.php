<?php

declare(strict_types=1);

namespace App\UseCases\Procedures;

use RuntimeException;

/** A step of a procedure asks, and what was answered is none of its answers. */
final class UnusableAnswer extends RuntimeException
{
}
