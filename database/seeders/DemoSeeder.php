<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Hitch;
use App\Models\Job;
use App\Models\LoadState;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\Role;
use App\Models\Simulation;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use App\Screens\Log\ReturnVisit;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Day\DayBook;
use App\UseCases\Experience\ShopExperience;
use App\UseCases\Forms\FourHeightsForm;
use App\UseCases\Service\RigCare;
use App\UseCases\Tape\Entry;
use App\UseCases\Tape\Place;
use App\UseCases\Tape\TapeLog;
use Carbon\CarbonInterface;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Date;
use LogicException;
use Yoke\Foundation\Units\Length;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Mechanics\Loading\LoadChange;
use Yoke\Mechanics\Statics\Bars;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Mechanics\Statics\TowedTrailer;
use Yoke\Mechanics\Statics\TowVehicle;
use Yoke\Proving\Simulation\HiddenTruth;
use Yoke\Proving\Simulation\SeededSource;
use Yoke\Proving\Simulation\SimulatedTape;
use Yoke\Rig\Family\TakeUp;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Sway\Answer;
use Yoke\Workshop\Sway\SwayCheck;

/**
 * The workshop of the demo: its people, its five rigs, its jobs. Every height comes from the model through a
 * simulated tape; the same seed gives the same yard.
 */
final class DemoSeeder extends Seeder
{
    /** The hook-up point of a bar that hangs free, under the ball. */
    private const BAR_BELOW_BALL_MM = 190.0;

    public const EMAIL = 'wren@quillfeather.example';

    public const PASSWORD = 'tape-in-hand';

    private const SEED = 1906;

    private SeededSource $random;

    /** The moment at which the demo is written: its jobs lie before it. */
    private CarbonInterface $now;

    /** @var array<string, User> */
    private array $people = [];

    /** @var array<string, array<string, array<string, mixed>>> */
    private array $rigs;

    public function run(): void
    {
        $this->random = new SeededSource(self::SEED);
        $this->now = Date::now();
        $clock = Date::getTestNow();
        $this->rigs = require database_path('demo/rigs.php');
        $this->people = [
            'wren' => $this->person('Wren Tallow', self::EMAIL, '1/16 in', Role::Owner),
            'ibby' => $this->person('Ibby Marsh', 'ibby@quillfeather.example', '1 mm', Role::Fitter),
        ];
        foreach (require database_path('demo/loads.php') as $name => $states) {
            $this->loads($this->rig($this->rigs[$name]), $states);
        }
        foreach (require database_path('demo/jobs.php') as $plan) {
            $this->job($plan);
        }
        Date::setTestNow($clock);
        app(ShopExperience::class)->catchUp(Job::query()->count());
        DemoPractice::of($this->people['ibby']);
        (new DemoAfterCare($this->people))->run();
        (new DemoDay($this->people, app(DayBook::class)))->run();
    }

    private function person(string $name, string $email, string $fineness, Role $role): User
    {
        return User::query()->create([
            'name' => $name,
            'email' => $email,
            'password' => self::PASSWORD,
            'fineness' => $fineness,
            'theme' => 'sun',
            'role' => $role,
        ]);
    }

    /** @param  array<string, mixed>  $plan */
    private function job(array $plan): void
    {
        $by = $this->people[$plan['by']];
        $rig = $this->rig($this->rigs[$plan['rig']]);
        $this->clock($plan['days_ago'], 0);
        $job = $this->opened($rig, $by, $plan);
        $middle = $job->rigAsWorked()->specified()->adjusters()?->middle()->steps() ?? [];
        Simulation::query()->create([
            'job_id' => $job->id,
            'truth' => $this->truth($job, $plan)->toArray(),
            'setting' => ($plan['trials'] ?? []) === [] ? $middle : end($plan['trials']),
        ]);
        $this->bars($job, $by, $plan);
        $this->tape($job, $by, $plan);
        $this->weigh($job, $by, $plan);
        $this->tongue($job, $by, $plan);
        $this->looks($job, $by, $plan);
        foreach ($plan['closed'] as $station) {
            $job->marks()->create(['station' => Station::from($station), 'user_id' => $by->id]);
            if ($station === Station::HandOver->value) {
                $job->update(['handed_over_at' => Date::now()]);
                (new RigCare($rig))->setUp($by, $job);
            }
        }
    }

