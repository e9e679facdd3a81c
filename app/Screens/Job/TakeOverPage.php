<?php

declare(strict_types=1);

namespace App\Screens\Job;

use App\Models\Job;
use App\Models\MeasureKind;
use App\Models\User;
use App\Screens\Bench\BenchPage;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\AdviceWords;
use App\Words\HeadWords;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Advice\FindingKind;
use Yoke\Advice\HeadThenTension;
use Yoke\Head\ShankPlace;
use Yoke\Probability\Normal;
use Yoke\Procedure\Station;
use Yoke\Rig\Stance;
use Yoke\Specification\RigPart;
use Yoke\Units\Length;

/** A rig that arrived coupled: what to measure in which order, what was, and the two moves that put it right. */
final readonly class TakeOverPage
{
    public Job $job;

    public BenchPage $bench;

    public DiagnosisPage $diagnosis;

    private QuantityWords $print;

    private SettingWords $words;

    public function __construct(private AnalysedJob $analysed, private User $person)
    {
        $this->job = $analysed->job;
        $this->bench = new BenchPage($analysed, $person);
        $this->diagnosis = new DiagnosisPage($analysed, $person);
        $this->print = new QuantityWords($person);
        $this->words = new SettingWords($analysed->described);
    }

    /** @return list<array{key: string, done: bool, at: string|null, field: array{part: RigPart, key: string}|null}> in the order of the work; typed right there where a field is given */
    public function steps(): array
    {
        $bench = fn (Station $station, string $anchor = ''): string => route('bench', [$this->job, $station->value]).$anchor;
        $heights = $this->bench->heights;
        $sheet = fn (RigPart $part, string $field): bool => $this->analysed->worked->values($part)->number($field) !== null;
        $isNoseRead = $this->isRead(MeasureKind::Coupler) || $this->isRead(MeasureKind::TrailerAngle);
        $steps = [
            ...($this->analysed->adjusters === null ? [] : [['setting', $this->bench->isSettingKnown(), $bench(Station::BarsUp), null]]),
            ...(in_array(Stance::Carried, $this->bench->stances(), true) ? [['carried', $this->analysed->taped->isTaped(Stance::Carried), $bench(Station::BarsUp), null], ['nose', $isNoseRead, $bench(Station::BarsUp, '#others'), null]] : []),
            ['dropped', $this->analysed->taped->isTaped(Stance::Dropped), $bench(Station::Dropped), null],
            ['alone', $heights->holdsBothEndsOf(Stance::Alone) || $this->analysed->taped->isTaped(Stance::Alone), $bench(Station::Alone), null],
            ['level', $sheet(RigPart::Trailer, 'coupler_height_mm'), null, ['part' => RigPart::Trailer, 'key' => 'coupler_height_mm']],
            ['ball', $sheet(RigPart::Hitch, 'ball_height_mm'), null, ['part' => RigPart::Hitch, 'key' => 'ball_height_mm']],
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
        return $this->analysed->current() !== null && $this->analysed->taped->isTaped(Stance::Dropped) && $this->analysed->taped->isTaped(Stance::Alone);
    }

    /** @return list<string> the first move: where the head belongs, in sentences; none where a height is missing */
    public function head(): array
    {
        $off = $this->ballOff();
        if ($off === null) {
            return [];
        }
        if ($this->analysed->shop->tolerances->isCouplerAt($off)) {
            return [Text::of('take-over.head.right')];
        }
        $place = $this->place();
        $stands = $this->analysed->plan()->headAsBolted();

        return array_values(array_filter([
            Text::of($off < 0.0 ? 'take-over.head.low' : 'take-over.head.high', ['by' => $this->print->length(Length::ofMillimetres(abs($off)))]),
            $place === null ? '' : Text::of('take-over.head.place', ['place' => lcfirst(HeadWords::place($place)), 'off' => $this->print->change($place->residual()->millimetres())]),
            ...($place === null ? $this->byHoles($off) : []),
            $place !== null && $stands !== null && $place->turned !== $stands->turned ? Text::of('take-over.head.turn') : '',
            ...($place === null ? [] : HeadWords::inTheWay($place)),
        ]));
    }

    /** @return list<string> where the shank is not known: so many holes up or down, and that it takes another shank where those do not reach */
    private function byHoles(float $off): array
    {
        $on = $this->analysed->current()?->setting;
        $adjusters = $this->analysed->adjusters;
        if ($on === null || $adjusters === null) {
            return [];
        }
        $to = $adjusters->headNearest($on, $off);
        $left = $off + $adjusters->ballHeightBetween($on, $to);

        return [
            ...($on->equals($to) ? [] : [ucfirst(implode(', ', $this->words->moves($on, $to))).'.']),
            ...($adjusters->isBeyondHoles($left) ? [Text::of('take-over.head.beyond', ['by' => $this->print->length(Length::ofMillimetres(abs($left)))])] : []),
        ];
    }

    /** What the pair of moves comes to, in a sentence; an empty text where it cannot be told. */
    public function expected(): string
    {
        $pair = $this->pair();

        return $pair === null ? '' : Text::of('take-over.expected', [
            'setting' => $this->words->of($pair->setting),
            'share' => VerdictWords::share($pair->forecast->share()),
            'nose' => (new AdviceWords($this->words, $this->person))->findingFigure(FindingKind::NoseUp, Normal::of($pair->forecast->carried->trailerPitchAngle()->degrees(), 0.1)),
            'chance' => $this->diagnosis->bench->advice()->says->chance($pair->forecast->chances->inRange),
        ]);
    }

    /** The second move, in a sentence; an empty text where the tension stays, or nobody knows the setting. */
    public function tension(): string
    {
        $pair = $this->pair();
        $on = $this->analysed->current()?->setting;

        return $pair === null || $on === null || $this->analysed->adjusters === null || ! $pair->movesTension($on, $this->analysed->adjusters) ? '' : ucfirst(implode(', ', $this->words->moves($on, $pair->setting))).'.';
    }

    private function pair(): ?HeadThenTension
    {
        $on = $this->analysed->current()?->setting;
        $off = $this->ballOff();
        $place = $this->place();
        if ($on === null || $off === null || $this->analysed->adjusters === null || $this->analysed->shop->tolerances->isCouplerAt($off)) {
            return null;
        }
        $moved = $place !== null ? $place->residual()->millimetres() - $off : $this->analysed->adjusters->ballHeightBetween($on, $this->analysed->adjusters->headNearest($on, $off));

        return HeadThenTension::of($this->analysed->analysis()->stances(), $this->analysed->adjusters, $this->analysed->reference(), $on, $this->analysed->rig->hitch->barArm->millimetres(), $this->analysed->ballOffset($on) + $moved, $this->analysed->shop->policy->overAllowed);
    }

    /** How far the ball stands over where it should, mm; null while a height is missing. */
    private function ballOff(): ?float
    {
        $stands = $this->analysed->described->ballOverCoupler();

        return $stands === null ? null : $stands - $this->analysed->plan()->ballPlanned();
    }

    /** The nearest place of the shank; null where the shank is not known. */
    private function place(): ?ShankPlace
    {
        return $this->analysed->plan()->shankPlaces()[0] ?? null;
    }

    private function isRead(MeasureKind $kind): bool
    {
        return $this->job->measure(Stance::Carried, $this->job->roundOf(Stance::Carried), $kind) !== null;
    }
}
