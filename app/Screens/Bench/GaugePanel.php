<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\MeasureKind;
use App\Models\User;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\FamilyWords;
use App\Words\GaugeWords;
use App\Words\QuantityWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Analysis\GaugeTarget;
use Yoke\Judgement\Advice\TensionDirection;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;

/** The gauge in the head: what it is to show, what it shows, and what is next. */
final readonly class GaugePanel
{
    private GaugeTarget $target;

    public GaugeWords $words;

    private QuantityWords $print;

    private AdvicePage $advice;

    public function __construct(private AnalysedJob $analysed, User $person, private ?Stance $stance)
    {
        $this->advice = new AdvicePage($analysed, $person);
        $this->target = $analysed->analysis()->gauge();
        $this->words = new GaugeWords($this->target, $analysed->rig, $person);
        $this->print = new QuantityWords($person);
    }

    public function isCarried(): bool
    {
        return $this->stance === Stance::Carried;
    }

    /** The maker's own figure as it stands on the specification; an empty text where it gives none. */
    public function makers(): string
    {
        return $this->target->isMakers()
            ? $this->print->load($this->analysed->worked->values(RigPart::Hitch)->load('maker_ball_load_kg'))
            : '';
    }

    /** That the maker's figure was given for another load, and is asked for anew; an empty text where it was not. */
    public function askedAnew(): string
    {
        $other = $this->analysed->worked->makersOfAnotherLoad();

        return $other === null ? '' : $this->words->anotherLoad($other);
    }

    /** What was read at the round that is on, as it was typed. */
    public function shown(): string
    {
        return $this->stance === null
            ? ''
            : $this->analysed->job->measure(
                $this->stance,
                $this->analysed->job->roundOf($this->stance),
                MeasureKind::BallLoad,
            )->typed ?? '';
    }

    /** What the reading means: the tongue weight bars off, the share and the next move bars on. */
    public function says(): string
    {
        return match (true) {
            ! $this->isRead($this->stance) => '',
            $this->isCarried() => $this->carried(),
            default => Text::of('gauge.tongue', [
                'tongue' => $this->words->tongue(),
                'target' => $this->words->target(),
            ]),
        };
    }

    private function carried(): string
    {
        $verdict = $this->analysed->verdict();

        return $verdict === null
            ? ''
            : Text::of('gauge.restored', ['share' => VerdictWords::share($verdict->share), 'move' => $this->move()]);
    }

    /** The job's own next move; in turns of the screw where nobody counts which setting is on. */
    private function move(): string
    {
        $family = $this->analysed->described->sheets->family();
        $advised = $this->analysed->recommendation();
        $turns = $this->target->stepsToGo($this->analysed->adjusters?->turnedLoaded()->pitch ?? 1.0) ?? 0.0;

        return match (true) {
            $advised !== null || $family === null => $this->advice->move(),
            $this->analysed->analysis()->tension()->direction === TensionDirection::None => Text::of('gauge.at_target'),
            default => Text::of($turns > 0.0 ? 'gauge.tighter' : 'gauge.looser', [
                'turns' => (new FamilyWords($family))->count('turn', $turns),
            ]),
        };
    }

    /** @return list<string> what does not go together, in sentences */
    public function cautions(): array
    {
        $off = $this->read(Stance::Dropped);
        $on = $this->read(Stance::Carried);
        $isLess = $off !== null && $on?->isLessThan($off) === true;

        return [
            ...$this->words->cautions($this->analysed->described->inPlace()->barRating()),
            ...$isLess
                ? [Text::of('gauge.less_loaded', ['on' => $this->print->load($on), 'off' => $this->print->load($off)])]
                : [],
        ];
    }

    private function isRead(?Stance $stance): bool
    {
        return $stance !== null && $this->read($stance) !== null;
    }

    private function read(Stance $stance): ?Load
    {
        $value = $this->analysed->job->measure($stance, $this->analysed->job->roundOf($stance), MeasureKind::BallLoad)
            ?->value;

        return $value === null ? null : Load::ofKilograms($value);
    }
}
