<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    $this->work = $this->job();
    $worked = $this->work->rig_as_worked;
    $worked['hitch']['sheet'] = ['family' => 'chain-snap-up', 'ball_height_mm' => 520];
    $worked['trailer']['sheet'] = ['coupler_height_mm' => 500];
    $this->work->update(['rig_as_worked' => $worked]);
    $this->bolted = fn (float $ball) => $this->work->update(['head_place' => [
        'turned' => 'drop', 'hole' => 2, 'ball_height_mm' => $ball, 'because' => '', 'by' => 'Ibby Marsh', 'at' => '2026-12-01',
    ]]);
    $this->head = fn () => $this->get("/jobs/{$this->work->id}/head")->assertOk();
});

it('says how high the ball stands now, and names a hole that would bring it elsewhere', function (
    float $hole,
    bool $differs,
): void {
    ($this->bolted)($hole);
    $page = ($this->head)()->assertSee(sprintf('The ball stands %d mm over the ground now', $hole));
    $differs ? $page->assertSee('the ball stood at 520 mm')->assertSee('The hole counts') : $page->assertDontSee('The hole counts');
})->with([[520.0, false], [517.0, false], [515.0, true], [552.0, true]]);

it('has the coupler alone at Alone, and keeps what does not read', function (): void {
    $this->get("/jobs/{$this->work->id}/alone")
        ->assertSee('id="coupler_height_mm"', false)
        ->assertDontSee('id="ball_height_mm"', false);
    $this->post("/jobs/{$this->work->id}/head/facts/hitch/ball_height_mm", ['ball_height_mm' => 'high'])
        ->assertSessionHasErrors('ball_height_mm', null, 'fact');
    ($this->head)()->assertSee('value="high"', false);
});

it('lets the tape beat the hole from the moment that the ball is taped in it, and the next hole beat the tape', function (): void {
    $this->post("/jobs/{$this->work->id}/alone/facts/trailer/coupler_height_mm", ['coupler_height_mm' => '500 mm']);
    $this->work->refresh();
    ($this->bolted)(552.0);
    $this->post("/jobs/{$this->work->id}/head/facts/hitch/ball_height_mm", ['ball_height_mm' => '520 mm'])
        ->assertSessionHasNoErrors();
    ($this->head)()
        ->assertSee('The ball stands 520 mm over the ground now')
        ->assertSee('Taped since, the ball stands at 520 mm')
        ->assertSee('The tape counts');
    $this->get("/jobs/{$this->work->id}/card")->assertOk()->assertSee('520 mm')->assertDontSee('552 mm');
    $this->getJson("/jobs/{$this->work->id}/job.json")->assertOk()->assertJsonPath('job.head_place.taped_mm', 520);

    ($this->bolted)(488.0);
    ($this->head)()->assertSee('The ball stands 488 mm over the ground now')->assertSee('The hole counts');
});
