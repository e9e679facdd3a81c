<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Workshop\Procedure\HandSignal;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\OpenAnswer;
use Yoke\Workshop\Procedure\Question;
use Yoke\Workshop\Procedure\Step;
use Yoke\Workshop\Procedure\StepOutcome;

/** What a procedure says, step by step. */
final class ProcedureWords
{
    public static function title(Occasion $occasion): string
    {
        return Text::of("procedure.title.{$occasion->value}");
    }

    /** What to do, or what is asked. */
    public static function does(Step $step): string
    {
        return $step->asks === null ? Text::of(self::key($step).'.does') : self::asks($step->asks);
    }

    /** Or an empty text, as the next two. */
    public static function why(Step $step): string
    {
        return Text::ifAny(self::key($step).'.why');
    }

    public static function caution(Step $step): string
    {
        return Text::ifAny(self::key($step).'.caution');
    }

    /** What the helper calls. */
    public static function calls(Step $step): string
    {
        return Text::ifAny(self::key($step).'.calls');
    }

    /** How somebody does it who is alone. */
    public static function alone(Step $step): string
    {
        return Text::ifAny(self::key($step).'.alone');
    }

    public static function asks(Question $question): string
    {
        return Text::of("procedure.question.{$question->value}.asks");
    }

    public static function answer(Question $question, string $answer): string
    {
        return Text::of("procedure.question.{$question->value}.answers.{$answer}");
    }

    /** @return array<string, string> how each answer is said, by what is stored */
    public static function answers(Question $question): array
    {
        $words = [];
        foreach ($question->answers() as $answer) {
            $words[$answer] = self::answer($question, $answer);
        }

        return $words;
    }

    /**
     * The answers that a step hangs on and that nobody has given, or an empty text.
     *
     * @param  array<string, OpenAnswer>  $open
     */
    public static function where(array $open): string
    {
        return implode(
            ', ',
            array_map(
                static fn (OpenAnswer $one): string => rtrim(self::asks($one->question), '?').
                    ': '.
                    lcfirst(self::answer($one->question, $one->answer)),
                $open,
            ),
        );
    }

    public static function outcome(StepOutcome $outcome): string
    {
        return Text::of("procedure.outcome.{$outcome->value}");
    }

    /** What a hand signal is called. */
    public static function signal(HandSignal $signal): string
    {
        return Text::of("procedure.signal.{$signal->value}.name");
    }

    /** How the hands move. */
    public static function hands(HandSignal $signal): string
    {
        return Text::of("procedure.signal.{$signal->value}.moves");
    }

    private static function key(Step $step): string
    {
        return $step->family === null
            ? "procedure.steps.{$step->occasion->value}.{$step->does}"
            : "family/{$step->family->key()}.{$step->does}";
    }
}
