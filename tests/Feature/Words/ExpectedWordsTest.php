<?php

declare(strict_types=1);

use App\Models\Language;
use App\Words\ExpectedWords;
use App\Words\Text;
use Illuminate\Support\Arr;
use PhpParser\Node;
use PhpParser\Node\Expr\StaticCall;
use PhpParser\NodeFinder;
use Yoke\Expected;
use Yoke\Measuring\Readings\Device\DeviceKind;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;

require_once dirname(__DIR__, 2).'/Architecture/trees.php';

/**
 * @return array<string, list<string>> the sentences that core and app ask for, each with the figures that it is given
 */
function sentencesAskedFor(): array
{
    $asked = [];
    foreach ([...treesOf('core'), ...treesOf('app')] as $tree) {
        foreach ((new NodeFinder())->findInstanceOf($tree, StaticCall::class) as $call) {
            $key = $call->args[0]->value ?? null;
            $isExpected =
                $call->class instanceof Node\Name &&
                $call->class->getLast() === 'Expected' &&
                $call->name->name === 'of';
            $isText =
                $call->class instanceof Node\Name &&
                $call->class->getLast() === 'Text' &&
                $key instanceof Node\Scalar\String_ &&
                str_starts_with($key->value, 'expected.');
            foreach ($isExpected || $isText ? sentenceKeysOf($key) : [] as $one) {
                $figures = $call->args[1]->value ?? null;
                $asked[str_replace('expected.', '', $one)] =
                    $figures instanceof Node\Expr\Array_
                        ? array_map(static fn ($item): string => $item->key->value, $figures->items)
                        : ($figures === null
                            ? []
                            : ['*']);
            }
        }
    }

    return $asked;
}

/** @return list<string> one key, or both of a choice; those of a range by their dimension are read from the texts */
function sentenceKeysOf(?Node $key): array
{
    return match (true) {
        $key instanceof Node\Scalar\String_ => [$key->value],
        $key instanceof Node\Expr\Ternary => [...sentenceKeysOf($key->if), ...sentenceKeysOf($key->else)],
        default => [],
    };
}

it('has a sentence for all that the core and the app may expect, and none that nobody asks for', function (): void {
    $there = array_keys(
        array_filter(
            Arr::dot(require lang_path('en/expected.php')),
            static fn (string $text, string $key): bool => preg_match('/^(word|range|schema)\./', $key) !== 1,
            ARRAY_FILTER_USE_BOTH,
        ),
    );
    $asked = array_keys(sentencesAskedFor());
    sort($there);
    sort($asked);

    expect($asked)->toBe($there)->and(count($asked))->toBeGreaterThan(100);
});

it('fills every place of a sentence', function (): void {
    foreach (sentencesAskedFor() as $key => $figures) {
        preg_match_all('/:([a-z_]+)/', Text::of("expected.{$key}"), $places);
        expect($figures === ['*'] ? [] : array_values(array_diff($places[1], $figures)))->toBe([], $key);
    }
});

it('says axles, devices and decimals as the language does, and one sentence after the other', function (
    Language $language,
    string $says,
): void {
    app()->setLocale($language->value);
    $expected = Expected::of('ticket.twice', ['axle' => WeighedAxle::Rear])
        ->then(Expected::of('height.metres', ['metres' => 12.5]))
        ->then(Expected::of('device.slow', ['device' => DeviceKind::TongueScale]));

    expect(ExpectedWords::of($expected))
        ->toBe($says)
        ->and($expected->text())
        ->toBe('ticket.twice axle=rear; height.metres metres=12.5; device.slow device=tongue-scale');
})->with([
    'English' => [
        Language::English,
        'The rear axle stands on this ticket twice. Expected each axle once. This one is 12.5 m. The tongue scale takes too long to answer. Try again, or type what its display shows.',
    ],
    'Spanish' => [
        Language::Spanish,
        'El eje trasero está dos veces en este tique. Se esperaba cada eje una vez. Esta es de 12,5 m. Tarda demasiado en responder: báscula de lanza. Inténtelo otra vez, o escriba lo que muestra su pantalla.',
    ],
]);

it('has a word for every axle and every device in both languages', function (Language $language): void {
    app()->setLocale($language->value);
    foreach (WeighedAxle::cases() as $axle) {
        expect(Text::of("expected.word.axle.{$axle->value}"))->not->toBe('');
    }
    foreach (DeviceKind::cases() as $device) {
        expect(Text::of("expected.word.device.{$device->value}"))->not->toBe('');
    }
})->with(Language::cases());
