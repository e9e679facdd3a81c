<?php

declare(strict_types=1);

namespace App\Screens\Garage;

use App\Models\Hitch;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use App\UseCases\Forms\TypedParts;
use App\UseCases\Garage\PartModels;
use App\Words\ExpectedWords;
use App\Words\Figures;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Pressure;
use Yoke\Foundation\Units\Torque;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Specification\Field;
use Yoke\Rig\Specification\FieldGroup;
use Yoke\Rig\Specification\FieldKind;
use Yoke\Rig\Specification\HitchSpecification;
use Yoke\Rig\Specification\RigPart;

/**
 * The sheet of one part as a form: what each field shows, and what a typed one reads as. A field that still says what
 * it
 * showed keeps its value exactly, however coarsely it was printed.
 */
final readonly class PartForm
{
    public function __construct(private RigPart $part, private Vehicle|Trailer|Hitch $model, private User $person)
    {
    }

    /**
     * @return list<array{string, list<Field>}> the fields by group: those of its own family, and whatever is filled in
     */
    public function groups(): array
    {
        $family =
            $this->part === RigPart::Hitch ? Families::find((string) ($this->model->sheet['family'] ?? '')) : null;
        $isShown = fn (Field $field): bool => $this->part !== RigPart::Hitch ||
            HitchSpecification::isOf($field->key, $family) ||
            PartModels::value($this->model, $field) !== null;
        $groups = array_map(
            static fn (FieldGroup $group): array => [$group->key, array_values(array_filter($group->fields, $isShown))],
            [$this->part->dimensions(), ...$this->part->groups()],
        );

        return array_values(array_filter($groups, static fn (array $group): bool => $group[1] !== []));
    }

    public function shown(Field $field): string
    {
        $value = PartModels::value($this->model, $field);
        if ($value === null || is_string($value)) {
            return (string) $value;
        }

        return match ($field->kind) {
            FieldKind::Length => $this->person->lengthPrinter()->nearest(Length::ofMillimetres($value)),
            FieldKind::Load => $this->person->loadUnit()->nearest(Load::ofKilograms($value)),
            FieldKind::Pressure => $this->person->pressureUnit()->nearest(Pressure::ofKilopascals($value)),
            FieldKind::Torque => $this->person->torqueUnit()->nearest(Torque::ofNewtonMetres($value)),
            FieldKind::Distance => $this->person->roadUnit()->distance($value),
            FieldKind::Rate => Figures::written($this->person->rateUnit()->nearest($value)),
            default => Figures::written((string) +sprintf('%.6g', $value)),
        };
    }

    /**
     * Puts what was typed on the part, as far as it reads; nothing is saved yet.
     *
     * @param  array<string, mixed>  $typed
     * @return array<string, string> field => sentence
     */
    public function fill(array $typed): array
    {
        $problems = new CollectProblems();
        $parts = new TypedParts($typed, $this->person, $problems);
        $columns = ['name' => $parts->name('name')];
        $sheet = $this->model->sheet ?? [];
        $dimensions = array_column($this->part->dimensions()->fields, null, 'key');
        foreach ($this->part->fields() as $key => $field) {
            $mustBeTyped = ! $this->model->exists && isset($dimensions[$key]);
            if (! $mustBeTyped && (! is_string($typed[$key] ?? null) || $typed[$key] === $this->shown($field))) {
                continue;
            }
            $isEmpty = $parts->text($key) === '';
            if (isset($dimensions[$key])) {
                $columns[$key] = $isEmpty && self::mayBeUnknown($field) ? null : $this->read($parts, $field, $problems);
            } elseif ($isEmpty) {
                unset($sheet[$key]);
            } else {
                $sheet[$key] = $this->read($parts, $field, $problems);
            }
        }
        $sentences = ExpectedWords::each($problems->all());
        $this->model->fill(array_diff_key($columns, $sentences));
        $this->model->sheet = array_filter(
            array_diff_key($sheet, $sentences),
            static fn (mixed $value): bool => $value !== null,
        );

        return $sentences;
    }

    /**
     * Puts fields back as they are saved: what others of the same part do not go with.
     *
     * @param  list<string>  $keys
     */
    public function leave(array $keys): void
    {
        $kept = $this->model->exists ? PartModels::find($this->part, $this->model->id) : PartModels::fresh($this->part);
        $sheet = $this->model->sheet ?? [];
        foreach ($keys as $key) {
            if (array_key_exists($key, $this->model->getAttributes())) {
                $this->model->setAttribute($key, $kept->getAttribute($key));
            } elseif (isset($kept->sheet[$key])) {
                $sheet[$key] = $kept->sheet[$key];
            } else {
                unset($sheet[$key]);
            }
        }
        $this->model->sheet = $sheet;
    }

    /** Lengths and loads that nobody has measured yet are assumed; shapes and axles are seen. */
    private static function mayBeUnknown(Field $field): bool
    {
        return $field->kind === FieldKind::Length || $field->kind === FieldKind::Load;
    }

    private function read(TypedParts $parts, Field $field, CollectProblems $problems): float|string|null
    {
        $value = match ($field->kind) {
            FieldKind::Length => $parts->length($field->key)?->millimetres(),
            FieldKind::Load => $parts->load($field->key)?->kilograms(),
            FieldKind::Pressure => $parts->pressure($field->key)?->kilopascals(),
            FieldKind::Torque => $parts->torque($field->key)?->newtonMetres(),
            FieldKind::Distance => $parts->distance($field->key),
            FieldKind::Rate => $parts->rate($field->key),
            FieldKind::Number, FieldKind::Count => $parts->number($field->key),
            FieldKind::Choice => $parts->text($field->key),
        };
        $objection = $value === null ? null : $field->objection($value);
        if ($objection !== null) {
            $problems->found($field->key, $objection);
        }

        return $value;
    }
}
