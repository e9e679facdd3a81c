<?php

declare(strict_types=1);

use Yoke\Showing\Explainer\Topic;

it('explains each topic on a page of its own, in a person’s units, with its figures as a table', function (
    Topic $topic,
    string $fineness,
): void {
    $this->actingAs($this->person('Wren Tallow', $fineness));
    $page = $this->get("/practice/explain/{$topic->value}")
        ->assertOk()
        ->assertSee('<table class="figures">', false)
        ->assertSee('aria-valuetext', false);
    preg_match('/<main.*<\/main>/s', (string) $page->getContent(), $main);
    $text = strip_tags($main[0] ?? '');

    expect($text)->not->toBe('')->not->toMatch('/:[a-z_]{3,}/')->not->toContain('NAN')->not->toContain('explain.');
})
    ->with(Topic::cases())
    ->with(['1/16 in', '1 mm']);

it('answers with the frame that is asked for and those next to it', function (): void {
    $this->actingAs($this->person());
    $frames = $this->getJson('/practice/explain/bars/frames?at[link]=4&along=link')->assertOk()->json('frames');

    expect(array_keys($frames))
        ->toBe(['link=4', 'link=4.5', 'link=3.5', 'link=5', 'link=3', 'link=5.5', 'link=2.5'])
        ->and($frames['link=4'])
        ->toContain('Bars bent')
        ->not->toBe($frames['link=4.5']);
    expect($this->getJson('/practice/explain/bars/frames?at[link]=4')->json('frames'))->toHaveCount(1);
});

it('shows what an address asks without scripts, and goes to the nearest step of what it cannot be', function (
    string $query,
    string $says,
): void {
    $this->actingAs($this->person());
    $this->get("/practice/explain/bars?{$query}")
        ->assertOk()
        ->assertSee("<b>Links taken up</b> {$says}</span>", false);
})->with([
    'a step' => ['at[link]=5', '5'],
    'too many' => ['at[link]=900', '7'],
    'a word' => ['at[link]=many', '4'],
    'a list' => ['at[link][]=3', '4'],
    'no list' => ['at=5', '4'],
    'not a number' => ['at[link]=NAN', '4'],
]);

it('lets cargo, water and head be taken hold of where tongue weight is explained', function (): void {
    $this->actingAs($this->person());
    $page = $this->get('/practice/explain/tongue')->assertOk();
    foreach (['cargo', 'water', 'hitch'] as $knob) {
        $page->assertSee("data-hold=\"{$knob}\"", false);
    }
});

it('knows no other topic', function (): void {
    $this->actingAs($this->person());
    $this->get('/practice/explain/magic')->assertNotFound();
});
