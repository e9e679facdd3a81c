<?php

declare(strict_types=1);

namespace App\Words;

use App\Models\User;
use Yoke\Foundation\Units\Angle;
use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Job\Planning\SpecifiedRig;
use Yoke\Proving\Practice\Act\ActKind;
use Yoke\Proving\Practice\Act\Exception\ImpossibleAct;
use Yoke\Proving\Practice\Act\Refusal;
use Yoke\Proving\Practice\Act\Sight;
use Yoke\Proving\Practice\Coach\Hint;
use Yoke\Proving\Practice\Coach\HintKind;
use Yoke\Proving\Practice\Exception\NoExercise;
use Yoke\Proving\Practice\Exception\UnknownCode;
use Yoke\Proving\Practice\Exercise\ExerciseCode;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Exercise\Level;
use Yoke\Proving\Practice\Exercise\Place;
use Yoke\Proving\Practice\Reading\TakenWeight;
use Yoke\Proving\Practice\Run\Done;
use Yoke\Rig\Parts\Rig;
use Yoke\Rig\Parts\Stance;

/** What is done, seen and said in the practice yard, in the learner's units and the hitch's words. */
final readonly class PracticeWords
{
    private SettingWords $settings;

    private QuantityWords $print;

    public function __construct(SpecifiedRig $told, private User $person)
    {
        $this->settings = new SettingWords($told->sheets);
        $this->print = new QuantityWords($person);
    }

    public static function level(Level $level): string
    {
        return Text::of("practice.level.{$level->value}.title");
    }

    public static function fault(Fault $fault): string
    {
        return Text::of("practice.fault.{$fault->value}.name");
    }

    /** What a skill is called, or the fault whose key it is. */
    public static function skill(string $key): string
    {
        $fault = Fault::tryFrom($key);

        return $fault === null ? Text::of("practice.skill.{$key}") : self::fault($fault);
    }

    /** A rig that was drawn: `Pick-up, box trailer`. */
    public static function rig(Rig $rig): string
    {
        return Text::of('practice.rig.name', [
            'vehicle' => Text::of("practice.rig.{$rig->vehicle->body->value}"),
            'trailer' => Text::of("practice.rig.{$rig->trailer->body->value}"),
        ]);
    }

    public static function code(UnknownCode $unknown): string
    {
        return Text::of($unknown->isSlip ? 'practice.code.slipped' : 'practice.code.unreadable', [
            'typed' => $unknown->typed,
            'example' => ExerciseCode::of(Level::RealTape, 4721)->text(),
        ]);
    }

    public static function none(NoExercise $none): string
    {
        return Text::of($none->hasNothingToSet ? 'practice.none.nothing_to_set' : 'practice.none.insoluble');
    }

    public function refusal(ImpossibleAct $impossible): string
    {
        return $impossible->refusal === null
            ? Text::of('practice.refusal.unreadable')
            : Text::of(
                "practice.refusal.{$impossible->refusal->value}",
                $impossible->refusal === Refusal::NotAHeight ? ['example' => $this->print->height(850.9)] : [],
            );
    }

    /** What came of an act; an empty text of a hint, which is said for itself, and of what ended the run. */
    public function did(Done $done): string
    {
        $act = $done->act;

        return match (true) {
            $done->breach !== null, $act->kind === ActKind::Hint => '',
            $done->sight !== null => $this->sight($done->sight),
            $done->weight !== null => $this->weight($done->weight),
            $act->kind === ActKind::PutRight => $done->putRight === null
                ? Text::of('practice.did.nothing')
                : Text::of(
                    $done->putRight->spoils() === [] ? 'practice.did.put_right_only' : 'practice.did.put_right',
                    ['fault' => lcfirst(self::fault($done->putRight))],
                ),
            $act->kind === ActKind::Tape && $done->height !== null => Text::of('practice.did.tape', [
                'end' => ucfirst(Text::of("practice.axle.{$done->height->axle->value}")),
                'read' => $done->height->typed !== ''
                        ? $done->height->typed
                        : $this->print->height($done->height->read),
            ]),
            default => '',
        };
    }

    /** The same of what changed the hitch. @param  string  $setting  as it is then */
    public function changed(Done $done, string $setting): string
    {
        return $done->breach !== null
            ? ''
            : Text::of("practice.did.{$done->act->kind->value}", ['setting' => $setting]);
    }

    private function sight(Sight $sight): string
    {
        $says = array_map(
            static fn (Fault $fault): string => Text::of("practice.fault.{$fault->value}.seen"),
            $sight->faults,
        );
        $says =
            $says === []
                ? [
                    Text::of(
                        "practice.place.{$sight->place->value}.".
                            ($sight->stance === Stance::Alone ? 'alone' : 'fine'),
                    ),
                ]
                : $says;

        return implode(
            ' ',
            array_filter([
                Text::of("practice.place.{$sight->place->value}.name").':',
                ...$says,
                $this->figure($sight),
            ]),
        );
    }

    private function figure(Sight $sight): string
    {
        $figure = $sight->figure;
        if ($figure === null) {
            return '';
        }
        $by = $this->print->length(Length::ofMillimetres(abs($figure)));

        return match (true) {
            $sight->place === Place::Bars => $sight->isSmall()
                ? Text::of('practice.sight.straight')
                : Text::of('practice.sight.bend', ['bend' => $by]),
            $sight->isSmall() => Text::of('practice.sight.ball_right'),
            default => Text::of($figure < 0.0 ? 'practice.sight.ball_low' : 'practice.sight.ball_high', [
                'by' => $by,
            ]),
        };
    }

    /** `front 2850 lb, rear 3120 lb`. */
    public function loads(TakenWeight $weight): string
    {
        $said = [];
        foreach ($weight->kg as $what => $kilograms) {
            $said[] = trim(
                Text::ifAny("practice.axle.{$what}").' '.$this->print->load(Load::ofKilograms($kilograms)),
            );
        }

        return implode(', ', $said);
    }

    private function weight(TakenWeight $weight): string
    {
        return Text::of("practice.did.{$weight->by->value}", [
            'loads' => $this->loads($weight),
            'load' => $this->loads($weight),
        ]);
    }

    public function hint(Hint $hint): string
    {
        return match ($hint->kind) {
            HintKind::LookAt => Text::of('practice.hint.look_at', [
                'place' => $hint->place === null ? '' : lcfirst(Text::of("practice.place.{$hint->place->value}.name")),
            ]),
            HintKind::PutRight => Text::of('practice.hint.put_right', [
                'remedy' => $hint->fault?->remedy() === null
                        ? ''
                        : lcfirst(Text::of("practice.remedy.{$hint->fault->remedy()->value}")),
            ]),
            HintKind::MoveHead => Text::of(
                $hint->hitch?->isTurned === true ? 'practice.hint.move_head_turned' : 'practice.hint.move_head',
                ['setting' => $hint->hitch === null ? '' : $this->settings->whole($hint->hitch->setting)],
            ),
            HintKind::HookUp => Text::of('practice.hint.hook_up', [
                'setting' => $hint->hitch === null ? '' : $this->settings->whole($hint->hitch->setting),
            ]),
            HintKind::Tape => Text::of('practice.hint.tape', [
                'stance' => $hint->stance === null ? '' : RigWords::stance($hint->stance),
            ]),
            default => Text::of("practice.hint.{$hint->kind->value}"),
        };
    }

    /** @param  array{kind: string, fault: string|null, breach: string|null, figure: float|int|null}  $lesson */
    public function lesson(array $lesson): string
    {
        $figure = (float) ($lesson['figure'] ?? 0.0);
        $fault = Fault::tryFrom((string) $lesson['fault']);

        return Text::of("practice.lesson.{$lesson['kind']}", [
            'breach' => $lesson['breach'] === null ? '' : Text::of("practice.breach.{$lesson['breach']}.short"),
            'fault' => $fault === null ? '' : lcfirst(self::fault($fault)),
            'place' => $fault === null ? '' : lcfirst(Text::of("practice.place.{$fault->place()->value}.name")),
            'by' => $lesson['kind'] === 'level_the_trailer'
                    ? $this->print->degrees(Angle::ofDegrees($figure))
                    : $this->print->length(Length::ofMillimetres(abs($figure))),
            'many' => (int) $figure,
            'share' => $this->print->percent($figure),
        ]);
    }
}
