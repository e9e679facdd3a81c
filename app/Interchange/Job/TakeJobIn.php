<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use App\Models\User;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\Door\JobHandedOver;
use App\UseCases\Door\WritingDoor;
use Illuminate\Contracts\Events\Dispatcher;

/** Takes a job in from its file: by somebody of the shop, or at the console. The shop learns from a finished one. */
final readonly class TakeJobIn
{
    public function __construct(private WritingDoor $door, private AuditLog $deeds, private Dispatcher $events)
    {
    }

    /**
     * @param  string  $called  what the file is called
     *
     * @throws ImportRefused
     */
    public function by(User $person, string $json, WhenItExists $then, string $called): JobImport
    {
        return $this->told(
            $person,
            $this->door->inShop(
                $person,
                'work',
                static fn (): JobImport => JobImport::take($json, $then, new ImportedBy($called, $person)),
            ),
        );
    }

    /** @throws ImportRefused */
    public function atTheConsole(string $json, WhenItExists $then, string $called): JobImport
    {
        return $this->told(null, JobImport::take($json, $then, new ImportedBy($called, null)));
    }

    private function told(?User $person, JobImport $taken): JobImport
    {
        $this->deeds->record(AuditEvent::JobImported, $person, $taken->deed());
        if ($taken->job->handed_over_at !== null) {
            $this->events->dispatch(new JobHandedOver($taken->job));
        }

        return $taken;
    }
}
