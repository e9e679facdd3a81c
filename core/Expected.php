<?php

declare(strict_types=1);

namespace Yoke;

use BackedEnum;

/**
 * What was expected where something was refused, as a fact: the key of a sentence that the edge has, with the figures
 * in it.
 */
final readonly class Expected
{
    /**
     * @param  array<string, int|float|string|BackedEnum>  $figures  by their place in the sentence; an enum's word is
     *     the edge's
     */
    private function __construct(public string $key, public array $figures, public ?self $then)
    {
    }

    /**
     * @param  string  $key  the room of the sentence and its name: `length.not_on_a_tape`
     * @param  array<string, int|float|string|BackedEnum>  $figures
     */
    public static function of(string $key, array $figures = []): self
    {
        return new self($key, $figures, null);
    }

    /** With a second sentence after it, where there is one. */
    public function then(?self $next): self
    {
        return new self($this->key, $this->figures, $this->then === null ? $next : $this->then->then($next));
    }

    /** For whoever reads a log: the key and its figures, `length.not_on_a_tape numerator=3 denominator=7`. */
    public function text(): string
    {
        $text = $this->key;
        foreach ($this->figures as $name => $figure) {
            $text .= " {$name}=".($figure instanceof BackedEnum ? $figure->value : $figure);
        }

        return $this->then === null ? $text : "{$text}; {$this->then->text()}";
    }
}
