<?php

declare(strict_types=1);

namespace App\UseCases\Garage;

use App\Models\Hitch;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use Yoke\Rig\Specification\RigPart;

/** Saves a part of the garage; a rating that changes is recorded with who changed it. */
final readonly class KeptPart
{
    public function __construct(private AuditLog $deeds)
    {
    }

    public function save(RigPart $part, Vehicle|Trailer|Hitch $model, User $by): void
    {
        $before = $model->exists ? $model::query()->findOrFail($model->id) : null;
        $model->save();
        foreach ($before === null ? [] : $part->fields() as $field) {
            [$from, $to] =
                $before === null || ! $field->isRating()
                    ? [null, null]
                    : [PartModels::value($before, $field), PartModels::value($model, $field)];
            if ($from !== $to) {
                $this->deeds->record(AuditEvent::RatingChanged, $by, [
                    'part' => $model->name,
                    'of' => $part->value,
                    'field' => $field->key,
                    'from_kg' => $from,
                    'to_kg' => $to,
                ]);
            }
        }
    }
}
