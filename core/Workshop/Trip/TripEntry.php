<?php

declare(strict_types=1);

namespace Yoke\Workshop\Trip;

use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Judgement\Ratings\RatedPart;
use Yoke\Mechanics\Loading\TongueShare;
use Yoke\Rig\Parts\Stance;

/**
 * What is answered for one load.
 *
 * @phpstan-type OutsideRow array{part: string, stance: string|null, carries: float, may: float, least: bool, axle: int,
 *     axles: int}
 * @phpstan-type EntryRow array{outcome: string, steps: array<string, float>, tension: float, chance: float|null,
 *     share: float|null, tongue: float, front: float, rear: float, outside: list<OutsideRow>}
 */
final readonly class TripEntry
{
    /**
     * @param  array<string, float>  $steps  of the setting to tow at; empty where none is
     * @param  float  $tension  of it over the one that is on, mm
     * @param  float|null  $chance  to be in range there, 0 to 1; null without bars
     * @param  float|null  $share  of the front axle load restored there; null without bars
     * @param  TongueShare  $tongue  of the gross weight
     * @param  float  $front  how much higher the front fender stands than at the set-up, mm
     * @param  float  $rear  as front
     * @param  list<RatedLoad>  $outside  what is outside its rating
     */
    public function __construct(
        public TripOutcome $outcome,
        public array $steps,
        public float $tension,
        public ?float $chance,
        public ?float $share,
        public TongueShare $tongue,
        public float $front,
        public float $rear,
        public array $outside,
    ) {
    }

    /**
     * Before another entry in how much care it asks: what must not be towed, what is outside, too light a tongue, then
     * the
     * looser setting, then the smaller chance. Above 0 where this one is the safer answer.
     */
    public function compare(self $other): int
    {
        return $this->care() <=> $other->care();
    }

    /** @return list<float|int> */
    private function care(): array
    {
        return [
            $this->outcome->isInOrder() ? 0 : 1,
            count($this->outside),
            $this->tongue->isUsual() ? 0 : 1,
            -round($this->tension, 6),
            -round($this->chance ?? 1.0, 6),
        ];
    }

    /** @return EntryRow */
    public function toArray(): array
    {
        return [
            'outcome' => $this->outcome->value,
            'steps' => $this->steps,
            'tension' => $this->tension,
            'chance' => $this->chance,
            'share' => $this->share,
            'tongue' => $this->tongue->share,
            'front' => $this->front,
            'rear' => $this->rear,
            'outside' => array_map(
                static fn (RatedLoad $line): array => [
                    'part' => $line->part->value,
                    'stance' => $line->stance?->value,
                    'carries' => $line->carries->kilograms(),
                    'may' => $line->may?->kilograms() ?? 0.0,
                    'least' => $line->isLeast(),
                    'axle' => $line->axle,
                    'axles' => $line->axles,
                ],
                $this->outside,
            ),
        ];
    }

    /** @param  EntryRow  $kept */
    public static function ofArray(array $kept): self
    {
        return new self(
            TripOutcome::from($kept['outcome']),
            array_map(static fn (float|int $step): float => (float) $step, $kept['steps']),
            $kept['tension'],
            $kept['chance'],
            $kept['share'],
            new TongueShare($kept['tongue']),
            $kept['front'],
            $kept['rear'],
            array_map(self::line(...), $kept['outside']),
        );
    }

    /** @param  OutsideRow  $row */
    private static function line(array $row): RatedLoad
    {
        [$part, $stance] = [
            RatedPart::from($row['part']),
            $row['stance'] === null ? null : Stance::from($row['stance']),
        ];
        [$carries, $may] = [Load::ofKilograms($row['carries']), Load::ofKilograms($row['may'])];
        $line = $row['least']
            ? RatedLoad::atLeast($part, $stance, $carries, $may, '')
            : RatedLoad::atMost($part, $stance, $carries, $may, '');

        return $row['axle'] === 0 ? $line : $line->ofAxle($row['axle'], $row['axles']);
    }
}
