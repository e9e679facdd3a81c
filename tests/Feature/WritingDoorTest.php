<?php

declare(strict_types=1);

use App\Models\Role;
use App\UseCases\Door\JobWritten;
use App\UseCases\Door\WritingDoor;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;

it('writes for whoever may, all of it or nothing, and tells of it once', function (): void {
    $wren = $this->person();
    $job = $this->job();
    $told = 0;
    Event::listen(JobWritten::class, function () use (&$told): void {
        $told++;
    });
    $door = app(WritingDoor::class);
    expect($door->onJob($wren, $job, fn (): bool => $job->update(['title' => 'Another'])))
        ->toBeTrue()
        ->and($told)
        ->toBe(1);
    expect(
        fn () => $door->onJob($wren, $job, function () use ($job): never {
            DB::table('jobs')
                ->where('id', $job->id)
                ->update(['title' => 'Half']);
            throw new LogicException('broken off');
        }),
    )->toThrow(LogicException::class);
    expect($job->refresh()->title)->toBe('Another')->and($told)->toBe(1);
});

it('lets nobody through who may not', function (Role $role, string $right, bool $mayThrough): void {
    $person = $this->person('Ibby Marsh', '1 mm', $role);
    $through = fn (): string => app(WritingDoor::class)->inShop($person, $right, fn (): string => 'written');
    $mayThrough ? expect($through())->toBe('written') : expect($through)->toThrow(AuthorizationException::class);
})->with([
    'an owner owns' => [Role::Owner, 'own', true],
    'a fitter does not' => [Role::Fitter, 'own', false],
    'nor does the desk' => [Role::Desk, 'own', false],
    'an owner works' => [Role::Owner, 'work', true],
    'a fitter works' => [Role::Fitter, 'work', true],
    'the desk does not' => [Role::Desk, 'work', false],
]);
