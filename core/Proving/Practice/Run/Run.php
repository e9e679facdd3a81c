<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Run;

use Yoke\Proving\Practice\Act\Act;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Act\Exception\ImpossibleAct;
use Yoke\Proving\Practice\Act\Refusal;
use Yoke\Proving\Practice\Act\SafetyViolation;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\HitchPlace;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Exercise\Situation;
use Yoke\Proving\Practice\Reading\TakenHeight;
use Yoke\Proving\Practice\Reading\TakenReadings;
use Yoke\Proving\Practice\Reading\TakenWeight;
use Yoke\Proving\Practice\Tape\Eye;
use Yoke\Proving\Practice\Tape\TapePicture;
use Yoke\Rig\Parts\Axle;

/** One exercise as it is played: the list of its acts, and what came of each. The same acts always come to the same. */
final class Run
{
    private Situation $now;

    private readonly Instruments $instruments;

    /** @var list<Done> */
    private array $done = [];

    private readonly TakenReadings $readings;

    /** @var list<HitchPlace> as the bars were put on, one after the other */
    private array $hookUps = [];

    /** @var list<Fault> that somebody saw, or put right */
    private array $found = [];

    private readonly Standings $standings;

    private float $minutes = 0.0;

    private ?SafetyViolation $breach = null;

    private bool $isOver = false;

    public function __construct(public readonly Exercise $exercise)
    {
        $this->now = Situation::atFirst($exercise);
        $this->instruments = new Instruments($exercise);
        $this->readings = new TakenReadings();
        $this->standings = new Standings();
        $this->hookUps = $this->now->isHooked ? [$this->now->hitch] : [];
        $this->standings->comes($this->now);
    }

    /**
     * @param  iterable<Act>  $acts
     *
     * @throws ImpossibleAct when one of them cannot be done
     */
    public static function replayed(Exercise $exercise, iterable $acts): self
    {
        $run = new self($exercise);
        foreach ($acts as $act) {
            $run->do($act);
        }

        return $run;
    }

    /** @throws ImpossibleAct when it cannot be done as things stand: nothing happens then */
    public function do(Act $act): Done
    {
        if ($this->isOver) {
            throw ImpossibleAct::refused(Refusal::Over);
        }
        $rules = new YardRules($this->exercise, $this->now);
        $refusal = $rules->refusal($act);
        if ($refusal !== null) {
            throw ImpossibleAct::refused($refusal);
        }
        $breach = $rules->breach($act, $act->kind === ActKind::DriveOff ? $this->share() : 0.0);
        $done = $breach === null ? $this->carriedOut($act) : new Done($act, 0.0, breach: $breach);
        $this->breach = $breach;
        $this->isOver = $breach !== null || $act->kind === ActKind::DriveOff;
        $this->minutes += $done->minutes;

        return $this->done[] = $done;
    }

    public function situation(): Situation
    {
        return $this->now;
    }

    /** Which coming to stand this is, counted up. */
    public function standing(): int
    {
        return $this->standings->count();
    }

    /** @return list<Done> */
    public function done(): array
    {
        return $this->done;
    }

    /** @return list<TakenHeight> of an edge read twice without the rig being moved the later one */
    public function heights(): array
    {
        return $this->readings->heights();
    }

    /** @return array<string, float> the mean of the heights alone that count, by axle, mm */
    public function aloneHeights(): array
    {
        return $this->readings->alone();
    }

    /** @return list<TakenWeight> */
    public function weights(): array
    {
        return $this->readings->weights();
    }

    /** @return list<HitchPlace> */
    public function hookUps(): array
    {
        return $this->hookUps;
    }

    /** @return list<Fault> that were seen or put right */
    public function found(): array
    {
        return $this->found;
    }

    public function minutes(): float
    {
        return $this->minutes;
    }

    public function hints(): int
    {
        return count(array_filter($this->done, static fn (Done $done): bool => $done->act->kind === ActKind::Hint));
    }

    public function breach(): ?SafetyViolation
    {
        return $this->breach;
    }

    public function isOver(): bool
    {
        return $this->isOver;
    }

    /** What the hitch truly restores on the road as it is: 0 with the bars off. */
    public function share(): float
    {
        return $this->now->isHooked ? $this->exercise->hidden->share($this->now->hitch, $this->now->faults) : 0.0;
    }

    /** The tape at an edge as it stands now. */
    public function tape(Axle $axle, Eye $eye): TapePicture
    {
        return $this->instruments->tape($this->now, $axle, $eye, $this->standings->times($this->now));
    }

