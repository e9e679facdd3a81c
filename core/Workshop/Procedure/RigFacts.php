<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

use Yoke\Rig\Family\HitchFamily;
use Yoke\Rig\Family\SwayControl;
use Yoke\Rig\Family\TakeUp;
use Yoke\Rig\Parts\Levelling;
use Yoke\Rig\Specification\SpecificationSheet;

/** What of a rig its procedures hang on: from its sheets, and where they are silent from what was answered. */
final readonly class RigFacts
{
    /** @param  array<string, string>  $answers  by question */
    public function __construct(
        private HitchFamily $family,
        private SpecificationSheet $vehicle,
        private SpecificationSheet $trailer,
        private array $answers = [],
    ) {
    }

    public function family(): HitchFamily
    {
        return $this->family;
    }

    /** Whether the sheets answer a question, so that nobody need be asked. */
    public function isOnSheet(Question $question): bool
    {
        return $this->onSheet($question) !== null;
    }

    private function onSheet(Question $question): ?string
    {
        $brakes = $this->trailer->text('brakes');

        return match ($question) {
            Question::Brakes => $brakes === null ? null : ($brakes === 'none' ? 'no' : 'yes'),
            Question::Jack => $this->trailer->text('jack'),
            Question::Change => $this->family->facts()->takeUp->distributes() ? null : 'head',
            default => null,
        };
    }

    /** The answer to a question: the sheets' own, or what was answered; null while neither says. */
    public function answer(Question $question): ?string
    {
        return $this->onSheet($question) ?? ($this->answers[$question->value] ?? null);
    }

    /**
     * The answers that a step hangs on and that nobody has given.
     *
     * @param  list<string>  $when
     * @return array<string, OpenAnswer> by name
     */
    public function openIn(array $when): array
    {
        $open = [];
        foreach ($when as $name) {
            [$word, $answer] = [...explode(' ', $name, 2), ''];
            $question = Question::tryFrom($word);
            if ($question !== null && $this->answer($question) === null) {
                $open[$name] = new OpenAnswer($question, $answer);
            }
        }

        return $open;
    }

    /**
     * Whether what a step is for is there: a name, or a question with its answer (`jack electric`).
     *
     * @param  list<string>  $when  all of them
     */
    public function meets(array $when): bool
    {
        foreach ($when as $name) {
            [$question, $answer] = [...explode(' ', $name, 2), ''];
            $holds = match ($name) {
                'levelling' => ($this->vehicle->text('levelling') ?? Levelling::None->value) !== Levelling::None->value,
                'bars' => $this->family->hasBars(),
                'jacked' => $this->family->hasBars() && $this->family->facts()->handwork->tension === [],
                'screw' => $this->family->facts()->handwork->tension !== [],
                'chains alone' => $this->family->facts()->takeUp === TakeUp::StretchedChains,
                'separate' => $this->family->facts()->control === SwayControl::Separate,
                default => $this->answer(Question::from($question)) === $answer,
            };
            if (! $holds) {
                return false;
            }
        }

        return true;
    }
}
