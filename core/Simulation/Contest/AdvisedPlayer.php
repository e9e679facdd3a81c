<?php

declare(strict_types=1);

namespace Yoke\Simulation\Contest;

use Yoke\Adjuster\Setting;
use Yoke\Advice\Action;
use Yoke\Advice\Advisor;
use Yoke\Advice\HitchSettings;
use Yoke\Advice\Policy;
use Yoke\Estimation\Estimation;
use Yoke\Estimation\Observation;
use Yoke\Estimation\Observed;
use Yoke\Estimation\ReadingContext;
use Yoke\Method\Band;
use Yoke\Method\Goal;
use Yoke\Rig\Axle;
use Yoke\Statics\Attitude;

/** Follows the advice to the letter: reads alone and dropped a few times, then does what is named. */
final readonly class AdvisedPlayer implements Player
{
    private const READING_MINUTES = 1.0;

    private const MOST_HOOK_UPS = 8;

    /** @param  int  $before  how often alone and dropped are read */
    public function __construct(private int $before = 2, private Policy $policy = new Policy)
    {
    }

    public function play(SampledRig $lot, Reader $reader, Band $band): Finish
    {
        $observations = [];
        for ($i = 0; $i < $this->before; $i++) {
            array_push($observations, ...$this->read($lot, $reader, ReadingContext::alone(), null), ...$this->read($lot, $reader, ReadingContext::dropped(), $lot->truth->dropped()));
        }
        $minutes = 2 * self::READING_MINUTES * ($this->before - 1);
        $advisor = new Advisor(new HitchSettings($lot->adjusters, $lot->adjusters->middle()), new Goal($band), $this->policy);
        $advised = $advisor->advise((new Estimation($lot->told, $observations))->posterior());
        $claims = [];
        $readings = 0;
        while (true) {
            $setting = $advised->forecast->setting;
            if ($advised->action === Action::ReadAgain) {
                $readings++;
                $minutes += self::READING_MINUTES;
            } else {
                $claims[] = [$advised->forecast->chance, $lot->share($setting)];
                $readings = 1;
                $minutes += $advised->forecast->minutes;
            }
            array_push($observations, ...$this->readCarried($lot, $reader, $setting));
            $advised = $advisor->advise((new Estimation($lot->told, $observations))->posterior(), $setting, $readings);
            if ($advised->action === Action::Stop || $advised->action === Action::Cannot || ($advised->action === Action::Set && count($claims) >= self::MOST_HOOK_UPS)) {
                break;
            }
        }
        $shares = array_column($claims, 1);

        return new Finish(count($claims), $minutes, $lot->share($setting), max(0.0, ...$shares), $claims);
    }

    /** @return list<Observation> */
    private function readCarried(SampledRig $lot, Reader $reader, Setting $setting): array
    {
        $tensionOffset = $lot->tensionOffset($setting);

        return $this->read($lot, $reader, ReadingContext::carried($tensionOffset), $lot->truth->carried($lot->tension + $tensionOffset));
    }

    /** @return list<Observation> */
    private function read(SampledRig $lot, Reader $reader, ReadingContext $situation, ?Attitude $attitude): array
    {
        return [
            new Observation($situation, Observed::FrontHeight, $reader->read($lot, Axle::Front, $attitude), $reader->doubt($lot, Axle::Front)),
            new Observation($situation, Observed::RearHeight, $reader->read($lot, Axle::Rear, $attitude), $reader->doubt($lot, Axle::Rear)),
        ];
    }
}