    /**
     * A job of a rig, or the return visit of one that was set up before.
     *
     * @param  array<string, mixed>  $plan
     */
    private function opened(Rig $rig, User $by, array $plan): Job
    {
        $state = $rig->loadStates->first(
            static fn (LoadState $one): bool => $one->name === ($plan['aboard'] ?? LoadState::AS_WEIGHED),
        );
        $last = isset($plan['comes_back_from'])
            ? Job::query()->where('title', $plan['comes_back_from'])->firstOrFail()
            : null;

        return $last instanceof Job
            ? (new ReturnVisit($last, $state, $by, app(JobAnalyses::class)))->begin($plan['title'])
            : Job::query()->create([
                'rig_id' => $rig->id,
                'title' => $plan['title'],
                'booked_on' => Date::today(),
                'rig_as_worked' => RigSnapshot::sheetWith($rig, $state),
            ]);
    }

    /** @param  array<string, array<string, mixed>>  $parts */
    private function rig(array $parts): Rig
    {
        return Rig::query()
            ->firstOrCreate([
                'vehicle_id' => Vehicle::query()->firstOrCreate(
                    ['name' => $parts['vehicle']['name']],
                    $parts['vehicle'],
                )->id,
                'trailer_id' => Trailer::query()->firstOrCreate(
                    ['name' => $parts['trailer']['name']],
                    $parts['trailer'],
                )->id,
                'hitch_id' => Hitch::query()->firstOrCreate(
                    ['name' => $parts['hitch']['name'], 'bar_arm_mm' => $parts['hitch']['bar_arm_mm']],
                    $parts['hitch'],
                )->id,
            ])
            ->load(['vehicle', 'trailer', 'hitch', 'loadStates']);
    }

    /** @param  array<string, mixed>  $plan */
    private function tape(Job $job, User $by, array $plan): void
    {
        $simulated = $this->truth($job, $plan)->at(0.0, 0.0);
        $tape = new SimulatedTape($by->fineness, $this->random);
        $settling = $plan['rolled'] ? Settling::Rolled : Settling::NotRolled;
        foreach ($plan['taped'] as $i => $name) {
            $stance = Stance::from($name);
            $this->clock($plan['days_ago'], 20 * ($i + 1));
            foreach ($stance === Stance::Carried ? $plan['trials'] : [null] as $trial => $steps) {
                $this->begin($job, $by, $stance, $trial + 1, $steps);
                $standing =
                    $steps === null
                        ? $simulated
                        : $simulated->at(
                            $simulated->tension() + $this->tensionBetween($job, end($plan['trials']), $steps),
                        );
                foreach (Place::fieldsOf($stance, false) as $place) {
                    $height = $standing->height($stance, $place->axle, $settling, $this->random);
                    $this->slip($job, $by, $place, $height, $plan);
                    $this->write($job, $by, $place, $tape->read($height), $settling);
                }
            }
        }
    }

    /**
     * Four heights as the hidden truth has them at the loosest setting, or that somebody skipped them.
     *
     * @param  array<string, mixed>  $plan
     */
    private function bars(Job $job, User $by, array $plan): void
    {
        $this->clock($plan['days_ago'], 5);
        if (($plan['bars'] ?? '') === 'skipped') {
            $job->barTapings()->create(['typed' => [], 'user_id' => $by->id, 'taped_at' => Date::now()]);
        }
        $adjusters = $job->rigAsWorked()->specified()->adjusters();
        if (($plan['bars'] ?? '') !== 'taped' || $adjusters === null) {
            return;
        }
        $middle = $adjusters->middle();
        $loosest = $adjusters->loosest($middle);
        $seat = $job->rigAsWorked()->values(RigPart::Trailer)->number('coupler_height_mm') ?? 0.0;
        $ball = $seat + $this->rigs[$plan['rig']]['truth']['ball_over'];
        $tension =
            $this->truth($job, $plan)->tension + $this->tensionBetween($job, $middle->steps(), $loosest->steps());
        $heights = [
            'ball' => $ball,
            'bar' => $ball - self::BAR_BELOW_BALL_MM,
            'seat' => $seat,
            'rest' => $seat - self::BAR_BELOW_BALL_MM + $tension,
        ];
        $typed = array_map(
            static fn (float $height): string => $by->lengthPrinter()->nearest(Length::ofMillimetres($height)),
            $heights,
        );
        $taping = (new FourHeightsForm(
            $typed +
                array_map(
                    strval(...),
                    array_combine(
                        array_map(static fn (string $key): string => "step_{$key}", array_keys($loosest->steps())),
                        $loosest->steps(),
                    ),
                ),
            $adjusters,
            TakeUp::Bracket,
            $by,
        ))->read();
        $job->barTapings()->save(
            ($taping ?? throw new LogicException('The demo\'s heights read.'))->fill([
                'user_id' => $by->id,
                'taped_at' => Date::now(),
            ]),
        );
    }

