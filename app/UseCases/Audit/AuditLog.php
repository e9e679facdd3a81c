<?php

declare(strict_types=1);

namespace App\UseCases\Audit;

use App\Models\User;
use Spatie\Activitylog\ActivityLogger;
use Spatie\Activitylog\Models\Activity;

/** The record of deeds: kept, never changed. */
final readonly class AuditLog
{
    private const NAME = 'deeds';

    public function __construct(private ActivityLogger $logger)
    {
    }

    /**
     * @param  User|null  $by  nobody: a stranger, or a command at the console
     * @param  array<string, string|int|float|null>  $with  what the sentence names
     */
    public function record(AuditEvent $deed, ?User $by, array $with = []): void
    {
        $log = $this->logger->useLog(self::NAME);
        $by === null ? $log->byAnonymous() : $log->causedBy($by);
        $log->event($deed->value)->withProperties($with)->log($deed->value);
    }

    /**
     * @return list<array{at: \Carbon\CarbonInterface, by: string, deed: AuditEvent, with: array<string, mixed>}> the
     *     latest first
     */
    public function page(int $page, int $size): array
    {
        $deeds = [];
        foreach (
            Activity::query()
                ->with('causer')
                ->where('log_name', self::NAME)
                ->orderByDesc('id')
                ->forPage($page, $size)
                ->get() as $activity
        ) {
            $deed = AuditEvent::tryFrom((string) $activity->event);
            if ($deed !== null && $activity->created_at !== null) {
                $deeds[] = [
                    'at' => $activity->created_at,
                    'by' => $activity->causer instanceof User ? $activity->causer->name : '',
                    'deed' => $deed,
                    'with' => $activity->properties?->all() ?? [],
                ];
            }
        }

        return $deeds;
    }
}
