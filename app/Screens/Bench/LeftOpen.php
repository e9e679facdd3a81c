<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\CheckAnswer;
use App\Models\User;
use App\Screens\Plan\FastenerLine;
use App\Screens\Sway\SwayPage;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\RatingWords;
use App\Words\SettingWords;
use App\Words\StationWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Judgement\Method\Verdict;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Sway\SwayCheck;

/** What a rig would be handed over without: stations left open, checks without an answer, torques that nobody gave. */
final readonly class LeftOpen
{
    private StationProgress $progress;

    public function __construct(private AnalysedJob $analysed, private User $person)
    {
        $this->progress = new StationProgress($analysed);
    }

    /** @return list<array{says: string, station: Station}> the gravest first, each with where it is made good */
    public function all(): array
    {
        return [
            ...$this->ratings(),
            ...$this->verdict(),
            ...$this->setting(),
            ...$this->stations(),
            ...$this->checks(),
            ...$this->torques(),
        ];
    }

    /** @return list<array{says: string, station: Station}> */
    private function ratings(): array
    {
        $over = array_filter($this->analysed->ledger(), static fn (RatedLoad $line): bool => $line->isOver());
        $parts = array_unique(array_map(RatingWords::part(...), $over));

        return $parts === []
            ? []
            : [['says' => Text::of('left-open.over', ['parts' => implode(', ', $parts)]), 'station' => Station::Brief]];
    }

    /** @return list<array{says: string, station: Station}> */
    private function verdict(): array
    {
        $verdict = $this->analysed->verdict();
        $isRight = $verdict === null || $verdict->verdict === Verdict::InRange;

        return match (true) {
            $this->analysed->unread() !== null => [
                ['says' => Text::of('left-open.unread'), 'station' => Station::BarsUp],
            ],
            $isRight => [],
            default => [
                [
                    'says' => Text::of('left-open.verdict', [
                        'verdict' => lcfirst(VerdictWords::verdict($verdict->verdict)),
                    ]),
                    'station' => Station::BarsUp,
                ],
            ],
        };
    }

    /** @return list<array{says: string, station: Station}> what was carried at, and nobody wrote down or counted */
    private function setting(): array
    {
        $on = $this->analysed->setting($this->analysed->job->roundOf(Stance::Carried));
        $words = new SettingWords($this->analysed->described->sheets);
        $unknown = array_filter(
            $words->adjusters(),
            static fn (Adjuster $adjuster): bool => $on?->knows($adjuster->key) === false,
        );
        $says = match (true) {
            $this->analysed->isSettingUnsaid() && $on === null => [Text::of('left-open.setting_unsaid')],
            $unknown === [] => [],
            default => [
                Text::of('left-open.setting_half', [
                    'says' => ucfirst(implode(', ', array_map($words->notKnown(...), $unknown))),
                ]),
            ],
        };

        return array_map(static fn (string $one): array => ['says' => $one, 'station' => Station::BarsUp], $says);
    }

    /** @return list<array{says: string, station: Station}> one line each */
    private function stations(): array
    {
        $open = array_filter(
            $this->progress->stations(),
            fn (Station $station): bool => $station !== Station::HandOver && ! $this->progress->isDone($station),
        );

        return array_values(
            array_map(
                static fn (Station $station): array => [
                    'says' => Text::of('left-open.station', ['station' => StationWords::title($station)]),
                    'station' => $station,
                ],
                $open,
            ),
        );
    }

    /** @return list<array{says: string, station: Station}> */
    private function checks(): array
    {
        $open = count(
            array_filter(
                (new SwayPage($this->analysed, $this->person))->checks(),
                /** @param  array{SwayCheck, CheckAnswer|null}  $pair */
                static fn (array $pair): bool => $pair[1] === null,
            ),
        );

        return $open === 0
            ? []
            : [['says' => Text::choice('left-open.checks', $open), 'station' => Station::Sway]];
    }

    /** @return list<array{says: string, station: Station}> */
    private function torques(): array
    {
        $open = array_filter(
            FastenerLine::of($this->analysed->job, $this->person),
            static fn (FastenerLine $line): bool => $line->done === null,
        );

        return array_values(
            array_map(
                static fn (FastenerLine $line): array => [
                    'says' => Text::of('left-open.torque', ['label' => $line->label]),
                    'station' => $line->isOf(Station::Brackets) ? Station::Brackets : Station::Head,
                ],
                $open,
            ),
        );
    }
}
