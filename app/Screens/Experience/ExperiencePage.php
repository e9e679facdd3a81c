<?php

declare(strict_types=1);

namespace App\Screens\Experience;

use App\Models\Hitch;
use App\Models\JobEvidence;
use App\Models\Trailer;
use App\Models\User;
use App\Models\Vehicle;
use App\UseCases\Experience\ShopExperience;
use App\Words\ExperienceWords;
use App\Words\Figures;
use Yoke\Job\Experience\Experience;
use Yoke\Job\Experience\Repeats;
use Yoke\Job\Experience\Source;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Specification\RigPart;

/** What the shop has learned, from how many jobs, against the textbook. */
final readonly class ExperiencePage
{
    /** More than that nobody reads. */
    private const MOST_ITEMS = 150;

    private Experience $experience;

    private Repeats $repeats;

    private ExperienceWords $words;

    /** @var list<Source> */
    private array $off;

    /** @var array<string, array<array-key, string>> of the garage, by part and number */
    private array $names;

    public function __construct(ShopExperience $shop, private PriorDoubts $doubts, User $person)
    {
        $this->experience = $shop->experience();
        $this->repeats = $shop->repeats();
        $this->off = $shop->off();
        $this->words = new ExperienceWords($person);
        $this->names = [
            'vehicle' => Vehicle::query()->pluck('name', 'id')->all(),
            'hitch' => Hitch::query()->pluck('name', 'id')->all(),
            'trailer' => Trailer::query()->pluck('name', 'id')->all(),
        ];
    }

    /** How many finished jobs were looked at. */
    public function jobs(): int
    {
        return JobEvidence::query()->distinct()->count('job_id');
    }

    /** @return list<array{what: string, among: string, jobs: int, textbook: string, learned: string, isOff: bool}> */
    public function lines(): array
    {
        $lines = [];
        foreach ([...Source::OF_RIGS, Source::Pace] as $source) {
            foreach ($this->experience->groups($source) as $group) {
                $pool = $this->experience->pool($source, $group);
                if ($pool !== null) {
                    $lines[] = [
                        'what' => ExperienceWords::source($source),
                        'among' => ExperienceWords::group($group),
                        'jobs' => $pool->jobs(),
                        'textbook' => $this->words->textbook($source, $source->textbook($this->doubts)),
                        'learned' => $this->words->learned($source, $pool->another()),
                        'isOff' => in_array($source, $this->off, true),
                    ];
                }
            }
        }

        return $lines;
    }

    /**
     * @return list<array{what: string, which: string, jobs: int, learned: string}> of each vehicle, hitch and trailer
     *     by itself, those with most jobs first
     */
    public function items(): array
    {
        $lines = [];
        foreach (
            array_udiff(
                Source::OF_RIGS,
                $this->off,
                static fn (Source $one, Source $other): int => $one->value <=> $other->value,
            ) as $source
        ) {
            foreach ($this->experience->groups($source) as $group) {
                $pool = $this->experience->pool($source, $group);
                if ($pool === null) {
                    continue;
                }
                foreach ($pool->each() as $item => $learned) {
                    $lines[] = [
                        'what' => ExperienceWords::source($source),
                        'which' => $this->name($source, (int) $item),
                        'jobs' => $pool->jobsWith((string) $item),
                        'learned' => $this->words->learned($source, $learned),
                    ];
                }
            }
        }
        usort(
            $lines,
            static fn (array $one, array $other): int => [$other['jobs'], $one['which'], $one['what']] <=> [
                $one['jobs'],
                $other['which'],
                $other['what'],
            ],
        );

        return array_slice($lines, 0, self::MOST_ITEMS);
    }

    private function name(Source $source, int $id): string
    {
        $part = match ($source) {
            Source::FrontRate, Source::RearRate => RigPart::Vehicle,
            Source::TrailerRate => RigPart::Trailer,
            default => RigPart::Hitch,
        };

        return $this->names[$part->value][$id] ?? '–';
    }

    /** @return list<array{who: string, times: int, learned: string, isOff: bool}> */
    public function repeats(): array
    {
        $lines = [];
        foreach ($this->repeats->readers() as $reader => $mm) {
            $lines[] = [
                'who' => (string) User::query()->whereKey((int) $reader)->value('name'),
                'times' => $this->repeats->of((string) $reader),
                'learned' => '± '.Figures::fixed($mm).' mm',
                'isOff' => in_array(Source::Reader, $this->off, true),
            ];
        }
        foreach (Suspension::cases() as $kind) {
            if ($this->repeats->on($kind) > 0) {
                $lines[] = [
                    'who' => ExperienceWords::group($kind->value),
                    'times' => $this->repeats->on($kind),
                    'learned' => '± '.Figures::fixed($this->repeats->springs()[$kind->value]).' mm',
                    'isOff' => in_array(Source::Friction, $this->off, true),
                ];
            }
        }

        return $lines;
    }
}
