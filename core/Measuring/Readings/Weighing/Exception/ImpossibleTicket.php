<?php

declare(strict_types=1);

namespace Yoke\Measuring\Readings\Weighing\Exception;

use InvalidArgumentException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;

final class ImpossibleTicket extends InvalidArgumentException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $typed = '')
    {
        parent::__construct($expected->text());
    }

    public static function empty(): self
    {
        return new self(Expected::of('ticket.empty'));
    }

    /** A load that no axle has: what was expected, and what it may have been meant as. */
    public static function implausible(Expected $expected): self
    {
        return new self($expected);
    }

    public static function notText(): self
    {
        return new self(Expected::of('ticket.not_text'));
    }

    public static function lines(int $most, int $lines): self
    {
        return new self(Expected::of('ticket.lines', ['most' => $most, 'lines' => $lines]));
    }

    public static function tooLarge(int $megabytes): self
    {
        return new self(Expected::of('ticket.too_large', ['megabytes' => $megabytes]));
    }

    public static function withoutStance(): self
    {
        return new self(Expected::of('ticket.stance'));
    }

    public static function withoutStances(): self
    {
        return new self(Expected::of('ticket.without_stances'));
    }

    /** A line of a file, by its number from 1. */
    public static function inLine(int $line, Expected $expected): self
    {
        return new self(Expected::of('ticket.in_line', ['line' => $line])->then($expected));
    }

    public static function line(string $typed): self
    {
        return new self(Expected::of('ticket.line', ['typed' => $typed]), $typed);
    }

    public static function twice(WeighedAxle $axle): self
    {
        return new self(Expected::of('ticket.twice', ['axle' => $axle]), $axle->value);
    }

    public static function missing(WeighedAxle $axle): self
    {
        return new self(Expected::of('ticket.missing', ['axle' => $axle]), $axle->value);
    }

    public static function trailerAlone(): self
    {
        return new self(Expected::of('ticket.trailer_alone'), 'trailer');
    }

    public static function weightless(WeighedAxle $axle): self
    {
        return new self(Expected::of('ticket.weightless', ['axle' => $axle]), $axle->value);
    }

    /** @param  Expected|null  $slip  the likely one, where one fits */
    public static function sum(float $axlesKg, float $grossKg, ?Expected $slip = null): self
    {
        $figures = [
            'axles_kg' => round($axlesKg),
            'gross_kg' => round($grossKg),
            'axles_lb' => round(Load::ofKilograms($axlesKg)->pounds()),
            'gross_lb' => round(Load::ofKilograms($grossKg)->pounds()),
        ];

        return new self(Expected::of('ticket.sum', $figures)->then($slip));
    }

    /** What was typed, or the word at fault; may be empty. */
    public function typed(): string
    {
        return $this->typed;
    }
}
