<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Models\Job;
use App\Models\TorqueRecord;
use App\Models\User;
use App\Words\ServiceWords;
use App\Words\SpecificationWords;
use Yoke\Foundation\Units\Torque;
use Yoke\Rig\Specification\FieldKind;
use Yoke\Rig\Specification\RigPart;
use Yoke\Workshop\Procedure\Station;

/** A fastener of a job's hitch: what its sheet asks for, and what a wrench showed last. */
final readonly class FastenerLine
{
    private function __construct(
        public string $field,
        public string $label,
        public string $asked,
        public ?TorqueRecord $done,
        private User $person,
    ) {
    }

    /** @return list<self> those that the hitch's sheet has a torque for */
    public static function of(Job $job, User $person): array
    {
        $lines = [];
        foreach (RigPart::Hitch->fields() as $key => $field) {
            $sheet =
                $field->kind === FieldKind::Torque ? $job->rigAsWorked()->values(RigPart::Hitch)->number($key) : null;
            if ($sheet !== null) {
                $lines[] = new self(
                    $key,
                    SpecificationWords::label(RigPart::Hitch, $key),
                    $person->torqueUnit()->nearest(Torque::ofNewtonMetres($sheet)),
                    $job->torques->last(static fn (TorqueRecord $record): bool => $record->fastener === $key),
                    $person,
                );
            }
        }

        return $lines;
    }

    /** Where the wrench is in the hand. */
    public function isOf(Station $station): bool
    {
        return ($this->field === 'bracket_bolts_nm') === ($station === Station::Brackets);
    }

    /** What the wrench showed, who held it and when; or an empty text. */
    public function found(): string
    {
        return $this->done === null
            ? ''
            : "{$this->person->torqueUnit()->nearest(
                Torque::ofNewtonMetres($this->done->wrench_nm),
            )}, {$this->done->user->name}, {$this->done->done_at->isoFormat('D MMM HH:mm')}";
    }

    /** What is wrong with it, or an empty text. */
    public function says(): string
    {
        return $this->done === null ? '' : ServiceWords::torque($this->done->core(), $this->person->torqueUnit());
    }
}
