<?php

declare(strict_types=1);

use App\Models\Reading;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\View;
use Tests\Feature\ShopOnDisk;

beforeEach(function (): void {
    $this->shop = new ShopOnDisk($this);
    $this->locked = [];
    $this->drawn = 0;
    // Whatever is drawn: somebody else could write at this moment.
    View::creator('*', function ($view): void {
        $this->drawn++;
        $other = new SQLite3($this->shop->database);
        $other->enableExceptions(true);
        try {
            $other->exec('BEGIN IMMEDIATE');
            $other->exec('ROLLBACK');
        } catch (Exception) {
            $this->locked[] = $view->name();
        }
        $other->close();
    });
});

afterEach(fn () => $this->shop->close());

it('locks nobody out while the answer to a saved height is drawn', function (): void {
    $mark = ['_once' => '0f0f0f0f-1111-2222-3333-444444444444'];
    $at = "/jobs/{$this->shop->job->id}/alone/tape";
    $this->postJson($at, ['typed' => ['front' => '950 mm', 'rear' => '985 mm'], 'rolled' => '1'] + $mark)
        ->assertOk()
        ->assertJsonStructure(['fields' => ['front' => ['tone']], 'parts' => ['verdict']]);
    expect($this->drawn)->toBeGreaterThan(3)->and($this->locked)->toBe([]);
    $this->postJson($at, ['typed' => ['front' => '951 mm']] + $mark)->assertRedirect();

    expect(Reading::query()->count())
        ->toBe(2)
        ->and(DB::transactionLevel())
        ->toBe(0);
});

it('can tell a lock, so that this test can fail', function (): void {
    DB::beginTransaction();
    DB::table('sent_entries')->insert(['mark' => 'x', 'sent_at' => now()]);
    view('alive')->render();
    DB::rollBack();

    expect($this->locked)->toBe(['alive']);
});

it('writes on no page that is only looked at', function (string $page): void {
    $job = $this->shop->job;
    $writes = [];
    DB::listen(function ($query) use (&$writes): void {
        preg_match('/^\s*(insert|update|delete|replace)/i', $query->sql) && ($writes[] = $query->sql);
    });
    $this->get(str_replace('{job}', (string) $job->id, $page))->assertOk();

    expect($writes)->toBe([]);
})->with([
    '/',
    '/jobs/{job}/alone',
    '/jobs/{job}/bars-up',
    '/jobs/{job}/plan',
    '/jobs/{job}/weigh',
    '/jobs/{job}/loads',
    '/jobs/{job}/card',
    '/garage',
    '/log',
    '/log/1',
    '/log/1/care',
]);
