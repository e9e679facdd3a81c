<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Showing\Explainer\Figure;
use Yoke\Showing\Explainer\Knob;
use Yoke\Showing\Explainer\Quantity;
use Yoke\Showing\Explainer\Topic;

/** What an explainer says, in a person's units. */
final readonly class ExplainerWords
{
    /** Less is said to be level, degrees. */
    private const LEVEL = 0.05;

    private QuantityWords $print;

    public function __construct(private User $person)
    {
        $this->print = new QuantityWords($person);
    }

    public static function title(Topic $topic): string
    {
        return Text::of("explain.{$topic->value}.title");
    }

    public function figure(float $value, Quantity $unit): string
    {
        return match ($unit) {
            Quantity::Load => $this->print->about(Load::ofKilograms($value)),
            Quantity::LoadChange => $this->print->aboutChange(Load::ofKilograms($value)),
            Quantity::Length => $this->print->length(Length::ofMillimetres($value)),
            Quantity::HeightChange => $this->print->change($value),
            Quantity::Share => $this->print->percent($value),
            Quantity::Degrees => $this->pitch($value),
            Quantity::Times => Figures::fixed($value),
            Quantity::Links, Quantity::Holes, Quantity::Count => Figures::short($value),
            Quantity::Switched => Text::of($value > 0.5 ? 'explain.knob.on' : 'explain.knob.no'),
            Quantity::Torque => $this->print->torque($value),
        };
    }

    public function knob(Knob $knob, float $value): string
    {
        return $this->figure($value, $knob->unit);
    }

    /**
     * The sentence of a topic with the rig's own figures in it.
     *
     * @param  list<Figure>  $figures
     * @param  array<string, string>  $knobs  as they are said, by key
     */
    public function says(Topic $topic, array $figures, array $knobs): string
    {
        $with = $knobs;
        foreach ($figures as $figure) {
            $with[$figure->key] = $this->figure($figure->value, $figure->unit);
        }

        return Text::of("explain.{$topic->value}.says", $with);
    }

    /** What a figure is called; a share of the tongue is not one of the front axle. */
    public static function label(Topic $topic, Figure $figure): string
    {
        return $figure->key === 'share' && in_array($topic, [Topic::Tongue, Topic::Sway], true)
            ? Text::of('explain.tongue_share')
            : Text::of("explain.figure.{$figure->key}");
    }

    private function pitch(float $degrees): string
    {
        return Text::of(
            abs($degrees) < self::LEVEL
                ? 'explain.pitch.level'
                : ($degrees > 0.0
                    ? 'explain.pitch.up'
                    : 'explain.pitch.down'),
            ['angle' => $this->print->degrees(Angle::ofDegrees($degrees))],
        );
    }
}
