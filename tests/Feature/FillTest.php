<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Reading;
use App\Models\Rig;
use App\Models\User;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(User::query()->sole());
});

it('fills a fresh shop with so many jobs and readings, whose pages all answer', function (): void {
    expect($this->artisan('yoke:fill --jobs=42 --readings=1055 --quiet'))
        ->toBe(0)
        ->and(Job::query()->count())
        ->toBe(42)
        ->and(Reading::query()->count())
        ->toBe(1055)
        ->and(Rig::query()->count())
        ->toBe(11)
        ->and(Job::query()->whereNull('handed_over_at')->count())
        ->toBe(25)
        ->and(Rig::query()->whereNotNull('care_due_on')->count())
        ->toBe(5);
    foreach (
        [
            '/',
            '/log',
            '/log?page=2',
            '/log?find=visit+7',
            '/jobs/1/bars-up',
            '/jobs/17/hand-over',
            '/jobs/40/bars-up?show=plot',
            '/log/1',
            '/log/5',
            '/log/1/care',
            '/care.ics',
            '/garage',
        ] as $address
    ) {
        expect($this->get($address)->status())->toBe(200, $address);
    }
    $this->get('/log/1')
        ->assertSee('visit 0')
        ->assertSee('The setting')
        ->assertSee('% of the front axle load restored');
});

it('corrects an odd reading and supersedes the first, as a person would', function (): void {
    expect($this->artisan('yoke:fill --jobs=1 --readings=7 --quiet'))->toBe(0);
    $correction = Reading::query()->whereNotNull('supersedes_id')->sole();

    expect($correction->supersedes_id)
        ->toBe(1)
        ->and($correction->height_mm)
        ->toBe(Reading::query()->findOrFail(1)->height_mm + 1.0)
        ->and(Job::query()->sole()->liveReadings()->count())
        ->toBe(6);
});

it('is of no use to a shop with jobs of its own, or to so few readings', function (): void {
    expect($this->artisan('yoke:fill --jobs=10 --readings=39'))
        ->toBe(2)
        ->and($this->artisan('yoke:fill --jobs=0 --readings=0'))
        ->toBe(2)
        ->and(Job::query()->count())
        ->toBe(0);
    expect($this->artisan('yoke:fill --jobs=30 --readings=120 --quiet'))
        ->toBe(0)
        ->and($this->artisan('yoke:fill --jobs=30 --readings=120'))
        ->toBe(2)
        ->and(Job::query()->count())
        ->toBe(30);
});
