<?php

declare(strict_types=1);

namespace App\UseCases\Owner;

use App\Models\CardLink;
use App\Models\OwnerNote;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use Illuminate\Support\Facades\Date;

/** What an owner writes to the shop, and that somebody there has read it. */
final readonly class SendNote
{
    public function __construct(private WritingDoor $door)
    {
    }

    /** Whoever holds the link may. */
    public function sent(CardLink $link, string $note): void
    {
        OwnerNote::query()->create([
            'job_id' => $link->job->id,
            'card_link_id' => $link->id,
            'note' => $note,
            'sent_at' => Date::now(),
        ]);
    }

    public function seen(User $person, OwnerNote $note): void
    {
        if ($note->seen_at === null) {
            $seen = ['seen_at' => Date::now(), 'seen_by' => $person->id];
            $this->door->inShop($person, 'work', static fn (): bool => $note->update($seen));
        }
    }
}
