<?php

declare(strict_types=1);

namespace App\UseCases\Owner;

use App\Models\CardLink;
use App\Models\Job;
use App\Models\Language;
use App\Models\User;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\Door\WritingDoor;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;
use Yoke\Foundation\Units\Text\Fineness;

/** Private links to a job's card: made, and revoked. */
final readonly class ShareCard
{
    private const TOKEN_LENGTH = 40;

    /** A link ends by itself after so many days. */
    private const DAYS = 730;

    public function __construct(private WritingDoor $door, private AuditLog $deeds)
    {
    }

    /**
     * Another link, in the language and units of whoever is to read it; the ones before stay open until they are
     * revoked.
     */
    public function shared(User $person, Job $job, Language $language, ?Fineness $fineness): CardLink
    {
        return $this->door->onJob($person, $job, function () use ($person, $job, $language, $fineness): CardLink {
            $this->deeds->record(AuditEvent::CardShared, $person, ['job' => $job->id]);

            return $job->cardLinks()->create([
                'token' => Str::random(self::TOKEN_LENGTH),
                'user_id' => $person->id,
                'made_at' => Date::now(),
                'ends_at' => Date::now()->addDays(self::DAYS),
                'language' => $language,
                'fineness' => $fineness,
            ]);
        });
    }

    public function revoked(User $person, Job $job, int $link): void
    {
        $this->door->onJob($person, $job, function () use ($person, $job, $link): void {
            $job->cardLinks()->findOrFail($link)->revoke();
            $this->deeds->record(AuditEvent::CardRevoked, $person, ['job' => $job->id]);
        });
    }
}
