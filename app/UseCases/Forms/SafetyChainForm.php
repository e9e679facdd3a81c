<?php

declare(strict_types=1);

namespace App\UseCases\Forms;

use App\Models\User;
use App\Words\ExpectedWords;
use Yoke\Expected;
use Yoke\Foundation\Units\Length;
use Yoke\Rig\Parts\Check\CollectProblems;
use Yoke\Workshop\Chains\SafetyChain;

/** The tape at the safety chains: where they are hooked, and how long they are. */
final readonly class SafetyChainForm
{
    /** What can be meant, mm: from and to of each field, in the order in which they are taped. */
    public const FIELDS = [
        'loop_ahead' => [0.0, 600.0],
        'loop_aside' => [20.0, 500.0],
        'anchor_behind' => [100.0, 1500.0],
        'anchor_aside' => [20.0, 800.0],
        'height' => [150.0, 900.0],
        'chain' => [100.0, 3000.0],
    ];

    private const INCH = 25.4;

    private CollectProblems $problems;

    private TypedParts $parts;

    /** @param  array<string, string>  $typed */
    public function __construct(private array $typed, User $person)
    {
        $this->problems = new CollectProblems();
        $this->parts = new TypedParts($typed, $person, $this->problems);
    }

    /** Null where something does not read, or is not there; the problems say what. */
    public function read(): ?SafetyChain
    {
        [$ahead, $aside, $behind, $across, $height, $chain] = array_map($this->length(...), array_keys(self::FIELDS));

        return $ahead === null ||
            $aside === null ||
            $behind === null ||
            $across === null ||
            $height === null ||
            $chain === null
            ? null
            : new SafetyChain($ahead, $aside, $behind, $across, $height, $chain);
    }

    /** @return array<string, string> by field; none before anything was typed */
    public function problems(): array
    {
        return $this->typed === [] ? [] : ExpectedWords::each($this->problems->all());
    }

    private function length(string $field): ?Length
    {
        $length = $this->parts->length($field);
        [$from, $to] = self::FIELDS[$field];
        if ($length === null || ($length->millimetres() >= $from && $length->millimetres() <= $to)) {
            return $length;
        }
        $this->problems->found(
            $field,
            Expected::of('form.length_between', [
                'from' => (int) $from,
                'to' => (int) $to,
                'from_in' => (int) round($from / self::INCH),
                'to_in' => (int) round($to / self::INCH),
            ]),
        );

        return null;
    }
}
