<?php

declare(strict_types=1);

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Job\Shop\SettingKind;
use Yoke\Job\Shop\ShopSettings;
use Yoke\Judgement\Advice\StoppingRules;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Judgement\Method\Tolerances;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Readings\Height\HeightDoubt;
use Yoke\Rig\Adjuster\Counting;

it('is what this program takes for usual as long as nobody chose', function (): void {
    $usual = ShopSettings::of([]);

    expect($usual->rules()->stopping)
        ->toEqual(new StoppingRules())
        ->and($usual->rules()->heights)
        ->toEqual(new HeightDoubt())
        ->and($usual->rules()->priors)
        ->toEqual(new PriorDoubts())
        ->and($usual->rules()->tolerances)
        ->toEqual(new Tolerances())
        ->and($usual->rules()->range)
        ->toEqual(TargetRange::usual())
        ->and($usual->fineness())
        ->toBe(Fineness::Sixteenth)
        ->and($usual->counting())
        ->toBeNull()
        ->and($usual->contradictions())
        ->toBe([]);
});

it('has a setting for each figure that a shop holds to', function (string $group, object $holds): void {
    $names = array_values(
        array_filter(
            array_map(
                fn (string $key): string => str_starts_with($key, "{$group}.") ? substr($key, strlen($group) + 1) : '',
                array_keys(ShopSettings::all()),
            ),
        ),
    );
    $held = array_keys(get_object_vars($holds));
    sort($names);
    sort($held);

    expect($names)->toBe($held);
})->with([
    'policy' => ['policy', new StoppingRules()],
    'doubt' => ['doubt', new HeightDoubt()],
    'prior' => ['prior', new PriorDoubts()],
    'tolerance' => ['tolerance', new Tolerances()],
]);

it('takes each to its ends and no further, and reaches what works by it', function (): void {
    foreach (ShopSettings::all() as $key => $setting) {
        if ($setting->kind === SettingKind::Choice) {
            expect($setting->allows('else'))->toBeFalse()->and($setting->allows($setting->default))->toBeTrue();

            continue;
        }
        expect($setting->low)
            ->toBeLessThanOrEqual($setting->default)
            ->and($setting->high)
            ->toBeGreaterThanOrEqual($setting->default)
            ->and($setting->high)
            ->toBeGreaterThan($setting->low, $key);
        foreach ([$setting->low, $setting->high] as $end) {
            expect(ShopSettings::of([$key => $end])->value($key))->toBe($end);
        }
        foreach ([$setting->low - 0.001 - abs($setting->low), $setting->high * 1.01 + 0.001, NAN, INF] as $beyond) {
            expect(ShopSettings::of([$key => $beyond])->isChosen($key))->toBeFalse("{$key} {$beyond}");
        }
        [$group, $name] = explode('.', $key);
        if ($group === 'backups' || $group === 'day') {
            $chosen = ShopSettings::of([$key => $setting->high]);
            expect($group === 'day' ? $chosen->ofTheDay($name) : $chosen->ofBackups($name))
                ->toBe((int) $setting->high)
                ->and(ShopSettings::of([$key => $setting->low + 0.5])->isChosen($key))
                ->toBeFalse();

            continue;
        }
        $of = fn (ShopSettings $settings): object => match ($group) {
            'policy' => $settings->rules()->stopping,
            'doubt' => $settings->rules()->heights,
            'prior' => $settings->rules()->priors,
            'tolerance' => $settings->rules()->tolerances,
            'look' => $settings->rules()->looks,
            default => $settings->rules()->range,
        };
        $near =
            in_array($setting->kind, [SettingKind::Times, SettingKind::Whole], true) ? $setting->low : ($setting->default + $setting->low) / 2 + 0.0001;
        expect((float) $of(ShopSettings::of([$key => $near]))->{$name})->toEqualWithDelta($near, 1e-12, $key);
    }
});

it('takes whole times only, and no key that is none', function (): void {
    expect(ShopSettings::of(['policy.readings' => 2.5])->isChosen('policy.readings'))
        ->toBeFalse()
        ->and(ShopSettings::of(['policy.readings' => 3.0])->rules()->stopping->readings)
        ->toBe(3)
        ->and(ShopSettings::of(['song' => 1.0])->isChosen('song'))
        ->toBeFalse()
        ->and(ShopSettings::of(['counting.counting' => 'working'])->counting())
        ->toBe(Counting::Working);
});

it('says what cannot stand beside what', function (array $chosen, array $against): void {
    expect(ShopSettings::of($chosen)->contradictions())->toBe($against);
})->with([
    'a range upside down' => [['range.from' => 0.9, 'range.to' => 0.6], ['range.to' => 'range.from']],
    'good enough is surer than sure' => [['policy.sure' => 0.6], ['policy.goodEnough' => 'policy.sure']],
    'more before than ever' => [
        ['policy.before' => 5.0, 'policy.readings' => 2.0],
        ['policy.before' => 'policy.readings'],
    ],
    'nothing' => [['range.from' => 0.6, 'range.to' => 0.9], []],
]);
