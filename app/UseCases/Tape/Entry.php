<?php

declare(strict_types=1);

namespace App\UseCases\Tape;

use App\Words\ExpectedWords;
use Yoke\CoreException;
use Yoke\Foundation\Units\Text\LengthParser;
use Yoke\Foundation\Units\Text\TypedLength;
use Yoke\Measuring\Readings\Height\FenderHeight;
use Yoke\Measuring\Readings\Height\Settling;

/** What a person typed into one field of a station, and what it reads as. */
final readonly class Entry
{
    private function __construct(
        public Place $place,
        public string $typed,
        public Settling $settling,
        /** The reading that stood in the field when the page was made. */
        public ?int $basedOn,
        public ?TypedLength $height,
        /** Why it does not read as a fender height. */
        public ?string $refusal,
    ) {
    }

    public static function read(
        Place $place,
        string $typed,
        Settling $settling,
        ?int $basedOn,
        LengthParser $parser,
    ): self {
        if (trim($typed) === '') {
            return new self($place, '', $settling, $basedOn, null, null);
        }
        try {
            $height = FenderHeight::of($parser->parse($typed))->typed();
        } catch (CoreException $refused) {
            return new self($place, $typed, $settling, $basedOn, null, ExpectedWords::of($refused->expected()));
        }

        return new self($place, $typed, $settling, $basedOn, $height, null);
    }

    public function isEmpty(): bool
    {
        return $this->typed === '';
    }
}
