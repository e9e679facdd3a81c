<?php

declare(strict_types=1);

namespace App\Screens\Owner;

use App\Models\CardLink;
use App\Screens\Card\CardPage;
use App\Screens\Service\CareLine;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Service\RigCare;
use App\Words\GaugeWords;
use App\Words\TripWords;
use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Workshop\Trip\HeightCheck;
use Yoke\Workshop\Trip\HeightFinding;
use Yoke\Workshop\Trip\TripEntry;
use Yoke\Workshop\Trip\TripTable;

/** What an owner has in hand on the road: today's load, a check of two heights, the card, the procedures. */
final readonly class OwnerPage
{
    public CardPage $card;

    /** @var list<Stepper> */
    public array $steppers;

    private TripWords $words;

    /**
     * @param  array<string, string>  $typed  by stepper; `front` and `rear` the heights, as changes from the card, mm
     */
    public function __construct(
        private AnalysedJob $job,
        public CardLink $link,
        public ?TripTable $table,
        private array $typed,
    ) {
        $this->card = new CardPage($job, $link->reader());
        $this->words = new TripWords($job->described, $link->reader());
        $steppers = [];
        foreach ($table->grid->axes ?? [] as $axis) {
            $steppers[] = new Stepper($axis, trim($typed[$axis->key] ?? ''), $this->card->plan->print);
        }
        $this->steppers = $steppers;
    }

    /** Null where a load was chosen that nobody worked out, and without a table. */
    public function answer(): ?TripEntry
    {
        $load = [];
        foreach ($this->steppers as $stepper) {
            $value = $stepper->value();
            if ($value === null) {
                return null;
            }
            $load[$stepper->axis->key] = $value;
        }

        return $this->table?->answer($load);
    }

    /** @return array{tone: string, headline: string, sentences: list<string>} */
    public function said(TripEntry $entry): array
    {
        return [
            'tone' => TripWords::tone($entry),
            'headline' => $this->words->headline($entry),
            'sentences' => $this->words->sentences($entry),
        ];
    }

    /** @return array<string, string> what the gauge may show bars off, and today's target; none without a gauge */
    public function gauge(): array
    {
        return $this->gaugeWords()?->today() ?? [];
    }

    /** What was chosen of it, else what it showed when the card was worked out; an empty text without a gauge. */
    public function gaugeShows(): string
    {
        $chosen = $this->typed['gauge'] ?? '';

        return isset($this->gauge()[$chosen]) ? $chosen : $this->gaugeWords()?->usual() ?? '';
    }

    private function gaugeWords(): ?GaugeWords
    {
        return $this->job->adjusters?->turnedLoaded() === null
            ? null
            : new GaugeWords($this->job->analysis()->gauge(), $this->job->rig, $this->link->reader());
    }

    /** Whether both carried heights stand on the card. */
    public function hasHeights(): bool
    {
        return $this->carried(Axle::Front) !== null && $this->carried(Axle::Rear) !== null;
    }

    /** @return array<array-key, string> heights about the card's, by their change from it in mm */
    public function heights(Axle $axle): array
    {
        $carried = $this->carried($axle);
        $heights = [];
        $step = $this->link->reader()->fineness->step()->millimetres();
        $many = (int) floor(HeightCheck::FARTHEST_MM / $step);
        for ($i = -$many; $carried !== null && $i <= $many; $i++) {
            $heights[(string) round($i * $step, 4)] = $this->card->plan->print->length(
                $carried->plus(Length::ofMillimetres($i * $step)),
            );
        }

        return $heights;
    }

    /** What was chosen of them, or the card's own. */
    public function height(Axle $axle): string
    {
        return $this->typed[$axle->value] ?? '0';
    }

    /** Null until both heights were sent. */
    public function finding(): ?HeightFinding
    {
        $answer = $this->answer();
        [$front, $rear] = [$this->typed['front'] ?? '', $this->typed['rear'] ?? ''];

        return $answer === null || ! is_numeric($front) || ! is_numeric($rear)
            ? null
            : (new HeightCheck($answer))->finding((float) $front, (float) $rear);
    }

    /** @return list<CareLine> what falls due, the first first */
    public function due(): array
    {
        return CareLine::of(new RigCare($this->job->job->rig), $this->link->reader());
    }

    /**
     * All that the page needs to answer without a connection: places and comparisons, no rule.
     *
     * @return array<string, mixed>
     */
    public function payload(): array
    {
        if ($this->table === null) {
            return [];
        }
        [$said, $entries, $care] = [[], [], $this->table->care()];
        foreach ($this->table->entries as $place => $entry) {
            $words = $this->said($entry);
            $key = json_encode($words, JSON_THROW_ON_ERROR);
            $said[$key] ??= ['place' => count($said), 'words' => $words];
            $check = new HeightCheck($entry);
            $entries[] = [
                $said[$key]['place'],
                $care[$place],
                ...array_map(static fn (float $bound): float => round($bound, 2), [
                    $check->front()->low,
                    $check->front()->high,
                    $check->rear()->low,
                    $check->rear()->high,
                ]),
            ];
        }

        return [
            'axes' => array_map(
                static fn (Stepper $stepper): array => [
                    'key' => $stepper->axis->key,
                    'levels' => $stepper->axis->levels,
                ],
                $this->steppers,
            ),
            'said' => array_column($said, 'words'),
            'entries' => $entries,
            'findings' => array_map(
                static fn (int $front): array => array_map(
                    static fn (int $rear): string => TripWords::heights(HeightFinding::of($front, $rear)),
                    [-1, 0, 1],
                ),
                [-1, 0, 1],
            ),
        ];
    }

    /** Another one as soon as the page would say anything else. */
    public function version(): string
    {
        return hash('xxh128', serialize([$this->payload(), view('card.body', ['page' => $this->card])->render()]));
    }

    private function carried(Axle $axle): ?Length
    {
        return $this->card->reading(Stance::Carried, $axle);
    }
}
