<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\Job;
use App\Models\User;
use App\UseCases\Forms\SafetyChainForm;
use App\Words\QuantityWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Workshop\Chains\SafetyChain;

/** How long the safety chains of a job have to be, and by how much those that are there are too short or too long. */
final readonly class SafetyChainPage
{
    private ?SafetyChain $chain;

    private QuantityWords $print;

    /** @var array<string, string> */
    public array $problems;

    /** @param  array<string, string>  $typed */
    public function __construct(public Job $job, User $person, private array $typed)
    {
        $form = new SafetyChainForm($typed, $person);
        $this->chain = $form->read();
        $this->problems = $form->problems();
        $this->print = new QuantityWords($person);
    }

    /** @return list<array{name: string, label: string, hint: string, value: string, number: int}> */
    public function fields(): array
    {
        $names = array_keys(SafetyChainForm::FIELDS);

        return array_map(
            fn (string $name, int $i): array => [
                'name' => $name,
                'number' => $i + 1,
                'label' => Text::of("chains.field.{$name}.label"),
                'hint' => $this->problems[$name] ?? Text::of("chains.field.{$name}.hint"),
                'value' => $this->typed[$name] ?? '',
            ],
            $names,
            array_keys($names),
        );
    }

    /** @return list<string> what the chains need, the verdict first; none while something is missing */
    public function says(): array
    {
        return $this->chain === null
            ? []
            : [
                $this->verdict($this->chain),
                Text::of('chains.range', [
                    'shortest' => $this->length($this->chain->shortest()),
                    'longest' => $this->length($this->chain->longest()),
                    'turn' => $this->print->degrees($this->chain->turn()),
                ]),
            ];
    }

    /** Whether they can stay as they are. */
    public function isRight(): bool
    {
        return $this->chain !== null &&
            ! $this->chain->isImpossible() &&
            $this->chain->missing()->millimetres() <= 0.0 &&
            $this->chain->excess()->millimetres() <= 0.0;
    }

    private function verdict(SafetyChain $chain): string
    {
        return match (true) {
            $chain->isImpossible() => Text::of('chains.impossible'),
            $chain->missing()->millimetres() > 0.0 => Text::of('chains.short', [
                'by' => $this->length($chain->missing()),
            ]),
            $chain->excess()->millimetres() > 0.0 => Text::of(
                $chain->clearance()->millimetres() <= 0.0 ? 'chains.drags' : 'chains.low',
                [
                    'by' => $this->length($chain->excess()),
                    'clear' => $this->length($chain->clearance()),
                ],
            ),
            default => Text::of('chains.right', ['clear' => $this->length($chain->clearance())]),
        };
    }

    private function length(Length $length): string
    {
        return $this->print->length($length);
    }
}
