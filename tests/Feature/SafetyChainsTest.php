<?php

declare(strict_types=1);

beforeEach(function (): void {
    $this->actingAs($this->person('Wren Tallow', '1 mm'));
    $this->work = $this->job();
});

const TAPED_CHAIN = ['loop_ahead' => '200 mm', 'loop_aside' => '90 mm', 'anchor_behind' => '350 mm', 'anchor_aside' => '120 mm', 'height' => '400 mm'];

it('says how long the safety chains have to be', function (string $chain, string $says): void {
    $this->get('/jobs/1/chains?'.http_build_query([...TAPED_CHAIN, 'chain' => $chain]))
        ->assertOk()
        ->assertSee($says)
        ->assertSee('slack in a turn of 75')
        ->assertSee('The data sheets of chain, hook and trailer govern');
})->with([
    'right' => ['700 mm', 'Long enough for a tight turn, and'],
    'short' => ['500 mm', 'too short: it would come taut in a tight turn'],
    'low' => ['1050 mm', 'too long: it'],
]);

it('asks first, keeps what was typed, and names what does not read', function (): void {
    $this->get('/jobs/1/chains')
        ->assertOk()
        ->assertDontSee('data-tone="stop"', false)
        ->assertDontSee('data-chains-say', false);
    $this->get('/jobs/1/chains?'.http_build_query([...TAPED_CHAIN, 'chain' => 'long', 'height' => '9000 mm']))
        ->assertOk()
        ->assertSee('value="long"', false)
        ->assertSee('Expected a length from 150 to 900 mm (6 to 35 in).')
        ->assertDontSee('data-chains-say', false);
    $this->get('/jobs/1/head')->assertSee('How long are the safety chains?');
});