    /**
     * A weighbridge ticket for each stance and each setting, in steps of 10 kg.
     *
     * @param  array<string, mixed>  $plan
     */
    private function weigh(Job $job, User $by, array $plan): void
    {
        $simulated = $this->truth($job, $plan)->at(0.0, 0.0);
        foreach ($plan['weighed'] ?? [] as [$name, $round]) {
            $stance = Stance::from($name);
            $standing =
                $stance === Stance::Carried
                    ? $simulated->at(
                        $simulated->tension() +
                            $this->tensionBetween($job, end($plan['trials']), $plan['trials'][$round - 1]),
                    )
                    : $simulated;
            $loads = array_map(
                static fn (float $load): float => round($load / 10) * 10,
                $standing->loads($stance, $this->truth($job, $plan)->aloneKg),
            );
            $job->tickets()->create([
                'stance' => $stance,
                'round' => $round,
                'typed' => implode(
                    ', ',
                    array_map(
                        static fn (string $axle, float $load): string => "{$axle} {$load} kg",
                        array_keys($loads),
                        $loads,
                    ),
                ),
                'platforms' => array_map(
                    static fn (string $axle, float $load): array => ['axles' => [$axle], 'kg' => $load],
                    array_keys($loads),
                    $loads,
                ),
                'step_kg' => 10.0,
                'user_id' => $by->id,
                'weighed_at' => Date::now(),
            ]);
        }
    }

    /**
     * The tongue on a scale at some coupler heights, by a bathroom scale straight or on a lever of 900 to 450 mm.
     *
     * @param  array<string, mixed>  $plan
     */
    private function tongue(Job $job, User $by, array $plan): void
    {
        $trailer = $this->coupled($this->rigs[$plan['rig']])->trailer();
        $random = new SeededSource(self::SEED + $job->id);
        foreach ($plan['tongue'] ?? [] as [$height, $way]) {
            $isLever = $way === 'lever';
            $raised = $height - $job->rigAsWorked()->values(RigPart::Trailer)->number('coupler_height_mm');
            $onBall =
                $trailer->tongueWeight -
                (($trailer->weight * $trailer->cgAboveAxle - $trailer->pitchStiffness()) * $raised) /
                    $trailer->ballToAxle ** 2;
            $shown = round(($onBall * 1.01) / ($isLever ? 2.0 : 1.0) + $random->normal(0.6));
            $job->tongueReadings()->create([
                'way' => $way,
                'typed' => ['read' => "{$shown} kg", 'hitch_height' => "{$height} mm"] +
                    ($isLever ? ['arm_scale' => '900 mm', 'arm_tongue' => '450 mm'] : []),
                'read_kg' => $shown,
                'hitch_height_mm' => $height,
                'arm_scale_mm' => $isLever ? 900.0 : null,
                'arm_tongue_mm' => $isLever ? 450.0 : null,
                'user_id' => $by->id,
                'read_at' => Date::now(),
            ]);
        }
    }

    /**
     * Where the sway control is closed every check was found so; where the road test is, nothing was felt but lorries.
     *
     * @param  array<string, mixed>  $plan
     */
    private function looks(Job $job, User $by, array $plan): void
    {
        $family = $job->rigAsWorked()->specified()->family();
        if ($family !== null && in_array(Station::Sway->value, $plan['closed'], true)) {
            foreach (SwayCheck::of($family) as $check) {
                $job->checks()->create([
                    'station' => Station::Sway,
                    'check_key' => $check->key,
                    'answer' => Answer::Yes,
                    'user_id' => $by->id,
                    'answered_at' => Date::now(),
                ]);
            }
        }
        foreach (
            in_array(Station::HandOver->value, $plan['closed'], true)
                ? ['ball_nut_nm', 'head_bolts_nm', 'bracket_bolts_nm']
                : [] as $fastener
        ) {
            $asked = $job->rigAsWorked()->values(RigPart::Hitch)->number($fastener);
            if ($asked !== null) {
                $job->torques()->create([
                    'fastener' => $fastener,
                    'typed' => "{$asked} N·m",
                    'wrench_nm' => $asked,
                    'sheet_nm' => $asked,
                    'user_id' => $by->id,
                    'done_at' => Date::now(),
                ]);
            }
        }
        if (in_array(Station::Road->value, $plan['closed'], true)) {
            $felt = [
                'road' => 'smooth',
                'wind' => 'light',
                'lorries' => 'felt',
                'steering' => 'same',
                'porpoising' => 'none',
                'sway' => 'none',
            ];
            $job->roadDrives()->create([
                'round' => $job->roundOf(Stance::Carried),
                'typed' => ['speed' => '80 km/h', 'distance' => '14 km'],
                'speed_kmh' => 80.0,
                'distance_km' => 14.0,
                'felt' => $felt,
                'note' => 'Quay road and back.',
                'user_id' => $by->id,
                'driven_at' => Date::now(),
            ]);
        }
    }

