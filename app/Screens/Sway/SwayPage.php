<?php

declare(strict_types=1);

namespace App\Screens\Sway;

use App\Models\CheckAnswer;
use App\Models\Job;
use App\Models\RoadDrive;
use App\Models\User;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\QuantityWords;
use App\Words\SwayWords;
use App\Words\Text;
use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Judgement\Method\TargetRange;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\SwayControl;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;
use Yoke\Rig\Specification\SpecificationSheet;
use Yoke\Workshop\Procedure\Station;
use Yoke\Workshop\Sway\CamCentring;
use Yoke\Workshop\Sway\CountedThreads;
use Yoke\Workshop\Sway\FrictionMoment;
use Yoke\Workshop\Sway\SwayCheck;
use Yoke\Workshop\Sway\SwayRisk;
use Yoke\Workshop\Sway\SwayRiskKind;
use Yoke\Workshop\Sway\SwayRisks;
use Yoke\Workshop\Sway\SwaySetUp;

/** The sway control of a job: what is checked by eye, what is computed, what invites sway, and how it was before. */
final readonly class SwayPage
{
    /** The turn that cams and bars are looked at in. */
    private const TURN_DEGREES = 30.0;

    private const EARLIER = 3;

    private QuantityWords $print;

    private SpecificationSheet $hitch;

    public Job $job;

    public function __construct(private AnalysedJob $analysed, private User $person)
    {
        $this->job = $analysed->job;
        $job = $analysed->job;
        $this->print = new QuantityWords($person);
        $this->hitch = $job->rigAsWorked()->values(RigPart::Hitch);
    }

    /** Null until it is known. */
    public function family(): ?HitchFamily
    {
        return $this->analysed->described->sheets->family();
    }

    /** @return list<array{SwayCheck, CheckAnswer|null}> with the latest answer */
    public function checks(): array
    {
        $family = $this->family();

        return $family === null
            ? []
            : array_map(
                fn (SwayCheck $check): array => [
                    $check,
                    $this->job->checks->last(
                        fn (CheckAnswer $answer): bool => $answer->station === Station::Sway &&
                            $answer->check_key === $check->key,
                    ),
                ],
                SwayCheck::of($family),
            );
    }

    /** What counted threads ask for, or an empty text. */
    public function counted(?CheckAnswer $answer): string
    {
        return $answer?->counted !== null && preg_match('/^(\d+)\/(\d+)$/', $answer->counted, $threads) === 1
            ? $this->turn(new CountedThreads((int) $threads[1], (int) $threads[2]), $threads[1], $threads[2])
            : '';
    }

    private function turn(CountedThreads $counted, string $left, string $right): string
    {
        $by = $counted->toTurn();

        return $by === 0
            ? ''
            : Text::of('sway.threads', [
                'left' => $left,
                'right' => $right,
                'slack' => $by > 0 ? 'left' : 'right',
                'by' => (string) abs($by),
            ]);
    }

    /** @return list<array{what: string, why: string, remedy: string, risk: SwayRisk}> strongest first */
    public function invitations(): array
    {
        $family = $this->family();
        $pairs = $this->checks();
        $checks = array_column($pairs, 0);
        $answers = [];
        foreach ($pairs as [$check, $answer]) {
            $answers += $answer === null ? [] : [$check->key => $answer->answer];
        }
        $current = $this->analysed->current();
        $words = new SwayWords($this->print, $this->range(), $this->analysed->described->sheets->swayControlRange());
        $felt = $this->felt();
        $risks =
            $family === null
                ? null
                : new SwayRisks(
                    $this->analysed->posterior(),
                    $current,
                    $this->range(),
                    $family->facts()->control,
                    $this->analysed->described->sheets->swayControlRange(),
                    $this->analysed->goal->tolerances,
                );
        $found = match (true) {
            $risks === null => SwayRisks::ofChecks($checks, $answers),
            $this->analysed->described->sheets->isPlainBall() => $risks->ofPlainBall($checks, $answers),
            $current === null => $risks->early($checks, $answers),
            default => $risks->ranked($checks, $answers, $this->camPanel()?->centring()),
        };

        return [
            ...$felt === null ? [] : [[...$words->of($felt[0], ['day' => $felt[1]]), 'risk' => $felt[0]]],
            ...array_map(static fn (SwayRisk $risk): array => [...$words->of($risk), 'risk' => $risk], $found),
        ];
    }

    /** What has to be restored when it is measured, so that levelling leaves enough of it on the road. */
    private function range(): TargetRange
    {
        return $this->analysed->verdict()->range ?? $this->analysed->goal->band;
    }

    /**
     * @return array{SwayRisk, string}|null sway that was felt on the latest road test at the setting that is on, and
     *     when
     */
    private function felt(): ?array
    {
        $drive = $this->job->roadDrives->last(
            fn (RoadDrive $drive): bool => $drive->round === $this->job->roundOf(Stance::Carried),
        );

        return $drive?->core()->swayed() === true
            ? [new SwayRisk(SwayRiskKind::Felt, 1.0, Station::Road), $drive->driven_at->isoFormat('D MMM HH:mm')]
            : null;
    }

    /** Whether the hitch itself holds nothing straight. */
    public function needsControlOfItsOwn(): bool
    {
        return $this->family()?->facts()->control === SwayControl::Separate;
    }

    /** Whether the carried rig was read, so that figures can be computed. */
    public function isRead(): bool
    {
        return $this->analysed->current() !== null;
    }

    /** @return list<array{string, string}> what can be computed of the sway control */
    public function figures(): array
    {
        $control = $this->family()?->facts()->control;
        $now = $this->setUp($this->analysed);
        $cams = $this->camPanel()?->stands();
        $socket = $this->hitch->length('socket_mm');

        return [
            ...$now?->friction === null || $control === null
                ? []
                : [
                    [
                        Text::of('screen.sway_page.friction_about_the_ball'),
                        $this->print->torque($now->friction->newtonMetres()),
                    ],
                ],
            ...$cams === null ? [] : [[Text::of('screen.sway_page.cams_against_the_crown'), $cams]],
            ...$socket === null
                ? []
                : [
                    [
                        Text::of('screen.sway_page.bars_slide_in_a_turn'),
                        $this->print->length(CamCentring::slide($socket, Angle::ofDegrees(self::TURN_DEGREES))),
                    ],
                ],
        ];
    }

    /** @return list<array{string, string, list<string>}> earlier set-ups of this rig: title, day, what is worse now */
    public function earlier(): array
    {
        $now = $this->setUp($this->analysed);
        $earlier =
            $now === null
                ? []
                : Job::query()
                    ->with(['liveReadings', 'rounds', 'measures', 'tickets', 'tongueReadings'])
                    ->where('rig_id', $this->job->rig_id)
                    ->where('id', '<', $this->job->id)
                    ->whereNotNull('handed_over_at')
                    ->orderByDesc('id')
                    ->limit(self::EARLIER)
                    ->get()
                    ->all();
        $lines = [];
        foreach ($earlier as $job) {
            /** @var Job $job */
            $before = $this->setUp($this->analysed->shop->of($job));
            if ($now !== null && $before !== null) {
                $lines[] = [
                    $job->title,
                    $job->booked_on->isoFormat('D MMM YYYY'),
                    array_map((new SwayWords($this->print, $this->range()))->worse(...), $now->worseThan($before)),
                ];
            }
        }

        return $lines;
    }

    public function unit(Length $length): string
    {
        return $this->print->length($length);
    }

    private function setUp(AnalysedJob $analysed): ?SwaySetUp
    {
        $control = $analysed->described->sheets->family()?->facts()->control;

        $current = $analysed->current();

        return $current === null || $control === null
            ? null
            : SwaySetUp::of(
                $analysed->posterior(),
                $current,
                $control,
                new FrictionMoment($this->hitch->number('friction') ?? FrictionMoment::USUAL_FRICTION),
            );
    }

    /** The cams of a hitch that has some; null of any other. */
    public function camPanel(): ?CamPanel
    {
        return $this->family()?->facts()->control === SwayControl::Cam
            ? new CamPanel($this->hitch, $this->print)
            : null;
    }
}
