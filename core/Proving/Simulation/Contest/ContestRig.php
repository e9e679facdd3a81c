<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Job\Shop\ShopRules;
use Yoke\Judgement\Advice\Action;
use Yoke\Judgement\Advice\Advisor;
use Yoke\Judgement\Advice\HitchSettings;
use Yoke\Judgement\Advice\MinutesToGo;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Judgement\Advice\Recommendation;
use Yoke\Judgement\Method\Criterion;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Measuring\Estimation\Estimation;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Proving\Playing\Finish;
use Yoke\Proving\Playing\RigInHand;
use Yoke\Proving\Simulation\RandomSource;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Stance;

/** A rig of the contest under a player's hands: what they wrote down, what that cost, and what was claimed. */
final class ContestRig implements RigInHand
{
    /** Another setting without advice; reading again what stands there anyway. */
    private const BY_HAND_MINUTES = 6.0;

    private readonly HookUps $hookUps;

    private readonly ReadingLog $log;

    private readonly Advisor $advisor;

    private ?Recommendation $advised = null;

    private ?Posterior $posterior = null;

    private float $minutes = 0.0;

    /** Of hook-ups, a minute each: they are no part of what a change costs. */
    private int $firstReadings = 0;

    /** @var list<array{float, float}> */
    private array $claims = [];

    /** @var list<array{float, float}> minutes by then, minutes that were said to go */
    private array $foreseen = [];

    public function __construct(
        private readonly SampledRig $lot,
        RandomSource $random,
        ShopRules $rules,
        private readonly TargetRange $range,
    ) {
        $this->hookUps = new HookUps($lot, $random);
        $this->log = new ReadingLog($lot, new TapeReader($random, $lot));
        $this->advisor = new Advisor(
            new HitchSettings($lot->adjusters, $lot->adjusters->middle()),
            $rules->goal(Criterion::FrontRestoration),
            $rules->stopping,
        );
    }

    public function adjusters(): Adjusters
    {
        return $this->lot->adjusters;
    }

    public function setting(): Setting
    {
        return $this->log->setting() ?? $this->lot->adjusters->middle();
    }

    /** Nobody has hooked it up before. */
    public function tapeAsFound(): void
    {
    }

    public function tape(Stance $stance): void
    {
        $this->firstReadings += $stance === Stance::Carried ? 1 : 0;
        $this->log->read($stance);
    }

    public function tapeFront(Stance $stance): float
    {
        return $this->log->read($stance)['front'];
    }

    public function hookUp(Setting $setting): void
    {
        $truly = $this->hookUps->hookUp($setting);
        $this->log->hookUp($setting, $truly);
        if ($this->advised === null) {
            $this->minutes += $this->hookUps->many() > 1 ? self::BY_HAND_MINUTES : 0.0;
        } else {
            $this->minutes += $this->advised->forecast->minutes;
            $this->claims[] = [$this->advised->forecast->chance, $this->hookUps->share()];
        }
    }

    public function hookUps(): int
    {
        return $this->hookUps->many();
    }

    public function next(): Setting|Recheck|null
    {
        $beforehand = $this->advisor->asksBeforehand($this->log->looked());
        if ($beforehand !== null) {
            return $beforehand;
        }
        $this->posterior = (new Estimation($this->lot->told, $this->log->observations()))->posterior();
        $this->log->suspect($this->posterior);
        $this->advised = $this->advisor->advise($this->posterior, $this->log->setting(), $this->log->looked());
        $toGo = MinutesToGo::of($this->advised, $this->lot->adjusters->stepMinutes());
        if ($toGo !== null) {
            $this->foreseen[] = [$this->minutes + $this->firstReadings, $toGo->mean];
        }

        return match ($this->advised->action) {
            Action::Stop, Action::Cannot => null,
            Action::Set => $this->advised->forecast->setting,
            Action::ReadAgain => $this->advised->look ?? Recheck::Carried,
        };
    }

    public function lookAgain(Recheck $look): void
    {
        $this->minutes += $this->log->setting() === null ? $look->minutesBeforehand() : $look->minutes();
        if ($look === Recheck::Count) {
            $this->hookUps->count();
        }
        $this->log->look($look);
    }

    public function canBeLeft(): bool
    {
        return true;
    }

    public function result(): ContestResult
    {
        return new ContestResult(
            Finish::of($this->hookUps->many(), $this->minutes, $this->hookUps->share(), $this->range),
            $this->hookUps->highest(),
            $this->claims,
            $this->advised?->present?->chance,
            $this->advised === null ? null : $this->log->named(),
            $this->posterior,
            array_map(
                fn (array $one): array => [$one[1], $this->minutes + $this->firstReadings - $one[0]],
                $this->foreseen,
            ),
        );
    }
}
