<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Round;
use App\Models\RoundBook;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Yoke\Rig\Parts\Stance;

beforeEach(function (): void {
    Cache::flush();
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(User::query()->sole());
    $this->work = $this->job();
    $this->work->update([
        'rig_as_worked' => array_replace_recursive($this->work->rig_as_worked, [
            'hitch' => ['sheet' => ['family' => 'chain-snap-up']],
        ]),
    ]);
    $this->card = function (): string {
        preg_match('~<a class="job card".*?</a>~s', (string) $this->get('/')->getContent(), $card);

        return $card[0] ?? '';
    };
});

it('draws a card anew after every change that stands in it, within the same second', function (): void {
    $at = "/jobs/{$this->work->id}";
    $seen = [($this->card)()];
    foreach (
        [
            fn () => $this->tape($this->work, 'alone', ['front' => '950', 'rear' => '985'], ['rolled' => '1']),
            fn () => $this->tape($this->work, 'dropped', ['front' => '970', 'rear' => '925'], ['rolled' => '1']),
            fn () => $this->post("{$at}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]),
            fn () => $this->tape($this->work, 'bars-up', ['front' => '956', 'rear' => '944'], ['rolled' => '1']),
            fn () => $this->post("{$at}/brief/close"),
            fn () => $this->post("{$at}/brief/open"),
            fn () => $this->work->fresh()->update(['title' => 'Another name']),
            fn () => $this->post("{$at}/hand-over/close"),
        ] as $i => $change
    ) {
        $before = ($this->card)();
        $change();
        $after = ($this->card)();
        $seen[] = $after;
        expect($after)
            ->not->toBe('')
            ->and($i === 2 || $after !== $before)
            ->toBeTrue("change {$i}");
    }
    expect($seen[4])->toContain('%')->and(end($seen))->toContain('Another name')->toContain('Handed over');
});

it('asks the database little once the cards are drawn, and draws them in each person\'s units', function (): void {
    foreach (range(1, 9) as $i) {
        Job::query()->create([
            'rig_id' => 1,
            'title' => "Job {$i}",
            'booked_on' => now(),
            'rig_as_worked' => $this->work->rig_as_worked,
        ]);
    }
    $this->get('/');
    DB::enableQueryLog();
    $this->get('/')->assertSee('Job 9');
    expect(count(DB::getQueryLog()))->toBeLessThan(12);
    DB::disableQueryLog();
    $this->tape($this->work, 'alone', ['front' => '950', 'rear' => '985'], ['rolled' => '1']);
    $this->get('/')->assertSee('Job 9');
    $this->actingAs(tap($this->person('Wren Tallow'), fn (User $wren) => $wren->refresh()))
        ->get('/')
        ->assertOk()
        ->assertSee('A dome');
});

it('knows the round that each stance is in, and the setting of each carried one', function (): void {
    $round = static fn (Stance $stance, int $number, ?array $setting = null): Round => new Round([
        'stance' => $stance,
        'number' => $number,
        'setting' => $setting,
    ]);
    $book = new RoundBook(
        new Collection([
            $round(Stance::Alone, 2),
            $round(Stance::Carried, 1, ['link' => 4]),
            $round(Stance::Carried, 3),
            $round(Stance::Carried, 2, ['link' => 4.5]),
        ]),
    );

    expect($book->on(Stance::Alone))
        ->toBe(2)
        ->and($book->on(Stance::Dropped))
        ->toBe(1)
        ->and($book->on(Stance::Carried))
        ->toBe(3)
        ->and($book->setting(1))
        ->toBe(['link' => 4.0])
        ->and($book->setting(2))
        ->toBe(['link' => 4.5])
        ->and($book->setting(3))
        ->toBeNull()
        ->and($book->setting(9))
        ->toBeNull();
    $this->work
        ->rounds()
        ->create(['stance' => Stance::Carried, 'number' => 1, 'setting' => ['link' => 3], 'user_id' => 1]);
    expect($this->work->load('rounds')->settingOf(1))->toBe(['link' => 3.0]);
    $this->work->rounds()->update(['setting' => ['link' => 5]]);
    expect($this->work->load('rounds')->settingOf(1))->toBe(['link' => 5.0]);
});

it('works a fit out once for a job handed over, the same as anew, and anew after a correction', function (): void {
    $at = "/jobs/{$this->work->id}";
    foreach (['alone' => ['950', '985'], 'dropped' => ['970', '925']] as $station => [$front, $rear]) {
        $this->tape($this->work, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1']);
    }
    $this->post("{$at}/bars-up/rounds", ['steps' => ['link' => 4, 'washer' => 3, 'head' => 2]]);
    $this->tape($this->work, 'bars-up', ['front' => '956', 'rear' => '944'], ['rolled' => '1']);
    $page = fn (): string => preg_replace(
        '/value="[A-Za-z0-9]{40}"|name="csrf-token" content="\w+"/',
        '',
        (string) $this->get("/log/{$this->work->rig_id}")
            ->assertOk()
            ->getContent(),
    );
    $open = $page();
    $this->post("{$at}/hand-over/close");
    [$first, $again] = [$page(), $page()];
    $figures = fn (string $html): array => preg_match_all('~<d[dt][^>]*>([^<]*)</d[dt]>~', $html, $found) > 0
        ? $found[1]
        : [];

    expect($again)->toBe($first)->and($figures($first))->toBe($figures($open))->not->toBe([]);
    $this->tape(
        $this->work,
        'bars-up',
        ['front' => '962'],
        [
            'rolled' => '1',
            'based_on' => [
                'front' => (string) $this->work
                    ->readings()
                    ->where('stance', 'carried')
                    ->where('axle', 'front')
                    ->value('id'),
            ],
        ],
    );
    expect($figures($page()))->not->toBe($figures($first));
});
