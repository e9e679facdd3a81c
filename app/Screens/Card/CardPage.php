<?php

declare(strict_types=1);

namespace App\Screens\Card;

use App\Models\CardLink;
use App\Models\Job;
use App\Models\MeasureKind;
use App\Models\User;
use App\Screens\Bench\BenchPage;
use App\Screens\Plan\FastenerLine;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\Figures;
use App\Words\ServiceWords;
use App\Words\SettingWords;
use App\Words\StationWords;
use App\Words\Text;
use App\Words\WeighingWords;
use Illuminate\Support\Str;
use Yoke\Foundation\Units\Length;
use Yoke\Job\Analysis\GoverningVerdict;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Counting;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;
use Yoke\Showing\Drawing\Elevation;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Service\Recheck;

/** What an owner takes home: the setting, how it is counted, the heights, what to look at again. */
final readonly class CardPage
{
    private const ARROWS = ['front' => 'front_axle', 'rear' => 'rear_axle', 'trailer' => 'trailer_axles'];

    public PlanPage $plan;

    public Job $job;

    private BenchPage $bench;

    /** @param  User  $person  whose units it is printed in */
    public function __construct(private AnalysedJob $analysed, public User $person)
    {
        $this->job = $analysed->job;
        $this->plan = PlanPage::ofJob($analysed, $person);
        $this->bench = new BenchPage($analysed, $person);
    }

    /** Null while nobody wrote it down. */
    public function setting(): ?Setting
    {
        return $this->analysed->setting($this->job->roundOf(Stance::Carried));
    }

    public function settingInWords(): string
    {
        $setting = $this->setting();

        return $setting === null ? '' : $this->words()->of($setting);
    }

    /** In which hole the head is, in a sentence; an empty text where the hitch has none or nobody wrote it down. */
    public function headHole(): string
    {
        $setting = $this->setting();
        foreach ($this->words()->adjusters() as $adjuster) {
            if ($setting !== null && $adjuster->role === Role::HeadHeight) {
                return Str::ucfirst($this->words()->step($adjuster, $setting->step($adjuster->key))).'.';
            }
        }

        return '';
    }

    /** What the steps of the small adjuster are called, or an empty text. */
    private function smallAdjuster(): string
    {
        $tension =
            array_values(
                array_filter(
                    $this->words()->adjusters(),
                    static fn (Adjuster $adjuster): bool => $adjuster->role === Role::Tension,
                ),
            )[0] ?? null;

        return $tension === null ? '' : $this->words()->many($tension);
    }

    /** How its steps are counted, in a sentence, or an empty text. */
    public function counting(): string
    {
        $many = $this->smallAdjuster();
        if ($many === '') {
            return '';
        }
        $counting =
            Counting::tryFrom((string) $this->job->rigAsWorked()->values(RigPart::Hitch)->text('counting')) ??
            $this->plan->described->sheets->family()?->facts()->usual->counting;

        return Text::of($counting === Counting::Working ? 'card.counted_working' : 'card.counted_from_end', [
            'what' => Str::ucfirst($many),
        ]);
    }

    /** A fender's height as taped, or a dash. */
    public function height(Stance $stance, Axle $axle): string
    {
        $height = $this->reading($stance, $axle);

        return $height === null ? '–' : $this->plan->print->length($height);
    }

    /** The same; null where it was not taped. */
    public function reading(Stance $stance, Axle $axle): ?Length
    {
        return $this->bench->reading($stance, $axle)?->height();
    }

    /**
     * @return array<string, list<array{string, string}>> of each axle that was weighed its load and its figure's name
     *     by stance; none where nothing was
     */
    public function weighed(): array
    {
        $rows = [];
        foreach (WeighedAxle::cases() as $axle) {
            $arrow = self::ARROWS[$axle->value];
            $row = array_map(function (Stance $stance) use ($axle, $arrow): array {
                $load = $this->analysed->tickets->in($stance)?->axle($axle);

                return [
                    $load === null ? '–' : $this->plan->print->load($load),
                    $load === null ? '' : "under {$arrow} {$stance->value}",
                ];
            }, Stance::cases());
            if (array_filter(array_column($row, 1), static fn (string $name): bool => $name !== '') !== []) {
                $rows[Text::of("drawing.arrow.{$arrow}")] = $row;
            }
        }

        return $rows;
    }

    /** How often this set-up was weighed, and when last; an empty text where never. */
    public function weighings(): string
    {
        return WeighingWords::counted(array_values($this->job->tickets->whereNull('withdrawn_at')->all()));
    }

    /** What the gauge in the head showed in a stance, as it was typed; a dash where nobody read it. */
    public function gauge(Stance $stance): string
    {
        $round = $this->job->roundOf($stance);

        return $this->job->measure($stance, $round, MeasureKind::BallLoad)->typed ?? '–';
    }

    /** Whether the head has a gauge that was read, and what it is to show. */
    public function gaugeTarget(): string
    {
        return $this->gauge(Stance::Dropped) === '–' && $this->gauge(Stance::Carried) === '–'
            ? ''
            : Text::of('card.gauge_target', [
                'load' => $this->plan->print->about($this->analysed->analysis()->gauge()->target()),
            ]);
    }

    /** What the tongue weighs, where anything was read that tells it; or an empty text. */
    public function tongue(): string
    {
        return $this->analysed->isRead()
            ? $this->plan->print->aboutWithDoubt($this->analysed->posterior()->tongueWeight())
            : '';
    }

    /** Where the brackets are, and how many holes show, in sentences; or an empty text. */
    public function brackets(): string
    {
        $hang = $this->plan->described->inPlace()->barHang();

        return $hang === null ? '' : trim("{$this->plan->brackets()->place()} {$this->plan->brackets()->holes()}");
    }

    /** Null while nothing was read carried. */
    public function verdict(): ?GoverningVerdict
    {
        return $this->bench->advice()->verdict();
    }

    /** Both figures, now and on the road, where levelling takes some back; else an empty text. */
    public function onTheRoad(): string
    {
        return $this->bench->advice()->onTheRoad();
    }

    /** What to beware of, in sentences, in the words of the hitch's family. */
    public function cautions(): string
    {
        $many = $this->smallAdjuster();

        return implode(
            ' ',
            array_filter([
                StationWords::caution(Station::BarsUp, $this->plan->described->sheets->family()),
                Text::of('card.cautions'),
                $many === '' ? '' : Text::of('card.small_adjuster', ['many' => $many]),
            ]),
        );
    }

    /** @return list<FastenerLine> */
    public function fasteners(): array
    {
        return FastenerLine::of($this->job, $this->person);
    }

    /**
     * @return list<array{string, string}> what is looked at again, and when: by the distances and months of the hitch's
     *     sheet
     */
    public function rechecks(): array
    {
        $hitch = $this->job->rigAsWorked()->values(RigPart::Hitch);
        $road = fn (string $key): ?string => $hitch->number($key) === null
            ? null
            : $this->person->roadUnit()->distance((float) $hitch->number($key));
        $first = $road('retorque_km');
        $months = $hitch->number('service_months');
        $service = array_filter([
            $road('service_km'),
            $months === null ? null : Text::of('screen.care_line.months', ['months' => (int) $months]),
        ]);
        $lines = array_map(
            static fn (Recheck $recheck): array => ServiceWords::recheck($recheck, $first),
            Recheck::cases(),
        );

        return $service === [] ? $lines : [...$lines, ServiceWords::byTheDataSheet(array_values($service))];
    }

    /** Where the ball stands, and in which hole, in words, or an empty text. */
    public function head(): string
    {
        $chosen = $this->job->head_place;
        $place = $this->plan->plan->headAsBolted();
        $ball = $this->job->rigAsWorked()->values(RigPart::Hitch)->length('ball_height_mm');
        $stands = $this->job->ballInItsHole() ?? $ball?->millimetres();

        return match (true) {
            $chosen !== null && $stands === null => Text::of('screen.card_page.shank_alone', [
                'turned' => Text::of('head.turned.'.$chosen['turned']),
                'hole' => Figures::short($chosen['hole']),
            ]),
            $chosen !== null => Text::of('screen.card_page.ball_and_shank', [
                'height' => $this->plan->print->height((float) $stands),
                'turned' => Text::of('head.turned.'.$chosen['turned']),
                'hole' => Figures::short($chosen['hole']),
            ]),
            $place instanceof ShankPlace => Text::of('screen.card_page.ball_and_shank', [
                'height' => $this->plan->print->length($place->ballHeight),
                'turned' => Text::of('head.turned.'.$place->turned),
                'hole' => Figures::short($place->hole),
            ]),
            default => $ball === null ? '' : $this->plan->print->length($ball),
        };
    }

    /** The latest private link that is open; null where there is none. */
    public function openLink(): ?CardLink
    {
        return $this->job->cardLinks
            ->filter(static fn (CardLink $link): bool => $link->isOpen())
            ->sortByDesc('id')
            ->first();
    }

    public function elevation(): Elevation
    {
        $hitch = $this->plan->drawing()->hitch();

        return new Elevation($this->job->rigAsWorked()->core(), $this->bench->heights, 1.0, $hitch);
    }

    private function words(): SettingWords
    {
        return new SettingWords($this->plan->described->sheets);
    }
}
