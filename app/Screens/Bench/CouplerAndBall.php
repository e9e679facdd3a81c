<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\User;
use App\UseCases\Analysis\AnalysedJob;
use App\Words\QuantityWords;
use App\Words\SpecificationWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Judgement\Head\ShankPlace;
use Yoke\Rig\Specification\RigPart;
use Yoke\Workshop\Procedure\Station;

/** The coupler of the level trailer and the ball, taped where the hand is: at Alone the one, at Head both. */
final readonly class CouplerAndBall
{
    private const FIELDS = [
        ['part' => RigPart::Trailer, 'field' => 'coupler_height_mm'],
        ['part' => RigPart::Hitch, 'field' => 'ball_height_mm'],
    ];

    private QuantityWords $print;

    public function __construct(private AnalysedJob $analysed, private Station $station, User $person)
    {
        $this->print = new QuantityWords($person);
    }

    /** @return list<array{part: RigPart, field: string, label: string, stands: string}> */
    public function fields(): array
    {
        return array_map(
            fn (array $one): array => [
                ...$one,
                'label' => SpecificationWords::label($one['part'], $one['field']),
                'stands' => $this->shown($this->typed($one['part'], $one['field'])),
            ],
            array_slice(self::FIELDS, 0, $this->station === Station::Head ? 2 : 1),
        );
    }

    /** How high the ball stands now over the level coupler, or an empty text. */
    public function now(): string
    {
        $ball = $this->height(RigPart::Hitch, 'ball_height_mm');
        $coupler = $this->height(RigPart::Trailer, 'coupler_height_mm');
        if ($ball === null || $coupler === null) {
            return '';
        }
        $over = $ball->minus($coupler)->millimetres();

        return Text::of(match (true) {
            $over > 0.0 => 'head.now.over',
            $over < 0.0 => 'head.now.under',
            default => 'head.now.level',
        }, ['height' => $this->print->length($ball), 'off' => $this->print->height(abs($over))]);
    }

    /** The taped ball against what the hole would give, where the two differ; or an empty text. */
    public function againstTheHole(): string
    {
        $place = $this->analysed->job->head_place;
        $ball = $this->typed(RigPart::Hitch, 'ball_height_mm');
        $hole = $place['ball_height_mm'] ?? null;

        return $ball === null || $hole === null || ShankPlace::agree($ball, Length::ofMillimetres($hole))
            ? ''
            : Text::of(isset($place['taped_mm']) ? 'head.now.tape_counts' : 'head.now.hole_counts', [
                'taped' => $this->print->length($ball),
                'hole' => $this->print->height($hole),
                'off' => $this->print->height(abs($ball->millimetres() - $hole)),
            ]);
    }

    /** As it was typed, whatever hole was recorded since. */
    private function typed(RigPart $part, string $field): ?Length
    {
        return $this->analysed->job->rigAsTyped()->values($part)->length($field);
    }

    private function height(RigPart $part, string $field): ?Length
    {
        return $this->analysed->job->rigAsWorked()->values($part)->length($field);
    }

    private function shown(?Length $height): string
    {
        return $height === null ? '' : $this->print->length($height);
    }
}
