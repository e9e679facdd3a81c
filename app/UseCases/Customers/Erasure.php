<?php

declare(strict_types=1);

namespace App\UseCases\Customers;

use App\Models\CardLink;
use App\Models\Customer;
use App\Models\Job;
use App\Models\OwnerNote;
use App\Models\Photo;
use App\Models\ReminderCall;
use App\Models\Revocation;
use App\Models\Rig;
use App\Words\Text;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Support\Facades\DB;
use Yoke\Rig\Specification\RigPart;

/**
 * Erases who a customer is and leaves what was measured: names, notes, calls and photographs go, private links are
 * closed,
 * titles and names of parts that were theirs alone become numbers, in records and practice runs too. Pages that were
 * kept go.
 * No backup of before brings them back; docs/running.md says how long backups themselves keep them.
 */
final readonly class Erasure
{
    public function __construct(private Repository $cache, private ErasedTraces $traces)
    {
    }

    public function of(Customer $customer): void
    {
        DB::transaction(function () use ($customer): void {
            $names = array_fill_keys(
                array_filter([$customer->name, (string) $customer->phone, (string) $customer->mail]),
                Text::of('customer.erased_name'),
            );
            foreach ($customer->rigs as $rig) {
                $names += $this->rig($rig);
            }
            $this->traces->erase($names, $customer->rigs->pluck('mark')->all());
            Revocation::Customer->note((string) $customer->mark);
            $customer->delete();
        });
        $this->cache->clear();
        $this->traces->scrubLater();
    }

    /** @return array<string, string> what is called otherwise now, by what it was called */
    private function rig(Rig $rig): array
    {
        $jobs = Job::query()->where('rig_id', $rig->id)->get();
        OwnerNote::query()->whereIn('job_id', $jobs->modelKeys())->delete();
        ReminderCall::query()->where('rig_id', $rig->id)->delete();
        Photo::query()->whereIn('job_id', $jobs->modelKeys())->delete();
        CardLink::query()->whereIn('job_id', $jobs->modelKeys())->whereNull('revoked_at')->get()->each->revoke();
        [$names, $changed] = $this->nameless($rig);
        foreach ($jobs as $job) {
            $worked = $job->rig_as_worked;
            foreach ($names as $part => $name) {
                $changed[(string) ($worked[$part]['name'] ?? '')] = $name;
                $worked[$part]['name'] = $name;
            }
            $changed[$job->title] = Text::of('customer.erased_job', ['number' => $job->id]);
            $job->update(['title' => $changed[$job->title], 'rig_as_worked' => $worked]);
        }
        $found = $rig->found_setting;
        $rig->update(['customer_id' => null, 'found_setting' => $found === null ? null : [...$found, 'job' => '']]);

        return array_filter($changed, static fn (int|string $was): bool => $was !== '', ARRAY_FILTER_USE_KEY);
    }

    /**
     * @return array{array<string, string>, array<string, string>} new names of parts that no other rig has: by part,
     *     and by what they were called
     */
    private function nameless(Rig $rig): array
    {
        [$names, $changed] = [[], []];
        foreach (RigPart::cases() as $part) {
            $id = (int) $rig->getAttribute("{$part->value}_id");
            if (
                ! Rig::query()
                    ->where("{$part->value}_id", $id)
                    ->where('id', '!=', $rig->id)
                    ->exists()
            ) {
                $model = $rig->{$part->value};
                $names[$part->value] = Text::of("customer.erased_{$part->value}", ['number' => $id]);
                $changed[(string) $model->name] = $names[$part->value];
                $model->update(['name' => $names[$part->value]]);
            }
        }

        return [$names, $changed];
    }
}
