<?php

declare(strict_types=1);

namespace App\Screens\Practice;

use App\Models\User;
use App\UseCases\Practice\PlayedRun;
use App\Words\PracticeWords;
use App\Words\QuantityWords;
use App\Words\RigWords;
use App\Words\SettingWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\Text\LengthPrinter;
use Yoke\Job\Analysis\GoverningVerdict;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Coach\Coach;
use Yoke\Proving\Practice\Coach\CoachMode;
use Yoke\Proving\Practice\Reading\TakenWeight;
use Yoke\Proving\Practice\Run\Belief;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Showing\Drawing\Elevation;

/** One run of the practice yard while it is played. */
final readonly class RunPage
{
    public Run $run;

    public PracticeWords $says;

    public PracticeSetting $setting;

    private QuantityWords $print;

    /** @param  Axle|null  $taping  whose edge is in sight; null where none is */
    public function __construct(
        public PlayedRun $played,
        private User $person,
        public ?Axle $taping = null,
        public Eye $eye = Eye::Standing,
    ) {
        $this->run = $played->run;
        $this->says = new PracticeWords($this->run->exercise->rig->told, $person);
        $this->setting = new PracticeSetting($this->run);
        $this->print = new QuantityWords($person);
    }

    public function title(): string
    {
        return $this->played->kept->rig_name ?? PracticeWords::rig($this->run->exercise->rig->rig);
    }

    /** The position that the next act has. */
    public function position(): int
    {
        return count($this->run->done()) + 1;
    }

    /** The rig as it can be seen: alone, and as it stands now, to scale. */
    public function elevation(): Elevation
    {
        $heights = StanceHeights::none();
        foreach (
            $this->run->situation()->stance() === Stance::Alone
                ? [Stance::Alone]
                : [Stance::Alone, $this->run->situation()->stance()] as $stance
        ) {
            foreach (Axle::cases() as $axle) {
                $height = Length::ofMillimetres(
                    $this->run->exercise->hidden->height(
                        $stance,
                        $axle,
                        $this->run->situation()->hitch,
                        $this->run->situation()->faults,
                    ),
                );
                $heights = $heights->with($stance, $axle, HeightReading::exact($height));
            }
        }

        return new Elevation($this->run->exercise->rig->rig, $heights, 1.0);
    }

    /** Prints as the tape of this run is divided. */
    public function printer(): LengthPrinter
    {
        return new LengthPrinter($this->played->kept->tape);
    }

    public function tape(): ?TapeView
    {
        return $this->taping === null || ! $this->run->canTape()
            ? null
            : new TapeView($this->run->tape($this->taping, $this->eye), $this->played->kept->tape);
    }

    /** What came of the last act, and the hint that it asked for. */
    public function said(): string
    {
        $done = $this->run->done();
        $last = $done[count($done) - 1] ?? null;

        return match (true) {
            $last === null => '',
            $last->act->kind === ActKind::Hint => $this->says->hint((new Coach($this->run))->hint()),
            default => $this->says->did($last) ?: $this->says->changed($last, $this->setting->whole()),
        };
    }

    public function isHint(): bool
    {
        $done = $this->run->done();

        return $done !== [] && $done[count($done) - 1]->act->kind === ActKind::Hint;
    }

    /** What full advice says to do next; an empty text without it. */
    public function advice(): string
    {
        return $this->isAdvised() && ! $this->run->isOver() ? $this->says->hint((new Coach($this->run))->advice()) : '';
    }

    public function isAdvised(): bool
    {
        return $this->played->kept->coach === CoachMode::Advice;
    }

    public function hasHints(): bool
    {
        return $this->played->kept->coach === CoachMode::Hints;
    }

    /** What the readings tell of the share, with full advice; an empty text without. */
    public function verdict(): string
    {
        $verdict = $this->isAdvised() ? (new Belief($this->run))->analysis()->verdict() : null;

        return $verdict instanceof GoverningVerdict
            ? VerdictWords::share($verdict->share).'. '.VerdictWords::verdict($verdict->verdict)
            : '';
    }

    /**
     * The heights as they were read, a line a standing, the latest last.
     *
     * @return list<array{stance: Stance, setting: string, rolled: bool, spoiled: bool, front: string, rear: string,
     *     frontChange: string, rearChange: string}>
     */
    public function heights(): array
    {
        $words = new SettingWords($this->run->exercise->rig->told->sheets);
        $lines = [];
        $alone = $this->run->aloneHeights();
        foreach ($this->run->heights() as $height) {
            $lines[$height->standing] ??= [
                'stance' => $height->stance,
                'setting' => $height->stance === Stance::Carried ? $words->of($height->hitch->setting) : '',
                'rolled' => $height->isRolled,
                'spoiled' => $height->isSpoiled,
                'front' => '',
                'rear' => '',
                'frontChange' => '',
                'rearChange' => '',
            ];
            $lines[$height->standing][$height->axle === Axle::Front ? 'front' : 'rear'] =
                $height->typed !== '' ? $height->typed : $this->print->height($height->read);
            $from = $alone[$height->axle->value] ?? null;
            if ($height->stance !== Stance::Alone && $from !== null && ! $height->isSpoiled) {
                $lines[$height->standing][
                    $height->axle === Axle::Front ? 'frontChange' : 'rearChange'
                ] = $this->print->change($height->read - $from);
            }
        }

        return array_values($lines);
    }

    /** @return list<string> what scales and gauges showed */
    public function weights(): array
    {
        return array_map(
            fn (TakenWeight $weight): string => RigWords::head($weight->stance).': '.$this->says->loads($weight),
            $this->run->weights(),
        );
    }

    public function minutes(): int
    {
        return (int) round($this->run->minutes());
    }

    /** @return list<ActKind> what moves the rig, as it stands now */
    public function moves(): array
    {
        $now = $this->run->situation();

        return [
            ActKind::Roll,
            $now->isChocked ? ActKind::TakeChocks : ActKind::Chock,
            $now->isCoupled ? ActKind::Uncouple : ActKind::Couple,
            $now->isRaised ? ActKind::LowerPair : ActKind::RaisePair,
            $now->isHooked ? ActKind::BarsOff : ActKind::BarsOn,
        ];
    }

    /** @return list<ActKind> what weighs */
    public function scales(): array
    {
        return [ActKind::Weigh, ActKind::WeighTongue, ...$this->run->exercise->hasGauge() ? [ActKind::Gauge] : []];
    }

    /** How it stands, in a few words. */
    public function stands(): string
    {
        $now = $this->run->situation();

        return Text::of(
            'practice.stands.'.
                match (true) {
                    $now->isRaised => 'raised',
                    $now->stance() === Stance::Alone => 'alone',
                    $now->stance() === Stance::Dropped => 'dropped',
                    default => 'carried',
                },
        ).
            ' '.
            Text::of($now->isChocked ? 'practice.stands.chocked' : 'practice.stands.free').
            ' '.
            Text::of($now->isRolled ? 'practice.stands.rolled' : 'practice.stands.not_rolled');
    }

    /** @return list<array{string, string}> what a learner is told before anything is read */
    public function told(): array
    {
        $rig = $this->run->exercise->rig->rig;
        $told = $this->run->exercise->told($this->run->situation()->hitch);
        $ball = $told->ballOverCoupler();
        $rating = $told->inPlace()->barRating();
        $lines = [
            'wheelbase' => $this->print->length($rig->vehicle->wheelbase),
            'overhang' => $this->print->length($rig->vehicle->overhang),
            'gross' => $this->print->load($rig->trailer->grossWeight),
            'tongue' => $this->print->about(Load::ofKilograms($told->tongueWeight()->value)),
            'length' => $this->print->length($rig->trailer->ballToAxle),
            'arm' => $this->print->length($rig->hitch->barArm),
            'rating' => $this->print->load($rating),
            'ball' => $ball === null ? Text::of('practice.told.nobody') : $this->print->change($ball->millimetres()),
        ];
        $said = [];
        foreach ($lines as $what => $figure) {
            $said[] = [Text::of("practice.told.{$what}"), $figure];
        }

        return $said;
    }

    public function example(): string
    {
        return $this->print->height(850.9);
    }
}
