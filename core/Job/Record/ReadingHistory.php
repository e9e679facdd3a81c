<?php

declare(strict_types=1);

namespace Yoke\Job\Record;

use Yoke\Measuring\Estimation\Reading\Observed;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Rig\Parts\Stance;

/**
 * What was read of a rig, in every stance and at every hook-up. A bench, a file, the HTTP interface, practice and a
 * contest only
 * fill it; what it says is read in one place (HistoryMapper), the same whoever filled it and in whatever order.
 */
final readonly class ReadingHistory
{
    /** @var array<int, HookUpRecord> by carried round */
    private array $hookUps;

    /** @var list<HeightTaken> by stance, round and axle */
    public array $heights;

    /** @var list<MeasureTaken> by stance, round and what was observed */
    public array $measures;

    /** @var list<TicketTaken> by stance and round, as they were weighed */
    public array $tickets;

    /**
     * @param  list<HookUpRecord>  $hookUps  carried rounds
     * @param  list<HeightTaken>  $heights
     * @param  list<MeasureTaken>  $measures
     * @param  list<TicketTaken>  $tickets
     * @param  list<TongueTaken>  $tongueWeights
     */
    public function __construct(
        array $hookUps,
        array $heights,
        array $measures = [],
        array $tickets = [],
        public array $tongueWeights = [],
    ) {
        $this->hookUps = array_column(
            array_map(static fn (HookUpRecord $one): array => [$one->round, $one], $hookUps),
            1,
            0,
        );
        $this->heights = self::sorted(
            $heights,
            static fn (HeightTaken $one): array => [self::place($one->stance), $one->round, $one->axle->value],
        );
        $this->measures = self::sorted(
            $measures,
            static fn (MeasureTaken $one): array => [self::place($one->stance), $one->round, $one->observed->name],
        );
        $this->tickets = self::sorted(
            $tickets,
            static fn (TicketTaken $one): array => [self::place($one->ticket->stance), $one->round],
        );
    }

    /** Of each stance and fender the height that was read last. */
    public function latestHeights(): StanceHeights
    {
        $latest = StanceHeights::none();
        foreach ($this->heights as $taken) {
            $latest = $latest->with($taken->stance, $taken->axle, $taken->reading);
        }

        return $latest;
    }

    public function withTicket(TicketTaken $ticket): self
    {
        return new self(
            array_values($this->hookUps),
            $this->heights,
            $this->measures,
            [...$this->tickets, $ticket],
            $this->tongueWeights,
        );
    }

    /** Null of a carried round that nobody wrote anything down of. */
    public function hookUp(int $round): ?HookUpRecord
    {
        return $this->hookUps[$round] ?? null;
    }

    /** @return list<int> the carried rounds that anything was read in, from the first */
    public function carriedRounds(): array
    {
        $rounds = [];
        foreach ([...$this->heights, ...$this->measures] as $taken) {
            $rounds += $taken->stance === Stance::Carried ? [$taken->round => true] : [];
        }
        foreach ($this->tickets as $taken) {
            $rounds += $taken->ticket->stance === Stance::Carried ? [$taken->round => true] : [];
        }
        ksort($rounds);

        return array_keys($rounds);
    }

    /** A vehicle's own angle alone, as the same level reads it there last, degrees; null where nobody looked. */
    public function vehicleAngleAlone(): ?float
    {
        $alone = array_values(
            array_filter(
                $this->measures,
                static fn (MeasureTaken $one): bool => $one->stance === Stance::Alone &&
                    $one->observed === Observed::VehicleRise,
            ),
        );

        return $alone === [] ? null : $alone[count($alone) - 1]->value;
    }

    private static function place(Stance $stance): int
    {
        return (int) array_search($stance, Stance::cases(), true);
    }

    /**
     * @template T of object
     *
     * @param  list<T>  $taken
     * @param  \Closure(T): list<int|string>  $by
     * @return list<T>
     */
    private static function sorted(array $taken, \Closure $by): array
    {
        usort($taken, static fn (object $one, object $other): int => $by($one) <=> $by($other));

        return $taken;
    }
}
