<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Trip\HeightFinding;
use Yoke\Workshop\Trip\TripAxis;
use Yoke\Workshop\Trip\TripEntry;
use Yoke\Workshop\Trip\TripOutcome;

/** What an owner is answered for a load, in the units of whoever made the link (lang/, trip). */
final readonly class TripWords
{
    private SettingWords $settings;

    private QuantityWords $print;

    public function __construct(private SpecifiedRig $rig, private User $person)
    {
        $this->settings = new SettingWords($rig->sheets);
        $this->print = new QuantityWords($person);
    }

    /** `Fresh tank`, `Person behind`. */
    public static function axis(TripAxis $axis): string
    {
        return ucfirst(Text::of($axis->isTank() ? "load.tank.{$axis->key}" : "load.usual.{$axis->key}"));
    }

    /** `50 %`, `2 more`, `as at the set-up`. */
    public static function value(TripAxis $axis, int $value): string
    {
        return match (true) {
            $axis->isTank() => Text::of('trip.full', ['percent' => $value]),
            $value === 0 => Text::of('trip.as_set_up'),
            default => Text::of($value > 0 ? 'trip.more' : 'trip.fewer', ['count' => abs($value)]),
        };
    }

    /** `ok`, `move` or `stop`. */
    public static function tone(TripEntry $entry): string
    {
        return match (true) {
            ! $entry->outcome->isInOrder() => 'stop',
            $entry->outcome === TripOutcome::Moves || $entry->outside !== [] || ! $entry->tongue->isUsual() => 'move',
            default => 'ok',
        };
    }

    public function headline(TripEntry $entry): string
    {
        return Text::of("trip.outcome.{$entry->outcome->value}", [
            'setting' => $entry->steps === [] ? '' : $this->settings->of(Setting::of($entry->steps)),
        ]);
    }

    /** @return list<string> a sentence each */
    public function sentences(TripEntry $entry): array
    {
        if ($entry->outcome === TripOutcome::LiftsOff) {
            return [];
        }
        $complaints = array_map(
            fn (RatedLoad $line): ?string => RatingWords::complaint($line, $this->print),
            $entry->outside,
        );

        return array_values(
            array_filter(
                [
                    $entry->share === null
                        ? ''
                        : Text::of('trip.restored', [
                            'share' => $this->print->percent($entry->share),
                            'chance' => VerdictWords::chance((int) round(100 * ($entry->chance ?? 0.0))),
                        ]),
                    ...array_filter($complaints, is_string(...)),
                    $entry->outcome === TripOutcome::OverRating
                        ? Text::of('trip.unload')
                        : Text::of('trip.nothing_over'),
                    Text::of('trip.tongue', ['share' => Figures::fixed(100 * $entry->tongue->share)]).
                    ' '.
                    LoadWords::share($entry->tongue),
                    $entry->outcome === TripOutcome::Moves
                        ? StationWords::caution(Station::BarsUp, $this->rig->sheets->family())
                        : '',
                ],
                static fn (string $sentence): bool => $sentence !== '',
            ),
        );
    }

    public static function heights(HeightFinding $finding): string
    {
        return Text::of("trip.heights.{$finding->value}");
    }
}
