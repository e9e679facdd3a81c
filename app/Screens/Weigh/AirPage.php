<?php

declare(strict_types=1);

namespace App\Screens\Weigh;

use App\Models\WeighTicket;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\QuantityWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\LevellingTakeBack;
use Yoke\Measuring\Readings\Weighing\Condition;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/**
 * Air springs or levelling, with bars off and on: four stances side by side, as the model has them and as they were
 * weighed.
 */
final readonly class AirPage
{
    private const STANCES = [
        'dropped' => [Stance::Dropped, false],
        'dropped_lifted' => [Stance::Dropped, true],
        'carried' => [Stance::Carried, false],
        'carried_lifted' => [Stance::Carried, true],
    ];

    private ?LevellingTakeBack $takeBack;

    private float $tension;

    /** @param  list<WeighTicket>  $tickets  that count, oldest first */
    public function __construct(private AnalysedJob $analysed, private array $tickets, private QuantityWords $print)
    {
        $current = $analysed->current();
        $rig = $analysed->posterior()->rig($current->ballOffset ?? 0.0);
        $this->takeBack = $analysed->described->takeBack($rig);
        $this->tension =
            $current === null
                ? $rig->tensionFor($analysed->goal->band->middle())
                : $analysed->posterior()->tension() + $current->tensionOffset;
    }

    /** Null where nothing lifts the rear of this rig: neither its sheet nor a ticket says so. */
    public function lifter(): ?string
    {
        $up = [];
        foreach ($this->tickets as $ticket) {
            array_push($up, ...$ticket->conditions());
        }

        return $this->analysed->lifter() ??
            match (true) {
                in_array(Condition::AirUp, $up, true) => 'air',
                in_array(Condition::LevellingOn, $up, true) => 'levelling',
                default => null,
            };
    }

    /** What lifts, in words; an empty text where nothing does. */
    public function lifterIs(): string
    {
        return $this->lifter() === null ? '' : Text::of("air.lifter.{$this->lifter()}");
    }

    /**
     * As the model has them and as they were weighed; as they were weighed alone where nobody knows what lifts.
     *
     * @return list<array{says: string, front: string, rear: string, loads: list<string>, weighed: list<string>,
     *     restored: string}> none where nothing lifts the rear
     */
    public function rows(): array
    {
        $four = $this->takeBack?->fourStances($this->tension);
        if ($this->lifter() === null || ($four === null && ! $this->isCompared())) {
            return [];
        }
        $rows = [];
        foreach (self::STANCES as $key => [$stance, $isLifted]) {
            $attitude = $four[$key] ?? null;
            $weighed = $this->weighed($stance, $isLifted);
            $rows[] = [
                'says' => Text::of("air.{$key}", ['lifter' => $this->lifterIs()]),
                'front' => $attitude === null ? '–' : $this->height(Axle::Front, $attitude->frontRise()),
                'rear' => $attitude === null ? '–' : $this->height(Axle::Rear, $attitude->rearRise()),
                'loads' => $attitude === null
                    ? array_pad([], 3, $weighed === [] ? '–' : '')
                    : array_map(
                        $this->print->aboutChange(...),
                        [$attitude->frontLoad(), $attitude->rearLoad(), $attitude->trailerLoad()],
                    ),
                'weighed' => $weighed,
                'restored' => $stance === Stance::Dropped ? '' : $this->restored($attitude, $isLifted),
            ];
        }

        return $rows;
    }

    /** The stances that were weighed, as a drawing. */
    public function drawn(): ChangesDrawn
    {
        $weighed = [];
        foreach (self::STANCES as $key => [$stance, $isLifted]) {
            $changes = $this->changes($stance, $isLifted);
            $says = ucfirst(Text::of("air.{$key}", ['lifter' => $this->lifterIs()]));
            $weighed = $changes === [] ? $weighed : [...$weighed, ['says' => $says, 'changes' => $changes]];
        }

        return new ChangesDrawn($weighed, $this->print);
    }

    /** Which is believed where the model and the scale differ; an empty text without a weighing with it on. */
    public function believes(): string
    {
        $road = $this->analysed->road;
        $verdict = $this->analysed->verdict();

        return match (true) {
            $this->takeBack === null => Text::of('air.no_rate', ['lifter' => $this->lifterIs()]),
            $road === null || $verdict === null || $road->standsAlone() => '',
            default => Text::of('air.believes', [
                'lifter' => $this->lifterIs(),
                'lost' => $this->print->percent($verdict->lost),
                'foretold' => $this->print->percent(
                    $road->foretold($this->analysed->posterior(), $this->analysed->current()),
                ),
            ]),
        };
    }

    /** Whether a stance was weighed with the rear lifted. */
    private function isCompared(): bool
    {
        return $this->weighed(Stance::Dropped, true) !== [] || $this->weighed(Stance::Carried, true) !== [];
    }

    /** By the model, and as a ticket found it. */
    private function restored(?Attitude $attitude, bool $isLifted): string
    {
        $ticket = $this->latest(Stance::Carried, $isLifted);
        $found = $ticket === null ? null : $this->analysed->tickets->weighing()?->restored($ticket);
        $weighed =
            $found === null ? '' : Text::of('air.weighed', ['loads' => $this->print->percent($found->mean())]);

        return trim(($attitude === null ? '' : $this->print->percent($attitude->frontRestored()))." {$weighed}") ?: '–';
    }

    /** Why lifting the rear moves no load forward, with this rig's figures; an empty text where nothing lifts it. */
    public function why(): string
    {
        $four = $this->takeBack?->fourStances($this->tension);

        return $four === null
            ? ''
            : Text::of('air.why', [
                'lifter' => Text::of('air.lifter.'.($this->lifter() ?? 'air')),
                'front' => $this->print->about($four['dropped']->frontLoad()->negated()),
                'lifted' => $this->print->length(
                    $four['dropped_lifted']->rearRise()->minus($four['dropped']->rearRise()),
                ),
                'let_go' => $this->print->length(
                    $four['carried']->barBend()->minus($four['carried_lifted']->barBend()),
                ),
                'front_loses' => $this->print->about(
                    $four['carried']->frontLoad()->minus($four['carried_lifted']->frontLoad()),
                ),
                'rear_gains' => $this->print->about(
                    $four['carried_lifted']->rearLoad()->minus($four['carried']->rearLoad()),
                ),
                'now' => $this->print->percent($four['carried']->frontRestored()),
                'then' => $this->print->percent($four['carried_lifted']->frontRestored()),
            ]);
    }

    private function height(Axle $axle, Length $rise): string
    {
        $alone = $this->analysed->taped->stances()->at(Stance::Alone, $axle);

        return $alone === null
            ? $this->print->change($rise->millimetres())
            : $this->print->length($alone->height()->plus($rise));
    }

    /** @return list<string> the same in words; an empty text of an axle that was not weighed by itself */
    private function weighed(Stance $stance, bool $isLifted): array
    {
        return array_map(
            fn (?Load $change): string => $change === null ? '' : $this->print->loadChange($change),
            $this->changes($stance, $isLifted),
        );
    }

    /**
     * @return list<Load|null> each axle's change from alone as the latest ticket of the stance found it; none without
     *     both
     */
    private function changes(Stance $stance, bool $isLifted): array
    {
        $alone = $this->latest(Stance::Alone, false);
        $ticket = $this->latest($stance, $isLifted);
        $level = $this->analysed->tickets->weighing()?->levelTrailer(
            $this->analysed->described->prior()->likelyRig(),
        );
        if ($alone === null || $ticket === null) {
            return [];
        }

        return array_map(static function (WeighedAxle $axle) use ($alone, $ticket, $level): ?Load {
            $before = $axle === WeighedAxle::Trailer ? $level : $alone->axle($axle);

            return $before === null ? null : $ticket->axle($axle)?->minus($before);
        }, WeighedAxle::cases());
    }

    private function latest(Stance $stance, bool $isLifted): ?Ticket
    {
        $isOf = static fn (WeighTicket $ticket): bool => $ticket->stance === $stance &&
            ($isLifted
                ? array_filter($ticket->conditions(), static fn (Condition $condition): bool => $condition->lifts()) !==
                        [] && count($ticket->conditions()) === 1
                : $ticket->isPlain());
        $of = array_values(array_filter($this->tickets, $isOf));

        return $of === [] ? null : $of[count($of) - 1]->core();
    }
}
