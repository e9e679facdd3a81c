<?php

declare(strict_types=1);

it('has a text for every key that the core hands out', function (): void {
    $texts = fn (array $cases, string $prefix, string $suffix = ''): array => array_map(
        fn ($case): string => App\Words\Text::of($prefix.$case->value.$suffix),
        $cases,
    );

    expect($texts(Yoke\Judgement\Method\Verdict::cases(), 'verdict.'))
        ->each->not->toBe('')
        ->and($texts(Yoke\Judgement\Method\Criterion::cases(), 'method.', '.name'))
        ->toHaveCount(5)
        ->and($texts(Yoke\Judgement\Constraint\Exclusion::cases(), 'exclusion.'))
        ->toHaveCount(6)
        ->and($texts(Yoke\Measuring\Readings\Weighing\MismatchKind::cases(), 'weighing.'))
        ->toHaveCount(8)
        ->and($texts(Yoke\Measuring\Readings\Height\CautionKind::cases(), 'caution.'))
        ->toHaveCount(8)
        ->and($texts(Yoke\Workshop\Road\RoadFindingKind::cases(), 'road.', '.why'))
        ->each->not->toMatch('/\d+ ?(km\/h|mph)/')
        ->and($texts(Yoke\Workshop\Road\RoadFindingKind::cases(), 'road.', '.what'))
        ->toHaveCount(12)
        ->and($texts(Yoke\Workshop\Sway\SwayRiskKind::cases(), 'sway.', '.remedy'))
        ->toHaveCount(10)
        ->and($texts(Yoke\Workshop\Sway\SwayChangeKind::cases(), 'sway.worse.'))
        ->toHaveCount(4)
        ->and($texts(Yoke\Judgement\Ratings\RatedPart::cases(), 'rating.'))
        ->toHaveCount(19)
        ->and($texts(Yoke\Judgement\Advice\Reason::cases(), 'move.because.'))
        ->toHaveCount(count(Yoke\Judgement\Advice\Reason::cases()))
        ->and($texts(Yoke\Judgement\Advice\FindingKind::cases(), 'finding.', '.remedy'))
        ->toHaveCount(6)
        ->and($texts(Yoke\Job\Planning\CheckKind::cases(), 'check.', '.says'))
        ->toHaveCount(10)
        ->and(
            $texts(
                array_filter(Yoke\Job\Planning\CheckKind::cases(), fn ($kind): bool => ! $kind->holds()),
                'check.',
                '.remedy',
            ),
        )
        ->toHaveCount(5)
        ->and($texts(Yoke\Measuring\Estimation\Stories\ReadingError::cases(), 'reading.error.'))
        ->toHaveCount(24)
        ->and($texts(Yoke\Measuring\Estimation\Stories\ReadingError::cases(), 'reading.slip.'))
        ->toHaveCount(24)
        ->and($texts(Yoke\Judgement\Advice\LookKind::cases(), 'move.kind.'))
        ->toHaveCount(7)
        ->and($texts(Yoke\Job\Analysis\Instrument::cases(), 'evidence.'))
        ->toHaveCount(6)
        ->and($texts(Yoke\Job\Analysis\DisagreementCause::cases(), 'evidence.'))
        ->toHaveCount(3)
        ->and(
            array_map(
                fn ($observed): string => App\Words\Text::of("reading.observed.{$observed->name}"),
                Yoke\Measuring\Estimation\Reading\Observed::cases(),
            ),
        )
        ->toHaveCount(16)
        ->and(fn () => App\Words\Text::of('verdict.nothing_like_it'))
        ->toThrow(LogicException::class);
});

it('speaks without the words that words of the trade replace', function (): void {
    $quaint =
        '/\\b(put back|put away|bring back|takes? back|taken back|took back|cannot tell|in band|the band|short of band|trials?|hooked up so|read so|for want of|its sheet|it comes back'.
        '|wants looking|load in force|go on as|goes on|done go on|tastes?|written down|all the load asks|is not to be forced|(this|that|next|another) round|so stiff)\\b/i';
    foreach (
        [...glob(dirname(__DIR__, 3).'/lang/en/*.php') ?: [], ...glob(dirname(__DIR__, 3).'/lang/en/*/*.php') ?: []] as $file
    ) {
        foreach (Illuminate\Support\Arr::dot(require $file) as $key => $text) {
            expect((string) $text)->not->toMatch($quaint, basename($file).": {$key}");
        }
    }
});

it('names a load that is outside its rating, in the unit asked for, and no other', function (): void {
    $load = Yoke\Foundation\Units\Load::ofKilograms(...);
    $line = fn (float $may): Yoke\Judgement\Ratings\RatedLoad => Yoke\Judgement\Ratings\RatedLoad::atMost(
        Yoke\Judgement\Ratings\RatedPart::OneTrailerAxle,
        Yoke\Rig\Parts\Stance::Carried,
        $load(1412.0),
        $load($may),
        'one_axle_gawr',
    )->ofAxle(2, 3);
    $least = Yoke\Judgement\Ratings\RatedLoad::atLeast(
        Yoke\Judgement\Ratings\RatedPart::BarsLightestTongue,
        null,
        $load(402.0),
        $load(450.0),
        'bar_rating_low',
    );

    $in = fn (string $fineness): App\Words\QuantityWords => new App\Words\QuantityWords(
        new App\Models\User(['fineness' => $fineness]),
    );

    expect(App\Words\RatingWords::complaint($line(1400.0), $in('1 mm')))
        ->toBe('Over its rating: trailer axle 2 of 3, carried, 1410 kg of 1400 kg.')
        ->and(App\Words\RatingWords::complaint($line(1400.0)->asWeighed(), $in('1 mm')))
        ->toBe('Over its rating: trailer axle 2 of 3, carried, 1412 kg of 1400 kg.')
        ->and(App\Words\RatingWords::complaint($line(1400.0), $in('1/16 in')))
        ->toBe('Over its rating: trailer axle 2 of 3, carried, 3110 lb of 3086 lb.')
        ->and(App\Words\RatingWords::complaint($line(1412.0), $in('1/16 in')))
        ->toBeNull()
        ->and(App\Words\RatingWords::complaint($least, $in('1 mm')))
        ->toBe('Below its range: minimum tongue weight for these bars, 400 kg of 450 kg.')
        ->and(App\Words\RatingWords::complaint($line(1411.0), $in('1 mm')))
        ->toBe('Over its rating: trailer axle 2 of 3, carried, 1412 kg of 1411 kg.')
        ->and($in('1 mm')->carries($line(1412.0)))
        ->toBe('1410 kg')
        ->and($in('1 mm')->carries($line(1409.9)))
        ->toBe('1412 kg');
});
