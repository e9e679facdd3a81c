<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody is in the shop. */
enum Role: string
{
    /** Everything: people, settings, backups. */
    case Owner = 'owner';

    /** Books and works jobs, keeps the garage. */
    case Fitter = 'fitter';

    /** Reads everything and books. */
    case Desk = 'desk';

    public function isOwner(): bool
    {
        return $this === self::Owner;
    }

    public function worksOnJobs(): bool
    {
        return $this !== self::Desk;
    }
}
