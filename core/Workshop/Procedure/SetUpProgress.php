<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Parts\Stance;

/** How far a set-up has come: what was measured, which stations are closed, whether the advice says stop. */
final readonly class SetUpProgress
{
    /** What is done with the trailer off, before it is coupled to be measured dropped. */
    private const BEFORE_COUPLING = [
        [NextDeed::SetHead, Station::Head],
        [NextDeed::MeetBrackets, Station::Brackets],
    ];

    private const AFTER_THE_SETTING = [
        [NextDeed::Prove, Station::Prove],
        [NextDeed::SwayControl, Station::Sway],
        [NextDeed::HookUpChecks, Station::HookUp],
        [NextDeed::RoadTest, Station::Road],
    ];

    /**
     * @param  list<Stance>  $measured
     * @param  list<Station>  $closed
     * @param  list<SetUpFact>  $facts  that hold
     */
    public function __construct(
        private ?HitchFamily $family,
        private array $measured,
        private array $closed,
        private array $facts,
    ) {
    }

    public function next(): NextThing
    {
        return match (true) {
            $this->is(SetUpFact::HandedOver) => new NextThing(NextDeed::Nothing, Station::HandOver),
            $this->is(SetUpFact::Unread) => new NextThing(NextDeed::MeasureCarried, Station::BarsUp),
            default => $this->toMeasure() ?? $this->toSettle() ?? $this->toClose(),
        };
    }

    /** The stance that is missing, or what is done before it. */
    private function toMeasure(): ?NextThing
    {
        $missing = array_values(array_filter($this->stances(), fn (Stance $stance): bool => ! $this->has($stance)));

        return match ($missing[0] ?? null) {
            null => null,
            Stance::Alone => $this->measured === [Stance::Carried] && ! $this->is(SetUpFact::ArrivedCoupled)
                ? new NextThing(NextDeed::TakeTensionOff, Station::Dropped)
                : new NextThing(NextDeed::MeasureAlone, Station::Alone),
            Stance::Dropped => $this->is(SetUpFact::ArrivedCoupled) || $this->has(Stance::Carried)
                ? new NextThing(NextDeed::MeasureDropped, Station::Dropped)
                : $this->beforeCoupling() ?? new NextThing(NextDeed::MeasureDropped, Station::Dropped),
            Stance::Carried => $this->is(SetUpFact::ArrivedCoupled)
                ? new NextThing(NextDeed::MeasureCarried, Station::BarsUp)
                : new NextThing(NextDeed::HookUp, Station::BarsUp),
        };
    }

    private function beforeCoupling(): ?NextThing
    {
        return $this->firstOpen(self::BEFORE_COUPLING);
    }

    private function toSettle(): ?NextThing
    {
        return $this->is(SetUpFact::Settled) || ! $this->has(Stance::Carried)
            ? null
            : new NextThing(NextDeed::Move, Station::BarsUp);
    }

    private function toClose(): NextThing
    {
        return $this->firstOpen(self::AFTER_THE_SETTING) ?? new NextThing(NextDeed::HandOver, Station::HandOver);
    }

    /** @param  list<array{NextDeed, Station}>  $deeds */
    private function firstOpen(array $deeds): ?NextThing
    {
        foreach ($deeds as [$deed, $station]) {
            if (in_array($station, $this->stations(), true) && ! in_array($station, $this->closed, true)) {
                return new NextThing($deed, $station);
            }
        }

        return null;
    }

    /** @return list<Stance> in the order in which they are measured */
    private function stances(): array
    {
        return array_values(
            array_filter(
                $this->is(SetUpFact::ArrivedCoupled)
                    ? [Stance::Carried, Stance::Dropped, Stance::Alone]
                    : [Stance::Alone, Stance::Dropped, Stance::Carried],
                fn (Stance $stance): bool => in_array(Station::of($stance), $this->stations(), true),
            ),
        );
    }

    /** @return non-empty-list<Station> */
    private function stations(): array
    {
        return Station::along($this->family);
    }

    private function is(SetUpFact $fact): bool
    {
        return in_array($fact, $this->facts, true);
    }

    private function has(Stance $stance): bool
    {
        return in_array($stance, $this->measured, true);
    }
}
