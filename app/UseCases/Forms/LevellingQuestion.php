<?php

declare(strict_types=1);

namespace App\UseCases\Forms;

use App\Models\User;
use App\Words\ExpectedWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Judgement\Head\TrailerLevelling;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Rig\Parts\Check\LengthRange;

/** Two frame heights of the trailer on its jack: which way to turn it, and what the coupler will read then. */
final readonly class LevellingQuestion
{
    public const FIELDS = ['front_mark', 'rear_mark', 'marks_apart', 'coupler_now'];

    /** Shortest and longest of each field, mm. */
    private const RANGES_MM = [
        'front_mark' => [150, 1800],
        'rear_mark' => [150, 1800],
        'marks_apart' => [300, 12_000],
        'coupler_now' => [150, 1500],
    ];

    /** @var array<string, string> field => sentence */
    public array $problems;

    /**
     * @var array{front_mark: Length|null, rear_mark: Length|null, marks_apart: Length|null, coupler_now: Length|null}
     */
    private array $lengths;

    /**
     * @param  array<string, string>  $typed
     * @param  Length|null  $marksApart  by the trailer's sheet; null where it does not say
     */
    public function __construct(
        private array $typed,
        private Length $ballToAxle,
        private User $person,
        private ?Length $marksApart = null,
    ) {
        $problems = new CollectProblems();
        $parts = new TypedParts($typed, $person, $problems);
        $read = function (string $field) use ($parts, $problems): ?Length {
            $isLeftOut = $parts->text($field) === '' && ($field === 'coupler_now' || ! $this->isAsked());
            $length = $isLeftOut ? null : $parts->length($field);
            LengthRange::ofMillimetres('length', ...self::RANGES_MM[$field])->check($field, $length, $problems);

            return $length;
        };
        $this->lengths = [
            'front_mark' => $read('front_mark'),
            'rear_mark' => $read('rear_mark'),
            'marks_apart' => $read('marks_apart'),
            'coupler_now' => $read('coupler_now'),
        ];
        $this->problems = ExpectedWords::each($problems->all());
    }

    public function isAsked(): bool
    {
        return array_filter(
            array_intersect_key($this->typed, array_flip(self::FIELDS)),
            static fn (string $typed): bool => $typed !== '',
        ) !== [];
    }

    public function typed(string $field): string
    {
        return $this->typed[$field] ??
            ($field === 'marks_apart' && $this->marksApart !== null
                ? $this->person->lengthPrinter()->nearest($this->marksApart)
                : '');
    }

    /** One sentence, in the person's units; an empty text while it cannot be answered. */
    public function answer(): string
    {
        [
            'front_mark' => $front,
            'rear_mark' => $rear,
            'marks_apart' => $apart,
            'coupler_now' => $coupler,
        ] = $this->lengths;
        if ($this->problems !== [] || $front === null || $rear === null || $apart === null) {
            return '';
        }
        $levelling = new TrailerLevelling($front, $rear, $apart, $this->ballToAxle);
        $print = $this->person->lengthPrinter();
        $move = $levelling->couplerMove();
        $turn = match (true) {
            $levelling->isLevel() => Text::of('screen.levelling_question.the_trailer_is_level'),
            $move->isNegative() => Text::of('screen.levelling_question.down', [
                'length' => $print->nearest($move->absolute()),
            ]),
            default => Text::of('screen.levelling_question.up', ['length' => $print->nearest($move)]),
        };

        return $coupler === null
            ? $turn
            : $turn.
                    ' '.
                    Text::of('screen.levelling_question.coupler_reads', [
                        'length' => $print->nearest($levelling->levelCouplerHeight($coupler)),
                    ]);
    }
}
