<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Foundation\Units\TorqueUnit;
use Yoke\Workshop\Service\CareTask;
use Yoke\Workshop\Service\DueState;
use Yoke\Workshop\Service\Recheck;
use Yoke\Workshop\Service\TorqueDone;
use Yoke\Workshop\Service\TorqueFinding;

/** What maintenance asks for, and what it found. */
final class ServiceWords
{
    public static function what(CareTask $task): string
    {
        return Text::of("service.task.{$task->key}.what");
    }

    /**
     * What a line of a care book says was done.
     *
     * @param  array<string, CareTask>  $tasks  of its rig, by key; what its hitch's sheet asks for no more is its key
     */
    public static function line(string $done, array $tasks): string
    {
        return isset($tasks[$done]) ? self::what($tasks[$done]) : (Text::ifAny("service.line.{$done}") ?: $done);
    }

    /** And what to mind, in sentences; where grease goes and what wears is the family's own. */
    public static function how(CareTask $task): string
    {
        $family = $task->family === null ? null : new FamilyWords($task->family);

        $how =
            match ($task->key) {
                'grease' => $family?->grease(),
                'wear' => $family?->wear(),
                default => null,
            } ?? Text::of("service.task.{$task->key}.how");

        return trim($how.' '.Text::ifAny("service.task.{$task->key}.and"));
    }

    public static function due(DueState $state): string
    {
        return Text::of("service.due.{$state->value}");
    }

    /**
     * What an owner checks again, and when.
     *
     * @param  string|null  $distance  of the first run, where the data sheet gives it
     * @return array{string, string}
     */
    public static function recheck(Recheck $recheck, ?string $distance): array
    {
        $at = "service.recheck.{$recheck->value}";

        return [
            Text::of("{$at}.what"),
            $recheck === Recheck::Torque && $distance !== null
                ? Text::of("{$at}.when_at", ['distance' => $distance])
                : Text::of("{$at}.when"),
        ];
    }

    /**
     * @param  non-empty-list<string>  $intervals
     * @return array{string, string}
     */
    public static function byTheDataSheet(array $intervals): array
    {
        return [
            Text::of('service.by_the_data_sheet.what'),
            Text::of('service.by_the_data_sheet.when'.(count($intervals) > 1 ? '_first' : ''), [
                'interval' => implode(Text::of('language.or'), $intervals),
            ]),
        ];
    }

    /** What to do about a fastener, or an empty text where it is right. */
    public static function torque(TorqueDone $done, TorqueUnit $unit): string
    {
        $finding = $done->finding();

        return $finding === TorqueFinding::Right
            ? ''
            : Text::of("service.torque.{$finding->value}", [
                'wrench' => $unit->nearest($done->wrench),
                'sheet' => $unit->nearest($done->sheet),
            ]);
    }
}
