<?php

declare(strict_types=1);

namespace App\UseCases\Customers;

use App\Models\CardLink;
use App\Models\Customer;
use App\Models\Job;
use App\Models\OwnerNote;
use App\Models\Photo;
use App\Models\ReminderCall;
use App\Models\Rig;
use App\Words\Text;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Yoke\Specification\RigPart;

/**
 * Erases who a customer is and leaves what was measured: names, notes, calls and photographs go, private links are closed,
 * titles and names of parts that were theirs alone become numbers. Pages that were kept go too.
 */
final readonly class Erasure
{
    public function __construct(private Repository $cache)
    {
    }

    public function of(Customer $customer): void
    {
        DB::transaction(function () use ($customer): void {
            foreach ($customer->rigs as $rig) {
                $this->rig($rig);
            }
            $customer->delete();
        });
        $this->cache->clear();
    }

    private function rig(Rig $rig): void
    {
        $jobs = Job::query()->where('rig_id', $rig->id)->get();
        OwnerNote::query()->whereIn('job_id', $jobs->modelKeys())->delete();
        ReminderCall::query()->where('rig_id', $rig->id)->delete();
        Photo::query()->whereIn('job_id', $jobs->modelKeys())->delete();
        CardLink::query()->whereIn('job_id', $jobs->modelKeys())->whereNull('revoked_at')->update(['revoked_at' => Date::now()]);
        $names = $this->nameless($rig);
        foreach ($jobs as $job) {
            $worked = $job->rig_as_worked;
            foreach ($names as $part => $name) {
                $worked[$part]['name'] = $name;
            }
            $job->update(['title' => Text::of('customer.erased_job', ['number' => $job->id]), 'rig_as_worked' => $worked]);
        }
        $found = $rig->found_setting;
        $rig->update(['customer_id' => null, 'found_setting' => $found === null ? null : [...$found, 'job' => '']]);
    }

    /** @return array<string, string> new names of parts that no other rig has, by part */
    private function nameless(Rig $rig): array
    {
        $names = [];
        foreach (RigPart::cases() as $part) {
            $id = (int) $rig->getAttribute("{$part->value}_id");
            if (! Rig::query()->where("{$part->value}_id", $id)->where('id', '!=', $rig->id)->exists()) {
                $names[$part->value] = Text::of("customer.erased_{$part->value}", ['number' => $id]);
                $rig->{$part->value}->update(['name' => $names[$part->value]]);
            }
        }

        return $names;
    }
}
