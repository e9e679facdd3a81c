<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Hitch;
use App\Models\Job;
use App\Models\Rig;
use App\Models\RigSnapshot;
use App\Models\Role;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Testing\TestResponse;

/** Boots the application on an empty database in memory. */
abstract class FeatureCase extends TestCase
{
    /** Commands run for real: no mocking library is needed. */
    public $mockConsoleOutput = false;

    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
    }

    public function person(string $name = 'Wren Tallow', string $fineness = '1/16 in', ?Role $role = Role::Owner): User
    {
        $email = strtolower(strtok($name, ' ') ?: $name).'@quillfeather.example';

        return User::query()->create([
            'name' => $name,
            'email' => $email,
            'password' => 'tape-in-hand',
            'fineness' => $fineness,
            'theme' => 'sun',
            'role' => $role,
        ]);
    }

    public function job(): Job
    {
        $rig = Rig::query()->create([
            'vehicle_id' => Vehicle::query()->create([
                'name' => 'Drover',
                'body' => 'pick-up',
                'wheelbase_mm' => 3700,
                'overhang_mm' => 1300,
                'front_suspension' => 'coil',
                'rear_suspension' => 'leaf',
            ])->id,
            'trailer_id' => Trailer::query()->create([
                'name' => 'Dome',
                'body' => 'box',
                'axles' => 2,
                'ball_to_axle_mm' => 5100,
                'gross_weight_kg' => 3100,
            ])->id,
            'hitch_id' => Hitch::query()->create(['name' => 'Chains', 'bar_arm_mm' => 720])->id,
        ]);

        return Job::query()->create([
            'rig_id' => $rig->id,
            'title' => 'A dome',
            'booked_on' => today(),
            'rig_as_worked' => RigSnapshot::sheetOf($rig),
        ]);
    }

    /**
     * Types heights at a station as the form sends them.
     *
     * @param  array<string, string>  $typed  by field
     * @param  array<string, mixed>  $with  anything else of the form
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function tape(Job $job, string $station, array $typed, array $with = []): TestResponse
    {
        return $this->postJson("/jobs/{$job->id}/{$station}/tape", ['typed' => $typed, ...$with]);
    }
}