    /** @param  list<array<string, mixed>>  $states */
    private function loads(Rig $rig, array $states): void
    {
        foreach ($states as $state) {
            LoadState::query()->create([...$state, 'rig_id' => $rig->id, 'user_id' => $this->people['ibby']->id]);
        }
    }

    /** @param  array<string, float>|null  $steps  of a carried setting */
    private function begin(Job $job, User $by, Stance $stance, int $number, ?array $steps): void
    {
        if ($steps !== null) {
            $job->rounds()->create([
                'stance' => $stance,
                'number' => $number,
                'setting' => $steps,
                'user_id' => $by->id,
            ]);
            $job->unsetRelation('rounds');
            Date::setTestNow(Date::now()->addMinutes(8 * ($number - 1)));
        }
    }

    /**
     * @param  array<string, float>  $from
     * @param  array<string, float>  $to
     */
    private function tensionBetween(Job $job, array $from, array $to): float
    {
        $described = $job->rigAsWorked()->specified();
        $adjusters = $described->adjusters() ?? throw new LogicException('The demo\'s hitches have families.');

        return $adjusters->tensionBetween(
            $adjusters->setting($from),
            $adjusters->setting($to),
            $job->rigAsWorked()->core()->hitch->barArm->millimetres(),
        );
    }

    /**
     * Somebody misreads the tape once, and it is put right a minute later.
     *
     * @param  array<string, mixed>  $plan
     */
    private function slip(Job $job, User $by, Place $place, Length $height, array $plan): void
    {
        if (isset($plan['slip_mm']) && $place->key() === 'dropped.front') {
            $misread = $height->plus(Length::ofMillimetres($plan['slip_mm']));
            $this->write($job, $by, $place, $by->lengthPrinter()->nearest($misread), Settling::NotRolled);
            Date::setTestNow(Date::now()->addMinute());
        }
    }

    private function write(Job $job, User $by, Place $place, string $called, Settling $settling): void
    {
        $typed = preg_replace('/ (in|mm)$/', '', $called) ?? $called;
        $standing = $job
            ->liveReadings()
            ->where('stance', $place->stance)
            ->where('axle', $place->axle)
            ->where('round', $job->roundOf($place->stance))
            ->value('id');
        (new TapeLog($job, $by))->write([Entry::read($place, $typed, $settling, $standing, $by->lengthParser())]);
    }

    /** @param  array<string, array<string, mixed>>  $parts */
    private function coupled(array $parts): CoupledRig
    {
        ['vehicle' => $vehicle, 'trailer' => $trailer, 'hitch' => $hitch, 'truth' => $truth] = $parts;

        return new CoupledRig(
            new TowVehicle(
                $vehicle['wheelbase_mm'],
                $vehicle['overhang_mm'],
                $truth['front_rate'],
                $truth['rear_rate'],
            ),
            new TowedTrailer($trailer['ball_to_axle_mm'], $trailer['gross_weight_kg'], $truth['tongue'], $truth['cg'], [
                ['offset' => 0.0, 'rate' => $truth['trailer_rate']],
            ]),
            new Bars(2, $truth['bar_rate'], $hitch['bar_arm_mm'], $truth['ball_over']),
        );
    }

    /**
     * What the simulated tape and devices read off, told for the setting that truly puts back a share.
     *
     * @param  array<string, mixed>  $plan
     */
    private function truth(Job $job, array $plan): HiddenTruth
    {
        $parts = $this->rigs[$plan['rig']];
        $load = $job->rigAsWorked()->loadChange() ?? LoadChange::between([], []);
        $rig = $load->on($this->coupled($parts));
        $truth = $parts['truth'];
        $wheelbase = Length::ofMillimetres($rig->vehicle()->wheelbase);

        return new HiddenTruth(
            $rig,
            $rig->tensionFor($plan['share']),
            [
                'front' => $truth['front_alone'] + $load->frontRise($rig->vehicle())->millimetres(),
                'rear' => $truth['rear_alone'] + $load->rearRise($rig->vehicle())->millimetres(),
            ],
            [
                'front' => ($parts['vehicle']['sheet']['front_axle_kg'] ?? 760.0) + $load->front($wheelbase)->kilograms(),
                'rear' => ($parts['vehicle']['sheet']['rear_axle_kg'] ?? 610.0) + $load->rear($wheelbase)->kilograms(),
            ],
            ['front' => $truth['front_friction'], 'rear' => $truth['rear_friction']],
        );
    }

    /** Work on a job began two hours before this time of its day. */
    private function clock(int $daysAgo, int $minutes): void
    {
        Date::setTestNow($this->now->copy()->subDays($daysAgo)->subHours(2)->addMinutes($minutes));
    }
}
