<?php

declare(strict_types=1);

namespace App\Interchange\Customers;

use App\Interchange\Job\JobFile;
use App\Models\Customer;
use App\Models\Job;
use App\Models\OwnerNote;
use App\Models\ReminderCall;
use App\Models\Rig;

/** Everything that the shop keeps of a customer, to hand out. */
final readonly class CustomerFile
{
    public function __construct(private Customer $customer)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'name' => $this->customer->name,
            'phone' => $this->customer->phone,
            'mail' => $this->customer->mail,
            'agreed_at' => $this->customer->agreed_at?->toIso8601String(),
            'rigs' => array_map(
                static fn (Rig $rig): array => [
                    'title' => $rig->title(),
                    'hitch' => $rig->hitch->name,
                    'jobs' => $rig->jobs
                        ->map(
                            static fn (Job $job): array => [
                                'title' => $job->title,
                                'booked_on' => $job->booked_on->toDateString(),
                                'handed_over_at' => $job->handed_over_at?->toIso8601String(),
                                'record' => self::record($job),
                            ],
                        )
                        ->all(),
                    'notes' => OwnerNote::query()
                        ->whereIn('job_id', $rig->jobs->modelKeys())
                        ->orderBy('id')
                        ->get()
                        ->map(
                            static fn (OwnerNote $note): array => [
                                'sent_at' => $note->sent_at->toIso8601String(),
                                'note' => $note->note,
                            ],
                        )
                        ->all(),
                    'calls' => $rig->calls
                        ->map(
                            static fn (ReminderCall $call): array => [
                                'called_at' => $call->called_at->toIso8601String(),
                                'outcome' => $call->outcome->value,
                            ],
                        )
                        ->all(),
                ],
                $this->customer->rigs->load(['vehicle', 'trailer', 'hitch', 'jobs', 'calls'])->all(),
            ),
        ];
    }

    /**
     * All that was read and done, without the names of who did it.
     *
     * @return array<string, mixed>
     */
    private static function record(Job $job): array
    {
        return array_diff_key((new JobFile($job))->content(), ['people' => true]);
    }
}
