<?php

declare(strict_types=1);

namespace Yoke\Proving\Simulation\Contest;

use Yoke\Foundation\Units\Length;
use Yoke\Job\Record\HeightTaken;
use Yoke\Job\Record\HistoryMapper;
use Yoke\Job\Record\HookUpRecord;
use Yoke\Job\Record\ReadingHistory;
use Yoke\Job\Record\SettingOffsets;
use Yoke\Job\Shop\ShopRules;
use Yoke\Judgement\Advice\Recheck;
use Yoke\Judgement\Advice\RecheckLog;
use Yoke\Measuring\Estimation\Posterior;
use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Readings\Height\HeightDoubt;
use Yoke\Measuring\Readings\Height\SetBy;
use Yoke\Measuring\Readings\Height\Settling;
use Yoke\Measuring\Readings\ObservationMapper;
use Yoke\Proving\Simulation\World\LastingTrouble;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;

/** What a player of the contest writes down: every reading with its stance and setting, as they believe it to be. */
final class ReadingLog
{
    private const OBSERVED = ['front' => Observed::FrontHeight, 'rear' => Observed::RearHeight];

    /** How one cause that touches several readings is named, by trouble. */
    private const NAMES = [
        'jack' => [ReadingError::OnTheJack],
        'dip' => [ReadingError::OffThePlane, ReadingError::OtherSide],
        'other-side' => [ReadingError::OtherSide, ReadingError::OffThePlane],
        'tyres' => [ReadingError::OtherSide, ReadingError::OffThePlane],
        'reversed' => [ReadingError::Reversed],
        'swapped' => [ReadingError::Swapped],
        'creep' => [ReadingError::Wander],
    ];

    /** @var list<array{Stance, int, Axle, float}> stance, hook-up, axle, height */
    private array $readings = [];

    /**
     * @var list<array{Setting, Setting, bool}> of each hook-up: as written down, as it truly is, whether it was counted
     *     again
     */
    private array $hookUps = [];

    private bool $hasNamed = false;

    private readonly HeightDoubt $doubt;

    private readonly ObservationMapper $mapper;

    private readonly SettingOffsets $offsets;

    public function __construct(private readonly SampledRig $lot, private readonly TapeReader $tape)
    {
        $this->doubt = ShopRules::usual()->heights;
        $this->mapper = new ObservationMapper(ShopRules::usual()->priors, 0.0);
        $this->offsets = new SettingOffsets(
            $lot->adjusters,
            $lot->adjusters->middle(),
            $lot->told->known()->barArm,
        );
    }

    /** @return array{front: float, rear: float} heights, mm */
    public function read(Stance $stance): array
    {
        $hookUp = $stance === Stance::Carried ? count($this->hookUps) : 1;
        $truly = $stance === Stance::Carried ? $this->hookUps[$hookUp - 1][1] : null;
        $heights = $this->tape->read($stance, $truly);
        foreach ($heights as $axle => $height) {
            $this->readings[] = [$stance, $hookUp, Axle::from($axle), $height];
        }

        return $heights;
    }

    /** @param  Setting  $truly  what is on, which nobody sees */
    public function hookUp(Setting $meant, Setting $truly): void
    {
        $this->hookUps[] = [$meant, $truly, false];
    }

    public function look(Recheck $look): void
    {
        $stance = $look->stance();
        if ($stance === null) {
            [$meant, $truly] = $this->hookUps[count($this->hookUps) - 1];
            $this->hasNamed = $this->hasNamed || ! $meant->equals($truly);
            $this->hookUps[count($this->hookUps) - 1] = [$truly, $truly, true];
        } else {
            $this->read($stance);
        }
    }

    /** The setting that is on, as it is written down; null before the first hook-up. */
    public function setting(): ?Setting
    {
        return $this->hookUps === [] ? null : $this->hookUps[count($this->hookUps) - 1][0];
    }

    /** How often the hook-up that is on was read. */
    public function carried(): int
    {
        return count(
            array_filter(
                $this->readings,
                fn (array $reading): bool => $reading[0] === Stance::Carried &&
                    $reading[1] === count($this->hookUps) &&
                    $reading[2] === Axle::Front,
            ),
        );
    }

    public function looked(): RecheckLog
    {
        return RecheckLog::in($this->observations(), count($this->hookUps), $this->carried());
    }

    /** @return list<Observation> */
    public function observations(): array
    {
        return (new HistoryMapper(
            $this->history(),
            $this->mapper,
            $this->offsets,
            $this->lot->told->known()->wheelbase,
        ))->observations();
    }

    private function history(): ReadingHistory
    {
        $setBy = $this->lot->mishaps->isLevered ? SetBy::Lever : SetBy::Jack;
        [$records, $heights] = [[], []];
        foreach ($this->readings as $i => [$stance, $hookUp, $axle, $height]) {
            // Both fenders are read without the rig being moved.
            $round = intdiv($i, 2) + 1;
            if ($stance === Stance::Carried) {
                [$meant, , $isCounted] = $this->hookUps[$hookUp - 1];
                $record = HookUpRecord::of($round, $hookUp, $meant, $setBy);
                $records[] = $isCounted ? $record->counted() : $record;
            }
            $reading = $this->doubt->reading(
                Length::ofMillimetres($height),
                $this->lot->truth->springs[$axle->value],
                Settling::Rolled,
            );
            $heights[] = new HeightTaken(
                $stance,
                $round,
                $axle,
                $reading,
                "reading {$i}",
                hours: $round * LastingTrouble::READING_HOURS,
            );
        }

        return new ReadingHistory($records, $heights);
    }

    /** Takes note of whether what went wrong is suspected. */
    public function suspect(Posterior $posterior): void
    {
        $trouble = $this->lot->mishaps->trouble;
        foreach ($posterior->suspects as $suspect) {
            $observation = $suspect->observation();
            $this->hasNamed =
                $this->hasNamed ||
                ($trouble->is('miscount') && $suspect->hookUp === 1) ||
                in_array($suspect->error, self::NAMES[$trouble->kind] ?? [], true) ||
                ($trouble->is('slip') &&
                    $observation !== null &&
                    $observation->context->stance === $trouble->stance &&
                    $trouble->axle !== null &&
                    $observation->observed === self::OBSERVED[$trouble->axle->value]);
        }
    }

    /** Whether what went wrong was named at any time; null where nothing does that readings could show. */
    public function named(): ?bool
    {
        $trouble = $this->lot->mishaps->trouble;

        return $trouble->is('miscount') || $trouble->is('slip') || isset(self::NAMES[$trouble->kind])
            ? $this->hasNamed
            : null;
    }
}
