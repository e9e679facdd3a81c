<?php

declare(strict_types=1);

namespace Yoke\Readings\Device\Exception;

use RuntimeException;
use Yoke\CoreException;
use Yoke\Readings\Device\DeviceKind;

/** A device that tells nothing that can be used, in a sentence for whoever stands at it. */
final class UnreadableDevice extends RuntimeException implements CoreException
{
    private function __construct(string $message, private readonly DeviceKind $kind, private readonly string $why = '')
    {
        parent::__construct($message);
    }

    public static function off(DeviceKind $kind): self
    {
        return new self("The {$kind->inWords()} does not answer. Is it switched on? Its figure can be typed.", $kind);
    }

    public static function slow(DeviceKind $kind): self
    {
        return new self("The {$kind->inWords()} takes too long to answer. Try again, or type what its display shows.", $kind);
    }

    public static function garbled(DeviceKind $kind): self
    {
        return new self("The {$kind->inWords()} answers, but not in words that can be read. Type what its display shows.", $kind);
    }

    public static function absurd(DeviceKind $kind, string $channel, float $value): self
    {
        return new self(sprintf('The %s says %g %s (%s), which cannot be. Look at its display, and type what it shows.', $kind->inWords(), $value, $kind->unit(), $channel), $kind);
    }

    /** @param  string  $why  as the device says it */
    public static function refused(DeviceKind $kind, string $why): self
    {
        return new self('The '.$kind->inWords().' says: '.rtrim($why, '.').'.', $kind, $why);
    }

    /** As the device said it; an empty text where it said nothing. */
    public function why(): string
    {
        return $this->why;
    }

    public function kind(): DeviceKind
    {
        return $this->kind;
    }
}
