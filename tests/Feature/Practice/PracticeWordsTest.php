<?php

declare(strict_types=1);

use App\Words\PracticeWords;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Proving\Practice\Act\Exception\ImpossibleAct;
use Yoke\Proving\Practice\Act\Refusal;
use Yoke\Proving\Practice\Act\SafetyViolation;
use Yoke\Proving\Practice\Coach\Hint;
use Yoke\Proving\Practice\Coach\HintKind;
use Yoke\Proving\Practice\Debrief\LessonKind;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Exercise\Remedy;
use Yoke\Proving\Practice\Learning\Skill;
use Yoke\Proving\Practice\Players\Hands;
use Yoke\Proving\Practice\Run\Run;
use Yoke\Rig\Parts\Stance;

require_once dirname(__DIR__, 2).'/Core/Practice/rigs.php';

/** A sentence: it begins large, ends, and nothing in it was left open. */
function isSentence(string $text): bool
{
    return preg_match('/^[A-Z“].*[.]$/su', $text) === 1 && preg_match('/:[a-z_]{2,}|practice\./', $text) === 0;
}

/** @return array{PracticeWords, Yoke\Proving\Practice\Exercise\Exercise} */
function practiceWords(Tests\FeatureCase $test, string $fineness = '1/16 in'): array
{
    $exercise = exerciseOf('2-00005-3');

    return [new PracticeWords($exercise->rig->told, $test->person('Wren Tallow', $fineness)), $exercise];
}

it('refuses in a sentence that says what was expected', function (Refusal $refusal): void {
    [$words] = practiceWords($this);
    expect(isSentence($words->refusal(ImpossibleAct::refused($refusal))))->toBeTrue(
        $words->refusal(ImpossibleAct::refused($refusal)),
    );
})->with(Refusal::cases());

it('says each hint in a sentence', function (HintKind $kind): void {
    [$words, $exercise] = practiceWords($this);
    $hint = match ($kind) {
        HintKind::LookAt => Hint::lookAt(Place::Cab),
        HintKind::PutRight => Hint::putRight(Fault::SoftTyre),
        HintKind::MoveHead, HintKind::HookUp => Hint::setting($kind, $exercise->start),
        HintKind::Tape, HintKind::Couple, HintKind::Uncouple, HintKind::TakeBarsOff => Hint::toStand(
            $kind,
            Stance::Dropped,
        ),
        default => Hint::plain($kind),
    };
    expect(isSentence($words->hint($hint)))->toBeTrue($words->hint($hint));
})->with(HintKind::cases());

it('says each lesson in a sentence, in the learner’s units', function (LessonKind $kind, string $fineness): void {
    [$words] = practiceWords($this, $fineness);
    $lesson = $words->lesson([
        'kind' => $kind->value,
        'fault' => Fault::WheelInDip->value,
        'breach' => SafetyViolation::Fingers->value,
        'figure' => 4.0,
    ]);
    expect(isSentence($lesson))->toBeTrue($lesson);
})
    ->with(LessonKind::cases())
    ->with(['1/16 in', '1 mm']);

it('says what is seen at every place in every stance, and what a fault looks like there', function (): void {
    [$words, $exercise] = practiceWords($this);
    $said = [];
    foreach (Stance::cases() as $stance) {
        foreach (Place::cases() as $place) {
            $hands = new Hands(new Run($exercise), Fineness::Sixteenth);
            $hands->stand($stance);
            $done = $hands->look($place);
            if ($done !== null) {
                $said[] = $sentence = $words->did($done);
                expect(isSentence($sentence))->toBeTrue($sentence);
            }
        }
    }
    foreach (Fault::cases() as $fault) {
        foreach (['seen', 'cost'] as $what) {
            expect(isSentence((string) __("practice.fault.{$fault->value}.{$what}")))->toBeTrue($fault->value);
        }
    }

    expect(count($said))->toBeGreaterThan(20);
});

it('has a name for each skill, remedy and breach', function (): void {
    foreach ([...array_column(Skill::cases(), 'value'), ...array_column(Fault::cases(), 'value')] as $key) {
        expect(PracticeWords::skill($key))->not->toContain('practice.');
    }
    foreach (Remedy::cases() as $remedy) {
        expect(__("practice.remedy.{$remedy->value}"))->not->toContain('practice.');
    }
    foreach (SafetyViolation::cases() as $breach) {
        expect(isSentence((string) __("practice.breach.{$breach->value}.why")))
            ->toBeTrue()
            ->and(__("practice.breach.{$breach->value}.title"))
            ->toStartWith('Stopped: ');
    }
});
