<?php

declare(strict_types=1);

namespace App\Screens\Practice;

use App\Models\User;
use App\Words\ExplainerWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Readings\Height\HeightReading;
use Yoke\Measuring\Readings\Height\StanceHeights;
use Yoke\Mechanics\Statics\Attitude;
use Yoke\Rig\Parts\Axle;
use Yoke\Rig\Parts\Hitch;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Parts\Suspension;
use Yoke\Rig\Parts\Trailer;
use Yoke\Rig\Parts\TrailerBody;
use Yoke\Rig\Parts\Vehicle;
use Yoke\Rig\Parts\VehicleBody;
use Yoke\Showing\Drawing\Elevation;
use Yoke\Showing\Drawing\HitchSet;
use Yoke\Showing\Drawing\LoadArrow;
use Yoke\Showing\Drawing\LoadArrows;
use Yoke\Showing\Explainer\ExampleRig;
use Yoke\Showing\Explainer\Explainer;
use Yoke\Showing\Explainer\Explainers\TongueWeight;
use Yoke\Showing\Explainer\Figure;
use Yoke\Showing\Explainer\Frame;
use Yoke\Showing\Explainer\Hold;
use Yoke\Showing\Explainer\Knob;
use Yoke\Showing\Explainer\KnobValues;
use Yoke\Showing\Explainer\Topic;

/** One explainer: the example rig at one place of its knobs, drawn and said. */
final readonly class ExplainerPage
{
    /** Heights are drawn so much larger than they are. */
    private const MAGNIFIED = 5.0;

    /** Fender heights and axle loads of the example vehicle alone. */
    private const ALONE_MM = ['front' => 905.0, 'rear' => 930.0];

    private const ALONE_KG = ['front' => 1380.0, 'rear' => 1070.0];

    public Frame $frame;

    public ExplainerWords $words;

    private Explainer $explainer;

    public function __construct(public Topic $topic, public KnobValues $at, User $person)
    {
        $this->explainer = $topic->explainer();
        $this->frame = $this->explainer->frame($at);
        $this->words = new ExplainerWords($person);
    }

    /** @param  array<string, float>  $wanted  by knob */
    public static function of(Topic $topic, array $wanted, User $person): self
    {
        return new self($topic, KnobValues::of($topic->explainer()->knobs(), $wanted), $person);
    }

    /** @return non-empty-list<Knob> */
    public function knobs(): array
    {
        return $this->explainer->knobs();
    }

    public function says(): string
    {
        $knobs = [];
        foreach ($this->knobs() as $knob) {
            $knobs[$knob->key] = $this->words->knob($knob, $this->at->at($knob->key));
        }

        return $this->words->says($this->topic, $this->frame->figures, $knobs);
    }

    /** @return list<string> */
    public function notes(): array
    {
        return array_map(static fn (string $note): string => Text::of("explain.note.{$note}"), $this->frame->notes);
    }

    /** @return list<array{string, string}> */
    public function figures(): array
    {
        return array_map(
            fn (Figure $figure): array => [
                ExplainerWords::label($this->topic, $figure),
                $this->words->figure($figure->value, $figure->unit),
            ],
            $this->frame->figures,
        );
    }

    public function elevation(): Elevation
    {
        $heights = StanceHeights::none();
        foreach (
            array_filter(
                ['alone' => null, 'dropped' => $this->frame->dropped, 'carried' => $this->frame->carried],
                static fn (?Attitude $attitude, string $stance): bool => $attitude !== null || $stance === 'alone',
                ARRAY_FILTER_USE_BOTH,
            ) as $stance => $attitude
        ) {
            foreach (Axle::cases() as $axle) {
                $rise =
                    ($axle === Axle::Front ? $attitude?->frontRise() : $attitude?->rearRise())?->millimetres() ?? 0.0;
                $heights = $heights->with(
                    Stance::from($stance),
                    $axle,
                    HeightReading::exact(Length::ofMillimetres(self::ALONE_MM[$axle->value] + $rise)),
                );
            }
        }

        return new Elevation(
            $this->rig(),
            $heights,
            self::MAGNIFIED,
            new HitchSet(bend: $this->frame->carried?->barBend()->millimetres() ?? 0.0),
        );
    }

    /** @return list<LoadArrow> */
    public function arrows(Elevation $elevation): array
    {
        $attitude = $this->frame->carried ?? $this->frame->dropped;

        return LoadArrows::under(
            $elevation,
            $attitude,
            Load::ofKilograms(self::ALONE_KG['front']),
            Load::ofKilograms(self::ALONE_KG['rear']),
            Load::ofKilograms($attitude->rig()->trailer()->weight - $attitude->rig()->trailer()->tongueWeight),
        );
    }

    /**
     * @return list<array{knob: Knob, x: float, y: float, along: string}> where the drawing is taken hold of, in its mm:
     *     x behind the front axle, y over the ground
     */
    public function holds(Elevation $elevation): array
    {
        $ball = $elevation->axleX(Axle::Rear) + $this->overhang();
        $holds = [];
        foreach ($this->knobs() as $knob) {
            [$x, $y, $along] = match ($knob->hold) {
                Hold::Nowhere => [null, 0.0, ''],
                Hold::Ball, Hold::Head => [
                    $ball,
                    $knob->hold === Hold::Ball ? 620.0 : 330.0,
                    $knob->hold === Hold::Ball ? 'down' : 'up',
                ],
                Hold::BarEnd => [$ball + ExampleRig::ARM, 620.0, 'up'],
                Hold::Tank => [$elevation->trailerAxlesX() + TongueWeight::TANK_MM, 620.0, 'up'],
                Hold::Load => [$elevation->trailerAxlesX() - $this->frame->loadAt, 900.0, 'forward'],
            };
            $holds = $x === null ? $holds : [...$holds, ['knob' => $knob, 'x' => $x, 'y' => $y, 'along' => $along]];
        }

        return $holds;
    }

    private function overhang(): float
    {
        return isset($this->at->all()['overhang']) ? $this->at->at('overhang') : ExampleRig::OVERHANG;
    }

    private function rig(): Rig
    {
        return Rig::of(
            Vehicle::of(
                VehicleBody::PickUp,
                Length::ofMillimetres(ExampleRig::WHEELBASE),
                Length::ofMillimetres($this->overhang()),
                Suspension::Coil,
                Suspension::Leaf,
            ),
            Trailer::of(
                TrailerBody::Box,
                1,
                Length::ofMillimetres(ExampleRig::BALL_TO_AXLE),
                Load::ofKilograms(ExampleRig::WEIGHT),
            ),
            Hitch::of(Length::ofMillimetres(ExampleRig::ARM)),
        );
    }
}
