<?php

declare(strict_types=1);

namespace App\UseCases\Forms;

use App\Models\MeasureKind;
use App\Models\User;
use Closure;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Pressure;
use Yoke\Foundation\Units\Torque;
use Yoke\Rig\Parts\Check\Problems;

/** Reads the typed fields of a form one by one; what does not read becomes a problem of its field. */
final readonly class TypedParts
{
    private const LONGEST_NAME = 80;

    /** @param  array<array-key, mixed>  $typed */
    public function __construct(private array $typed, private User $person, private Problems $problems)
    {
    }

    public function text(string $field): string
    {
        $typed = $this->typed[$field] ?? '';

        return is_string($typed) ? trim($typed) : '';
    }

    public function name(string $field): string
    {
        $name = $this->text($field);
        if ($name === '' || mb_strlen($name) > self::LONGEST_NAME) {
            $this->problems->found($field, Expected::of('form.name', ['most' => self::LONGEST_NAME]));
        } elseif (preg_match('/[<>[:cntrl:]]/u', $name) !== 0) {
            $this->problems->found($field, Expected::of('form.plain_name'));
        }

        return $name;
    }

    /** A name of its own, or one that stands in where nothing was typed. */
    public function nameOr(string $field, string $standsIn): string
    {
        return $this->text($field) === '' ? $standsIn : $this->name($field);
    }

    /** Null where nothing was typed, too: what is not known yet. */
    public function knownLength(string $field): ?Length
    {
        return $this->text($field) === '' ? null : $this->length($field);
    }

    public function knownLoad(string $field): ?Load
    {
        return $this->text($field) === '' ? null : $this->load($field);
    }

    public function length(string $field): ?Length
    {
        return $this->read($field, $this->person->lengthParser()->parse(...))?->length();
    }

    public function load(string $field): ?Load
    {
        return $this->read($field, $this->person->loadParser()->parse(...));
    }

    /** The unit that a load or a height was typed in; a person's own where none was. */
    public function unitOf(string $field, MeasureKind $kind = MeasureKind::BallLoad): string
    {
        return $kind->isLength()
            ? (
                $this->read($field, $this->person->lengthParser()->parse(...))?->unit() ??
                $this->person->fineness->unit()
            )->value
            : $this->person->loadParser()->unitOf($this->text($field))->value;
    }

    public function pressure(string $field): ?Pressure
    {
        return $this->read($field, $this->person->pressureUnit()->parse(...));
    }

    public function torque(string $field): ?Torque
    {
        return $this->read($field, $this->person->torqueUnit()->parse(...));
    }

    /** Of a spring, kg/mm. */
    public function rate(string $field): ?float
    {
        try {
            return $this->person->rateUnit()->parse($this->text($field));
        } catch (CoreException $refused) {
            $this->problems->found($field, $refused->expected());

            return null;
        }
    }

    /** Of the road, km. */
    public function distance(string $field): ?float
    {
        $kilometres = $this->person->roadUnit()->read($this->text($field));
        if ($kilometres === null) {
            $this->problems->found($field, Expected::of('form.distance'));
        }

        return $kilometres;
    }

    public function number(string $field): ?float
    {
        $typed = str_replace(',', '.', $this->text($field));
        if (preg_match('/^-?\d{1,9}(\.\d{0,9})?$/', $typed) !== 1) {
            $this->problems->found($field, Expected::of('form.number'));

            return null;
        }

        return (float) $typed;
    }

    /**
     * @template T of \BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T|null
     */
    public function choice(string $field, string $enum, Expected $expected): ?\BackedEnum
    {
        $choice = $enum::tryFrom($this->text($field));
        if ($choice === null) {
            $this->problems->found($field, $expected);
        }

        return $choice;
    }

    public function textOr(string $field, string $standsIn): string
    {
        return $this->text($field) === '' ? $standsIn : $this->text($field);
    }

    /**
     * One of a list; what stands in where nothing was chosen.
     *
     * @template T of \BackedEnum
     *
     * @param  T  $standsIn
     * @return T|null
     */
    public function choiceOr(string $field, \BackedEnum $standsIn, Expected $expected): ?\BackedEnum
    {
        return $this->text($field) === '' ? $standsIn : $this->choice($field, $standsIn::class, $expected);
    }

    /**
     * @template T of object
     *
     * @param  Closure(string): T  $parse
     * @return T|null
     */
    private function read(string $field, Closure $parse): ?object
    {
        try {
            return $parse($this->text($field));
        } catch (CoreException $refused) {
            $this->problems->found($field, $refused->expected());

            return null;
        }
    }
}
