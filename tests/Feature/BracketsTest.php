<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->actingAs($this->person('Ibby Marsh', '1/16 in'));
    $this->work = $this->job();
    $this->sheets = function (array $hitch, array $trailer = [], ?float $arm = null): void {
        $worked = $this->work->rig_as_worked;
        $worked['hitch']['bar_arm_mm'] = $arm;
        $worked['hitch']['sheet'] = ['family' => 'friction-bracket', 'hang_mm' => 40, ...$hitch];
        $worked['trailer']['sheet'] = ['frame_height_mm' => 402, ...$trailer];
        $this->work->update(['rig_as_worked' => $worked]);
    };
    $this->page = fn (string $query = '') => $this->get("/jobs/{$this->work->id}/brackets{$query}");
});

it('takes the range of the sheet for places, and no assumed length for something in the way', function (): void {
    ($this->sheets)(['bracket_from_mm' => 762, 'bracket_to_mm' => 838.2]);
    ($this->page)()->assertSee('Brackets 30 in behind the ball')->assertDontSee('No place within');
    ($this->sheets)(['bracket_from_mm' => 812.8]);
    ($this->page)()->assertSee('Brackets 32 in behind the ball')->assertDontSee('No place within');
    ($this->sheets)(
        ['bracket_from_mm' => 762, 'bracket_to_mm' => 838.2],
        ['tray_from_mm' => 700, 'tray_to_mm' => 900],
    );
    ($this->page)()->assertSee('No place within');
});

it('copies one height from the vehicle to the bracket, with the holes of the plate', function (): void {
    ($this->sheets)(
        ['bracket_from_mm' => 762, 'bracket_plate_mm' => 330, 'bracket_hole_mm' => 25],
        ['frame_depth_mm' => 127],
    );
    // 402 mm less 12 1/2 in (317.5 mm) leaves 84.5 mm under the frame: six holes leave 78 mm.
    ($this->page)('?bar_at_head=12+1/2')
        ->assertSee('Rest the bar 12 1/2 in over the ground at the bracket too')
        ->assertSee('with 6 holes showing above the frame, the same on both sides');
    ($this->sheets)(['bracket_from_mm' => 762]);
    ($this->page)('?bar_at_head=12+1/2')->assertSee('worked out once the sheets have the plate');
    ($this->page)('?bar_at_head=bar')->assertSee('aria-invalid="true"', false)->assertSee('value="bar"', false);
    ($this->page)()->assertSee('Tape the four heights if you want the chance of the first setting.');
});
