<?php

declare(strict_types=1);

use App\Models\TorqueRecord;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'ball_nut_nm' => 610, 'head_bolts_nm' => 205];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->wrench = fn (string $fastener, string $wrench) => $this->post(
        "/jobs/{$this->work->id}/head/torques",
        compact('fastener', 'wrench'),
    );
});

it('keeps what a wrench showed, who held it, and says what is wrong', function (): void {
    $this->get("/jobs/{$this->work->id}/head")
        ->assertOk()
        ->assertSeeInOrder(['Ball nut 610 N·m', 'Head bolts 205 N·m']);
    $this->get("/jobs/{$this->work->id}/brackets")
        ->assertOk()
        ->assertDontSee('Ball nut 610 N·m');
    ($this->wrench)('ball_nut_nm', '610')->assertSessionHasNoErrors();
    ($this->wrench)('head_bolts_nm', '180 lb·ft')->assertSessionHasNoErrors();
    $this->get("/jobs/{$this->work->id}/head")
        ->assertSee('610 N·m, Ibby Marsh')
        ->assertSee('Over-tight, as bad as loose: 244 N·m, the data sheet asks for 205 N·m');
    $this->get("/jobs/{$this->work->id}/card")
        ->assertSee('Ball nut 610 N·m (done')
        ->assertSee('Head bolts 205 N·m (needs attention)');
    ($this->wrench)('head_bolts_nm', '205');

    $this->get("/jobs/{$this->work->id}/head")->assertDontSee('Over-tight');
    expect(TorqueRecord::query()->count())
        ->toBe(3)
        ->and(TorqueRecord::query()->find(2)->typed)
        ->toBe('180 lb·ft');
});

it('refuses what is no torque, and a fastener that the sheet says nothing of', function (
    string $wrench,
    string $says,
): void {
    ($this->wrench)('head_bolts_nm', $wrench)->assertSessionHasErrorsIn('torque', 'wrench');
    $this->get("/jobs/{$this->work->id}/head")
        ->assertSee($says)
        ->assertSee("value=\"{$wrench}\"", false);
    ($this->wrench)('bracket_bolts_nm', '70')->assertNotFound();
    ($this->wrench)('coffee', '70')->assertNotFound();

    expect(TorqueRecord::query()->count())->toBe(0);
})->with([
    'words' => ['tight', 'xpected'],
    'a ship\'s' => ['9000', 'between 0 and 2000 N·m'],
    'below nothing' => ['-20', 'xpected'],
]);
