<?php

declare(strict_types=1);

namespace Yoke\Readings\Weighing\Exception;

use InvalidArgumentException;
use Yoke\CoreException;
use Yoke\Units\Load;

final class ImpossibleTicket extends InvalidArgumentException implements CoreException
{
    private function __construct(string $message, private readonly string $typed = '')
    {
        parent::__construct($message);
    }

    public static function empty(): self
    {
        return new self('Nothing is typed here yet. Expected a ticket such as: front 1460, rear 1190, trailer 2780, gross 5430 kg.');
    }

    /** @param  string  $sentence  that names the line at fault, and what was expected */
    public static function file(string $sentence): self
    {
        return new self($sentence);
    }

    public static function line(string $typed): self
    {
        return new self("This does not read as a line of a ticket: {$typed}. Expected an axle and its load, such as: front 1460 kg, or front+rear 2650 kg.", $typed);
    }

    public static function twice(string $axle): self
    {
        return new self("The {$axle} axle stands on this ticket twice. Expected each axle once.", $axle);
    }

    public static function missing(string $axle): self
    {
        return new self("The {$axle} axle is missing on this ticket. Expected every axle that stood on the weighbridge.", $axle);
    }

    public static function trailerAlone(): self
    {
        return new self('The vehicle alone has no trailer. Expected a ticket of front and rear, or another stance.', 'trailer');
    }

    public static function weightless(string $axle): self
    {
        return new self("Expected a load above 0 for the {$axle} axle.", $axle);
    }

    /** @param  array{'swapped'|'left_out'|'off', string, string}|null  $slip  the one that fits, of which axle or in which unit, and its figure */
    public static function sum(float $axlesKg, float $grossKg, ?array $slip = null): self
    {
        $likely = match ($slip[0] ?? null) {
            'swapped' => sprintf(' Two digits of the %s axle may be swapped: is it %s?', $slip[1], $slip[2]),
            'left_out' => sprintf(' The gross may leave the %s axle out.', $slip[1]),
            'off' => sprintf(' One figure may be off by %s %s.', $slip[2], $slip[1]),
            null => '',
        };

        return new self(sprintf('The axles add up to %.0f kg, the gross says %.0f kg (%.0f and %.0f lb). Expected the same within the scale\'s step: read both again.%s', $axlesKg, $grossKg, Load::ofKilograms($axlesKg)->pounds(), Load::ofKilograms($grossKg)->pounds(), $likely));
    }

    /** What was typed, or the word at fault; may be empty. */
    public function typed(): string
    {
        return $this->typed;
    }
}
