<?php

declare(strict_types=1);

namespace App\Interchange;

use App\Words\ExpectedWords;
use Yoke\Job\Record\RigSize;

/** Reads an object of a JSON file field by field; what is missing or of the wrong kind is named with its whole path. */
final readonly class Fields
{
    /**
     * @param  array<array-key, mixed>  $fields
     * @param  string  $path  of this object, empty at the top
     */
    private function __construct(private array $fields, private string $path)
    {
    }

    public static function ofJson(string $json): self
    {
        $fields = json_decode($json, true);
        if (! is_array($fields) || ($fields !== [] && array_is_list($fields))) {
            $why = json_last_error() === JSON_ERROR_NONE ? '' : ' '.json_last_error_msg().'.';
            throw BadField::at('file', "Expected one JSON object.{$why}");
        }

        return new self($fields, '');
    }

    public function object(string $name): self
    {
        $object = $this->value($name);
        if (! is_array($object) || ($object !== [] && array_is_list($object))) {
            throw BadField::at($this->pathOf($name), 'Expected an object.');
        }

        return new self($object, $this->pathOf($name));
    }

    /** @return non-empty-list<self> */
    public function objects(string $name): array
    {
        return $this->objectsIfAny($name) ?:
            throw BadField::at($this->pathOf($name), 'Expected a list of at least one object.');
    }

    /** @return list<self> none where it is left out or empty */
    public function objectsIfAny(string $name): array
    {
        $list = $this->has($name) ? $this->value($name) : [];
        if (! is_array($list) || ! array_is_list($list)) {
            throw BadField::at($this->pathOf($name), 'Expected a list of objects.');
        }
        $objects = [];
        foreach ($list as $i => $object) {
            if (! is_array($object)) {
                throw BadField::at("{$this->pathOf($name)}[{$i}]", 'Expected an object.');
            }
            $objects[] = new self($object, "{$this->pathOf($name)}[{$i}]");
        }

        return $objects;
    }

    public function number(string $name): float
    {
        $number = $this->value($name);
        if (! is_int($number) && ! is_float($number)) {
            throw BadField::at($this->pathOf($name), 'Expected a number.');
        }

        return (float) $number;
    }

    /** @return list<float> */
    public function numbers(string $name, int $many): array
    {
        $list = $this->value($name);
        if (
            ! is_array($list) ||
            count($list) !== $many ||
            array_filter($list, static fn (mixed $one): bool => ! is_int($one) && ! is_float($one)) !== []
        ) {
            throw BadField::at($this->pathOf($name), "Expected a list of {$many} numbers.");
        }

        return array_map(static fn (int|float $one): float => (float) $one, array_values($list));
    }

    /** @return array<string, float> every field of this object, each a number */
    public function allNumbers(): array
    {
        $numbers = [];
        foreach (array_keys($this->fields) as $name) {
            $numbers[(string) $name] = $this->number((string) $name);
        }

        return $numbers;
    }

    /** @return array<string, float|null> the same, null where it says so */
    public function allNumbersOrNull(): array
    {
        $numbers = [];
        foreach ($this->fields as $name => $value) {
            $numbers[(string) $name] = $value === null ? null : $this->number((string) $name);
        }

        return $numbers;
    }

    public function above(string $name): float
    {
        $number = $this->number($name);

        return $number > 0.0 ? $number : throw BadField::at($this->pathOf($name), 'Expected a number above 0.');
    }

    /** A number that can be such a size; one that cannot is asked for what it would be in another unit. */
    public function size(string $name, RigSize $size): float
    {
        $number = $this->number($name);
        if (! $size->range()->holds($number)) {
            throw BadField::at($this->pathOf($name), ExpectedWords::of($size->range()->expected($number)));
        }

        return $number;
    }

    /** The same object; an empty one where it is left out. */
    public function objectIfAny(string $name): self
    {
        return $this->has($name) ? $this->object($name) : new self([], $this->pathOf($name));
    }

    public function flag(string $name): bool
    {
        $flag = $this->value($name);
        if (! is_bool($flag)) {
            throw BadField::at($this->pathOf($name), 'Expected true or false.');
        }

        return $flag;
    }

    public function text(string $name): string
    {
        $text = $this->value($name);
        if (! is_string($text) || $text === '') {
            throw BadField::at($this->pathOf($name), 'Expected a text.');
        }

        return $text;
    }

    public function count(string $name): int
    {
        $count = $this->value($name);
        if (! is_int($count)) {
            throw BadField::at($this->pathOf($name), 'Expected a whole number.');
        }

        return $count;
    }

    /** @param  non-empty-list<string>  $choices */
    public function choice(string $name, array $choices): string
    {
        $choice = $this->value($name);
        if (! is_string($choice) || ! in_array($choice, $choices, true)) {
            throw BadField::at($this->pathOf($name), 'Expected one of '.implode(', ', $choices).'.');
        }

        return $choice;
    }

    public function has(string $name): bool
    {
        return isset($this->fields[$name]);
    }

    public function pathOf(string $name): string
    {
        return $this->path === '' ? $name : "{$this->path}.{$name}";
    }

    private function value(string $name): mixed
    {
        if (! array_key_exists($name, $this->fields)) {
            throw BadField::at($this->pathOf($name), 'Expected this field, and it is missing.');
        }

        return $this->fields[$name];
    }
}
