<?php

declare(strict_types=1);

namespace Yoke\Proving\Practice\Learning;

use Yoke\Proving\Practice\Debrief\Debrief;
use Yoke\Proving\Practice\Exercise\Fault;
use Yoke\Proving\Practice\Reading\TakenHeight;
use Yoke\Proving\Practice\Tape\Eye;

/** What can be practised, besides finding each fault: a skill is known by its value, a fault by its own. */
enum Skill: string
{
    case SafeOrder = 'safe_order';
    case ReadTheTape = 'read_the_tape';
    case RollFirst = 'roll_first';
    case ReachTheRange = 'reach_the_range';
    case LevelTheTrailer = 'level_the_trailer';
    case FewHookUps = 'few_hook_ups';

    /**
     * @return array<string, bool> whether it went well, by skill and by fault; what a run says nothing about is left
     *     out
     */
    public static function shownIn(Debrief $debrief): array
    {
        $result = $debrief->result;
        $heights = $debrief->run->heights();
        $shown = [self::SafeOrder->value => $result->breach === null];
        if ($heights !== []) {
            $shown[self::ReadTheTape->value] =
                array_filter(
                    $heights,
                    static fn (TakenHeight $height): bool => abs($height->off()) > TakenHeight::CLOSE_MM &&
                        ($height->isRolled || $height->eye === Eye::Standing),
                ) === [];
            $shown[self::RollFirst->value] =
                array_filter($heights, static fn (TakenHeight $height): bool => ! $height->isRolled) === [];
        }
        if ($result->breach === null) {
            $shown[self::ReachTheRange->value] = $result->isDone();
        }
        if ($result->isDone()) {
            $shown[self::LevelTheTrailer->value] = $result->isLevel();
            $shown[self::FewHookUps->value] = $result->finish->hookUps <= $debrief->advised->finish->hookUps + 1;
        }
        foreach ($debrief->faults as $fault) {
            $shown[$fault->fault->value] = $fault->isFound && $fault->isPutRight;
        }

        return $shown;
    }

    /** Whether a key is one of a fault. */
    public static function fault(string $key): ?Fault
    {
        return Fault::tryFrom($key);
    }
}
