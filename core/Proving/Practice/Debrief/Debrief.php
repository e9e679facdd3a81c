<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Debrief;

use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Coach\CoachMode;
use Yoke\Proving\Practice\Exercise\Exercise;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Players\YardRig;
use Yoke\Proving\Practice\Run\Belief;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** A run that is over, beside the truth, and beside what others would have made of the same rig with the same noise. */
final class Debrief
{
    public readonly RunResult $result;

    public readonly RunResult $advised;

    public readonly RunResult $oneStep;

    public readonly Points $points;

    /** @var list<FaultReview> */
    public readonly array $faults;

    /** @var list<KnownThen>|null */
    private ?array $known = null;

    /** @param  Fineness  $tape  that was read */
    public function __construct(public readonly Run $run, private readonly CoachMode $coach, Fineness $tape)
    {
        $this->result = RunResult::of($run);
        $this->advised = RunResult::of(YardRig::advised($run->exercise, $tape));
        $this->oneStep = RunResult::of(YardRig::oneStep($run->exercise, $tape));
        $this->points = Points::of($run, $coach, $this->advised->finish->minutes);
        $this->faults = array_map(
            static fn (Fault $fault): FaultReview => FaultReview::of($run, $fault),
            $run->exercise->faults,
        );
    }

    public function exercise(): Exercise
    {
        return $this->run->exercise;
    }

    /** @return list<Lesson> */
    public function lessons(): array
    {
        return (new Lessons($this->run, $this->coach, $this->advised, $this->faults))->all();
    }

    /** @return list<KnownThen> once for each time that both ends were taped carried */
    public function known(): array
    {
        return $this->known ??= $this->knownThen();
    }

    /** What was known last; null where nothing was taped carried. */
    public function believed(): ?KnownThen
    {
        $known = $this->known();

        return $known[count($known) - 1] ?? null;
    }

    /** @return list<KnownThen> */
    private function knownThen(): array
    {
        $known = [];
        $then = new Run($this->run->exercise);
        $ends = [];
        foreach ($this->run->done() as $i => $done) {
            if ($done->breach !== null) {
                break;
            }
            $then->do($done->act);
            $isCarried = $done->act->kind === ActKind::Tape && $then->situation()->stance() === Stance::Carried;
            $ends = $isCarried && $done->act->axle !== null ? [...$ends, $done->act->axle->value => true] : [];
            $verdict = count($ends) === count(Axle::cases()) ? (new Belief($then))->analysis()->verdict() : null;
            if ($verdict !== null) {
                $known[] = new KnownThen(
                    $i + 1,
                    count($then->hookUps()),
                    $then->situation()->hitch,
                    $verdict->share,
                    $verdict->verdict,
                    $then->share(),
                );
            }
        }

        return $known;
    }
}