    /** Whether an edge can be taped as the rig stands: not while the jack holds the pair up. */
    public function canTape(): bool
    {
        return ! $this->isOver && ! $this->now->isRaised;
    }

    private function carriedOut(Act $act): Done
    {
        return match ($act->kind) {
            ActKind::Tape => $this->taped($act),
            ActKind::Weigh, ActKind::WeighTongue, ActKind::Gauge => $this->weighed($act),
            ActKind::Look => $this->looked($act),
            ActKind::PutRight => $this->putRight($act),
            ActKind::Set, ActKind::TurnShank => $this->set($act),
            default => $this->moved($act),
        };
    }

    private function taped(Act $act): Done
    {
        $axle = $act->axle ?? Axle::Front;
        $picture = $this->tape($axle, $act->eye);
        $height = TakenHeight::of(
            $act,
            $this->now,
            $this->onHookUp(),
            $this->standings->count(),
            $picture,
            $this->instruments->rest($this->now, $axle),
        );
        $this->readings->takeHeight($height);

        return new Done($act, $act->kind->minutes(), height: $height);
    }

    private function weighed(Act $act): Done
    {
        $time = $this->standings->times($this->now);
        $shown = match ($act->kind) {
            ActKind::Weigh => $this->instruments->weigh($this->now, $time),
            ActKind::WeighTongue => $this->instruments->tongue($this->now, $time),
            default => $this->instruments->gauge($this->now, $time),
        };
        $weight = $shown->ofHookUp($this->onHookUp());
        $this->readings->takeWeight($weight);

        return new Done($act, $act->kind->minutes(), weight: $weight);
    }

    private function looked(Act $act): Done
    {
        $sight = (new Looking($this->exercise, $this->now))->at($act->place ?? Place::Coupler);
        $this->found = [
            ...$this->found,
            ...array_values(
                array_filter($sight->faults, fn (Fault $fault): bool => ! in_array($fault, $this->found, true)),
            ),
        ];

        return new Done($act, $act->kind->minutes(), sight: $sight);
    }

    private function putRight(Act $act): Done
    {
        $minutes = $act->remedy?->minutes() ?? 0.0;
        foreach ($this->now->faults as $fault) {
            if ($fault->remedy() === $act->remedy && $fault->isThereIn($this->now->stance())) {
                $this->now = $this->now->without($fault);
                $this->found = in_array($fault, $this->found, true) ? $this->found : [...$this->found, $fault];
                $this->readings->spoil($fault);
                $this->standings->comes($this->now);

                return new Done($act, $minutes, putRight: $fault);
            }
        }

        return new Done($act, $minutes);
    }

    private function set(Act $act): Done
    {
        $work = new HitchWork($this->exercise, $this->now);
        $this->now = $this->now->with(
            $act->kind === ActKind::TurnShank ? $work->turnShank() : $work->set($act->adjuster, $act->step),
        );
        if ($this->now->isHooked) {
            $this->hookUps[] = $this->now->hitch;
            $this->standings->comes($this->now);
        }

        return new Done($act, $work->minutes($act));
    }

    private function moved(Act $act): Done
    {
        $now = $this->now;
        $this->now = match ($act->kind) {
            ActKind::Roll => $now->rolled(),
            ActKind::Chock => $now->chocked(),
            ActKind::TakeChocks => $now->unchocked(),
            ActKind::Couple => $now->coupled(),
            ActKind::Uncouple => $now->uncoupled(),
            ActKind::RaisePair => $now->raised(),
            ActKind::LowerPair => $now->lowered(),
            ActKind::BarsOn => $now->hooked(),
            ActKind::BarsOff => $now->unhooked(),
            default => $now,
        };
        if (
            $act->kind === ActKind::BarsOn &&
            ($this->hookUps === [] || $this->hookUps[count($this->hookUps) - 1]->key() !== $now->hitch->key())
        ) {
            $this->hookUps[] = $now->hitch;
        }
        if (! in_array($act->kind, [ActKind::Chock, ActKind::TakeChocks, ActKind::Hint, ActKind::DriveOff], true)) {
            $this->standings->comes($this->now);
        }

        return new Done($act, $act->kind->minutes());
    }

    /** The hook-up that is on, from 1; 0 where none is. */
    private function onHookUp(): int
    {
        return $this->now->isHooked ? count($this->hookUps) : 0;
    }
}
