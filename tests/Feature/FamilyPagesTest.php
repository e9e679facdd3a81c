<?php

declare(strict_types=1);

use App\Models\Job;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\Station;

/** What a page says to who reads it or hears it: text, labels and hints, in lower case. */
function spoken(string $page): string
{
    $page = preg_replace('/<(script|style|select)\b.*?<\/\1>/s', ' ', $page) ?? '';
    preg_match_all('/(?:aria-label|placeholder|title|alt)="([^"]*)"/', $page, $labels);

    return mb_strtolower(
        html_entity_decode(strip_tags(str_replace('<', ' <', $page)).' '.implode(' ', $labels[1]), ENT_QUOTES),
    );
}

dataset(
    'every family',
    fn (): array => array_column(
        array_map(fn (HitchFamily $family): array => [$family->key(), [$family]], Families::distributing()),
        1,
        0,
    ),
);

it('speaks on every page of a set-up of parts that its own family has', function (HitchFamily $family): void {
    $this->actingAs($this->person());
    $this->post('/jobs', [
        'title' => 'Kite museum',
        'family' => $family->key(),
        'bar_rating_high_kg' => '545 kg',
        'wheelbase' => '3700 mm',
        'overhang' => '1300 mm',
        'ball_to_axle' => '5200 mm',
        'gross_weight' => '2700 kg',
        'tongue_weight_kg' => '340 kg',
        'bar_arm' => '710 mm',
    ])->assertSessionHasNoErrors();
    $job = Job::query()->sole();
    $pages = [
        '/jobs/1/plan',
        '/jobs/1/card',
        '/jobs/1/diagnosis',
        '/jobs/1/weigh',
        '/jobs/1/tongue',
        '/jobs/1/loads',
        '/jobs/1/visit',
        '/jobs/1/files',
        '/log/1',
        '/log/1/care',
        '/new-load/1',
        '/garage/hitch/1',
        ...array_map(fn (Station $station): string => "/jobs/1/{$station->value}", Station::cases()),
        ...array_map(fn (Occasion $occasion): string => "/jobs/1/procedures/{$occasion->value}", Occasion::cases()),
        ...array_map(
            fn (Occasion $occasion): string => "/jobs/1/procedures/{$occasion->value}/paper",
            Occasion::cases(),
        ),
        ...array_map(fn (string $tab): string => "/jobs/1/bars-up?show={$tab}", [
            'next',
            'methods',
            'plot',
            'settings',
            'rig',
        ]),
    ];
    $foreign = match ($family->key()) {
        'tension-chain' => ['\bbars?\b', 'washer', 'screw', '\bpads?\b', 'lift tool', '\bcams?\b', '\blinks?\b'],
        'screw-jack-gauge' => ['\bchains?\b', '\blinks?\b', 'washer', '\bpads?\b', '\bcams?\b', 'thread'],
        'friction-bracket' => ['\bchains?\b', '\blinks?\b', 'screw', 'thread', '\bpads?\b', '\bcams?\b'],
        'pad-under-cover' => ['\bchains?\b', '\blinks?\b', 'screw', 'thread', 'washer', '\bcams?\b'],
        'cam-bar' => ['screw', 'thread', '\bpads?\b'],
        'chain-rotating-latch' => ['screw', 'thread', '\bpads?\b', 'washer', '\bcams?\b'],
        default => ['screw', 'thread', '\bpads?\b', '\bcams?\b'],
    };
    // Every rig has these, whatever its hitch; and the station, the pad to type on and where a page leads have their
    // names.
    $shared =
        '/safety chains?|broad pad|\bpad(?= (?:left and right|of sixteenths|one height))|private links?|create a link|whoever has the link|links after (?:this|it)|separate friction bar|tension chains move little load.{0,400}?(?:in the head|screw)[^.]*\./u';
    $found = [];
    foreach ([false, true] as $isMeasured) {
        foreach (
            $isMeasured
                ? [
                    'alone' => ['951 mm', '987 mm'],
                    'dropped' => ['976 mm', '927 mm'],
                    'bars-up' => ['962 mm', '942 mm'],
                ]
                : [] as $station => [$front, $rear]
        ) {
            $this->tape($job, $station, ['front' => $front, 'rear' => $rear], ['rolled' => '1'])->assertOk();
        }
        foreach ($pages as $page) {
            $said = preg_replace($shared, '', spoken((string) $this->get($page)->assertOk()->getContent()));
            foreach ($foreign as $word) {
                preg_match_all("/.{0,40}{$word}.{0,30}/u", $said, $at);
                foreach ($at[0] as $one) {
                    $found["{$word}: ".trim((string) preg_replace('/\s+/', ' ', $one))][] = $page;
                }
            }
        }
    }
    expect($found)->toBe([]);
})->with('every family');
