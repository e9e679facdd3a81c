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
    $differs ? $page->assertSee('Taped, the ball stands at 520 mm')->assertSee('The hole counts') : $page->assertDontSee('They differ by');
})->with([[520.0, false], [517.0, false], [515.0, true], [552.0, true]]);

it('has the coupler alone at Alone, and keeps what does not read', function (): void {
    $this->get("/jobs/{$this->work->id}/alone")
        ->assertSee('id="coupler_height_mm"', false)
        ->assertDontSee('id="ball_height_mm"', false);
    $this->post("/jobs/{$this->work->id}/head/facts/hitch/ball_height_mm", ['ball_height_mm' => 'high'])
        ->assertSessionHasErrors('ball_height_mm', null, 'fact');
    ($this->head)()->assertSee('value="high"', false);
});
