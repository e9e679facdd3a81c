<?php

declare(strict_types=1);

namespace App\Screens\Job;

use App\Models\Job;
use App\Models\MeasureKind;
use App\Models\User;
use App\Screens\Bench\BenchPage;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\HeadWords;
use App\Words\QuantityWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;
use Yoke\Workshop\Procedure\Station;

/** A rig that arrived coupled: what to measure in which order, what was, and the two moves that put it right. */
final readonly class TakeOverPage
{
    private const SAME_MM = 1.0;

    /** Holes of a shank lie further apart. */
    private const SAME_PLACE_MM = 8.0;

    public Job $job;

    public BenchPage $bench;

    public DiagnosisPage $diagnosis;

    private QuantityWords $print;

    public function __construct(private AnalysedJob $analysed, User $person)
    {
        $this->job = $analysed->job;
        $this->bench = new BenchPage($analysed, $person);
        $this->diagnosis = new DiagnosisPage($analysed, $person);
        $this->print = new QuantityWords($person);
    }

    /**
     * @return list<array{key: string, done: bool, at: string|null, field: array{part: RigPart, key: string}|null}> in
     *     the order of the work; typed right there where a field is given
     */
    public function steps(): array
    {
        $bench = fn (Station $station, string $anchor = ''): string => route('bench', [$this->job, $station->value]).
            $anchor;
        $heights = $this->bench->heights;
        $sheet = fn (RigPart $part, string $field): bool => $this->analysed->worked->values($part)->number($field) !==
            null;
        $isNoseRead = $this->isRead(MeasureKind::Coupler) || $this->isRead(MeasureKind::TrailerAngle);
        $steps = [
            ...$this->analysed->adjusters === null
                ? []
                : [['setting', $this->bench->isSettingKnown(), $bench(Station::BarsUp), null]],
            ...in_array(Stance::Carried, $this->bench->stances(), true)
                ? [
                    ['carried', $this->analysed->taped->isTaped(Stance::Carried), $bench(Station::BarsUp), null],
                    ['nose', $isNoseRead, $bench(Station::BarsUp, '#others'), null],
                ]
                : [],
            ['dropped', $this->analysed->taped->isTaped(Stance::Dropped), $bench(Station::Dropped), null],
            [
                'alone',
                $heights->holdsBothEndsOf(Stance::Alone) || $this->analysed->taped->isTaped(Stance::Alone),
                $bench(Station::Alone),
                null,
            ],
            [
                'level',
                $sheet(RigPart::Trailer, 'coupler_height_mm'),
                null,
                ['part' => RigPart::Trailer, 'key' => 'coupler_height_mm'],
            ],
            [
                'ball',
                $sheet(RigPart::Hitch, 'ball_height_mm'),
                null,
                ['part' => RigPart::Hitch, 'key' => 'ball_height_mm'],
            ],
        ];

        $named = [];
        foreach ($steps as [$key, $isDone, $at, $field]) {
            $named[] = ['key' => $key, 'done' => $isDone, 'at' => $at, 'field' => $field];
        }

        return $named;
    }

    /** The first that is not done; null once all are. */
    public function current(): ?string
    {
        foreach ($this->steps() as $step) {
            if (! $step['done']) {
                return $step['key'];
            }
        }

        return null;
    }

    /** What was typed of a field, in this person's unit. */
    public function shown(RigPart $part, string $field): string
    {
        $length = $this->analysed->worked->values($part)->length($field);

        return $length === null ? '' : $this->print->length($length);
    }

    /** Whether enough was measured to tell the moves. */
    public function canTell(): bool
    {
        return $this->analysed->current() !== null &&
            $this->analysed->taped->isTaped(Stance::Dropped) &&
            $this->analysed->taped->isTaped(Stance::Alone);
    }

    /**
     * @return list<string> how the ball stands and where the next move brings it, in sentences; none where a height is
     *     missing
     */
    public function head(): array
    {
        $off = $this->ballOff();
        $on = $this->analysed->current()?->setting;
        if ($off === null) {
            return [];
        }
        $next = $this->analysed->recommendation()?->next();
        $nearest = $this->analysed->plan()->shankPlaces()[0] ?? null;
        $moved =
            $next === null || $on === null
                ? Length::zero()
                : $this->analysed->adjusters?->ballHeightBetween($on, $next->setting) ?? Length::zero();
        $by = ['by' => $this->print->length($off->absolute())];

        return match (true) {
            abs($moved->millimetres()) >= self::SAME_MM => [
                Text::of($off->isNegative() ? 'take-over.head.low' : 'take-over.head.high', $by),
                ...$this->bolted($off, $off->plus($moved)),
            ],
            $this->analysed->shop->rules->tolerances->isCouplerAt($off) => [Text::of('take-over.head.right')],
            $on === null && $nearest !== null => [
                Text::of($off->isNegative() ? 'take-over.head.low' : 'take-over.head.high', $by),
                ...$this->bolted($off, $nearest->residual()),
            ],
            default => [
                Text::of($off->isNegative() ? 'take-over.head.low' : 'take-over.head.high', $by),
                ...$this->standsLevel() ? [Text::of('take-over.head.stays')] : $this->beyond($off),
            ],
        };
    }

    /**
     * @param  Length  $off  how far the ball stands over where it should
     * @return list<string> that no hole of the head brings it there
     */
    private function beyond(Length $off): array
    {
        $on = $this->analysed->current()?->setting;
        $adjusters = $this->analysed->adjusters;
        if ($on === null || $adjusters === null) {
            return [];
        }
        $left = $off->plus($adjusters->ballHeightBetween($on, $adjusters->headNearest($on, $off)));

        return $adjusters->isBeyondHoles($left)
            ? [Text::of('take-over.head.beyond', ['by' => $this->print->length($left->absolute())])]
            : [];
    }

    private function standsLevel(): bool
    {
        $present = $this->analysed->recommendation()?->present;

        return $present !== null && $this->analysed->shop->rules->tolerances->standsLevel($present->trailerPitch());
    }

    /**
     * @param  Length  $off  how far the ball stands over where it should
     * @param  Length  $left  the same after the move
     * @return list<string>
     */
    private function bolted(Length $off, Length $left): array
    {
        $stands = $this->analysed->plan()->headAsBolted();
        $place = $this->place($left);
        $isBeyond = $place === null && $this->analysed->adjusters?->isBeyondHoles($left) === true;

        return array_values(
            array_filter([
                $place === null
                    ? ''
                    : Text::of('take-over.head.place', [
                        'place' => lcfirst(HeadWords::place($place)),
                        'off' => $this->print->change($place->residual()->millimetres()),
                    ]),
                $place !== null && $stands !== null && $place->turned !== $stands->turned
                    ? Text::of('take-over.head.turn')
                    : '',
                ...$place === null ? [] : HeadWords::inTheWay($place),
                $isBeyond && $left->absolute()->isLessThan($off->absolute())
                    ? Text::of('take-over.head.beyond', [
                        'by' => $this->print->length($left->absolute()),
                    ])
                    : '',
            ]),
        );
    }

    /** How far the ball stands over where it should; null while a height is missing. */
    private function ballOff(): ?Length
    {
        $stands = $this->analysed->described->ballOverCoupler();

        return $stands?->minus($this->analysed->plan()->ballPlanned());
    }

    /**
     * The place of the shank that the move means; null where the shank is not known, or has no such place.
     *
     * @param  Length  $off  where the move leaves the ball over where it should stand
     */
    private function place(Length $off): ?ShankPlace
    {
        foreach ($this->analysed->plan()->shankPlaces() as $place) {
            if (abs($place->residual()->minus($off)->millimetres()) < self::SAME_PLACE_MM) {
                return $place;
            }
        }

        return null;
    }

    private function isRead(MeasureKind $kind): bool
    {
        return $this->job->measure(Stance::Carried, $this->job->roundOf(Stance::Carried), $kind) !== null;
    }
}
