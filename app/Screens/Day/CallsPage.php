<?php

declare(strict_types=1);

namespace App\Screens\Day;

use App\Models\ReminderCall;
use App\Models\Rig;
use App\Models\User;
use App\Screens\Service\CareLine;
use App\UseCases\Service\RigCare;
use App\Words\Text;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Yoke\Workshop\Service\DueState;
use Yoke\Workshop\Service\DueTask;

/** Owners to call: of rigs with something due, those that were not reached lately. */
final readonly class CallsPage
{
    private const SHOWN = 40;

    public function __construct(private User $person)
    {
    }

    /** @return list<array{Rig, non-empty-list<CareLine>, string}> rig, what presses on it, the last call in words */
    public function rigs(): array
    {
        /** @var Collection<int, Rig> $rigs */
        $rigs = Rig::atHand()
            ->with(['vehicle', 'trailer', 'hitch', 'careRecords', 'customer', 'calls.user'])
            ->where('care_due_on', '<=', Date::today()->addDays(DueTask::SOON_DAYS))
            ->orderBy('care_due_on')
            ->limit(self::SHOWN)
            ->get();
        $list = [];
        foreach ($rigs as $rig) {
            $last = $rig->calls->first();
            $pressing = array_values(
                array_filter(
                    CareLine::of(new RigCare($rig), $this->person),
                    static fn (CareLine $line): bool => $line->state !== DueState::Later,
                ),
            );
            if ($pressing !== [] && ($last === null || $last->called_at->addDays($last->outcome->rests())->isPast())) {
                $list[] = [$rig, $pressing, self::said($last)];
            }
        }

        return $list;
    }

    private static function said(?ReminderCall $call): string
    {
        return $call === null
            ? ''
            : Text::of('day.called', [
                'outcome' => Text::of("day.call.{$call->outcome->value}"),
                'person' => $call->user->name,
                'at' => $call->called_at->isoFormat('ll'),
            ]);
    }
}
