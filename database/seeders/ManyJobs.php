<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\User;
use App\UseCases\Service\RigCare;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Yoke\Job\Shop\ShopRules;
use Yoke\Measuring\Estimation\Prior\RigParameter;
use Yoke\Measuring\Estimation\Prior\RigPrior;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Proving\Simulation\HiddenTruth;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Service\CareDone;

/**
 * A shop of many years: invented rigs of the demo's kinds, jobs taped by the model with a tape's error. The same seed
 * gives the same shop.
 */
final class ManyJobs
{
    private const JOBS_A_RIG = 4;

    private const OPEN = 25;

    private const DAYS = 2500;

    private const CHUNK = 400;

    /** Settings are tried so many steps about the middle one, at which a share is put back. */
    private const ABOUT = 1.0;

    private SeededSource $random;

    /** @var array<string, array<string, array<string, mixed>>> */
    private array $kinds;

    private int $user;

    /** @param  int  $readings  in all, at least four a job */
    public function __construct(private int $jobs, private int $readings)
    {
        $this->random = new SeededSource(1707);
        $this->kinds = require database_path('demo/rigs.php');
    }

    /** @param  callable(int): void  $tell  how many jobs are written */
    public function run(callable $tell): void
    {
        $this->user = User::query()->firstOrFail()->id;
        $each = max(4, intdiv($this->readings, $this->jobs));
        $spare = max(0, $this->readings - $each * $this->jobs);
        for ($written = 0; $written < $this->jobs; $written += self::CHUNK) {
            DB::transaction(function () use ($written, $each, &$spare): void {
                for ($job = $written; $job < min($this->jobs, $written + self::CHUNK); $job += self::JOBS_A_RIG) {
                    $rig = $this->rig(intdiv($job, self::JOBS_A_RIG));
                    for ($visit = 0; $visit < min(self::JOBS_A_RIG, $this->jobs - $job); $visit++) {
                        $more = $spare > 0 ? 1 : 0;
                        $spare -= $more;
                        $this->job($rig, $job + $visit, $each + $more);
                    }
                    (new RigCare($rig))->look();
                }
            });
            $tell(min($this->jobs, $written + self::CHUNK));
        }
    }

    private function rig(int $number): Rig
    {
        $kind = array_values($this->kinds)[$number % count($this->kinds)];
        $ids = [];
        foreach (['vehicle', 'trailer', 'hitch'] as $part) {
            $row =
                [
                    'name' => "{$kind[$part]['name']} {$number}",
                    'mark' => (string) Str::uuid(),
                    'sheet' => json_encode($kind[$part]['sheet']),
                ] + $kind[$part];
            $ids["{$part}_id"] = DB::table($part === 'hitch' ? 'hitches' : "{$part}s")->insertGetId($row);
        }

        return Rig::query()
            ->create($ids)
            ->load(['vehicle', 'trailer', 'hitch']);
    }

    private function job(Rig $rig, int $number, int $readings): void
    {
        $isOpen = $number >= $this->jobs - self::OPEN;
        $day = Date::today()->subDays($isOpen ? 0 : 1 + intdiv(($this->jobs - $number) * self::DAYS, $this->jobs));
        $sheet = RigSnapshot::sheetOf($rig);
        $job = DB::table('jobs')->insertGetId([
            'rig_id' => $rig->id,
            'title' => "{$rig->trailer->name}, visit {$number}",
            'booked_on' => $day,
            'rig_as_worked' => json_encode($sheet),
            'mark' => (string) Str::uuid(),
            'handed_over_at' => $isOpen ? null : $day->addHours(15),
            'created_at' => $day,
            'updated_at' => $day,
        ]);
        $this->tape($job, new RigSnapshot($sheet), $readings, $day->addHours(9)->toDateTimeString());
        if (! $isOpen) {
            DB::table('station_marks')->insert(
                array_map(
                    fn (Station $station): array => [
                        'job_id' => $job,
                        'station' => $station->value,
                        'user_id' => $this->user,
                        'created_at' => $day,
                        'updated_at' => $day,
                    ],
                    Station::cases(),
                ),
            );
            DB::table('care_records')->insert([
                'rig_id' => $rig->id,
                'task' => CareDone::SET_UP,
                'driven_km' => 20_000.0 + 400.0 * $number,
                'typed' => 20_000 + 400 * $number.' km',
                'user_id' => $this->user,
                'done_at' => $day->addHours(15),
            ]);
        }
    }

    /** A rig whose bars put back what a shop aims at, at a middle setting. */
    private function truth(RigPrior $prior): HiddenTruth
    {
        $at = array_map(fn (): float => $this->random->between(-1.0, 1.0), array_fill(0, RigParameter::Tension->value + 1, 0.0));
        $rig = $prior->rigAt($at, 0.0);

        return new HiddenTruth(
            $rig,
            $rig->tensionFor($this->random->between(0.55, 0.85)),
            ['front' => 900.0, 'rear' => 930.0],
            ['front' => 1000.0, 'rear' => 900.0],
            ['front' => 20.0, 'rear' => 30.0],
        );
    }

    /**
     * Two fenders at a time: alone, dropped, then as many settings as there are readings left for; an odd one out
     * corrects the first.
     */
    private function tape(int $job, RigSnapshot $worked, int $readings, string $at): void
    {
        $described = $worked->described(ShopRules::usual()->priors);
        $adjusters = $described->sheets->adjusters() ?? throw new \LogicException('The demo\'s hitches have families.');
        $middle = $adjusters->middle();
        $small = array_key_first($middle->steps()) ?? '';
        $steps = array_values(
            array_filter(
                $adjusters->get($small)->range->all(),
                static fn (float $step): bool => abs($step - $middle->step($small)) <= self::ABOUT,
            ),
        );
        $core = $worked->core();
        $truth = $this->truth($described->prior());
        $rows = [];
        for ($pair = 0; $pair < intdiv($readings, 2); $pair++) {
            $stance = [Stance::Alone, Stance::Dropped][$pair] ?? Stance::Carried;
            $round = max(1, $pair - 1);
            $setting = $middle->with($small, $steps[($pair + $job) % count($steps)]);
            if ($stance === Stance::Carried) {
                DB::table('rounds')->insert([
                    'job_id' => $job,
                    'stance' => $stance->value,
                    'number' => $round,
                    'setting' => json_encode($setting->steps()),
                    'user_id' => $this->user,
                    'created_at' => $at,
                    'updated_at' => $at,
                ]);
            }
            $standing = $truth->at(
                $stance === Stance::Carried
                    ? $adjusters->tensionBetween($middle, $setting, $core->hitch->barArm->millimetres())
                    : 0.0,
                0.0,
            );
            foreach (Axle::cases() as $axle) {
                $height = round($standing->height($stance, $axle, Settling::Rolled, $this->random)->millimetres());
                $rows[] = [
                    'job_id' => $job,
                    'stance' => $stance->value,
                    'axle' => $axle->value,
                    'side' => 'both',
                    'typed' => "{$height} mm",
                    'typed_unit' => 'mm',
                    'height_mm' => $height,
                    'settling' => 'rolled',
                    'instrument' => 'tape',
                    'user_id' => $this->user,
                    'supersedes_id' => null,
                    'taken_at' => $at,
                    'round' => $round,
                ];
            }
        }
        DB::table('readings')->insert($rows);
        if ($readings % 2 === 1) {
            $first = DB::table('readings')->where('job_id', $job)->min('id');
            DB::table('readings')->insert(
                ['height_mm' => $rows[0]['height_mm'] + 1, 'supersedes_id' => $first] + $rows[0],
            );
        }
    }
}
