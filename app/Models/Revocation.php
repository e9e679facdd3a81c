<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\DB;

/** What was ended for good. It outlives the restore of a backup that was made before (CarriedForward). */
enum Revocation: string
{
    case Token = 'token';
    case Calendar = 'calendar';
    case Card = 'card';
    case Person = 'person';
    case Customer = 'customer';

    /** Somebody is no owner any more. */
    case Ownership = 'ownership';

    /** Somebody works on no jobs any more. */
    case Work = 'work';

    public const TABLE = 'revocations';

    /** @param  string  $subject  a hash, or the mark of a customer */
    public function note(string $subject): void
    {
        $this->put($subject, 0);
    }

    /** Somebody who left is back. */
    public function lift(string $subject): void
    {
        $this->put($subject, 1);
    }

    /** Who somebody is across backups: the numbers of rows are given out again after a restore. */
    public static function ofAddress(string $email): string
    {
        return hash('sha256', mb_strtolower($email));
    }

    /** What a role gives is given, what it does not is taken, whatever an older backup says. */
    public static function ofRole(string $email, ?Role $role): void
    {
        foreach ([[self::Ownership, $role?->isOwner()], [self::Work, $role?->worksOnJobs()]] as [$kind, $isGiven]) {
            $kind->put(self::ofAddress($email), $isGiven === true ? 1 : 0);
        }
    }

    private function put(string $subject, int $isLifted): void
    {
        DB::table(self::TABLE)->updateOrInsert(
            ['kind' => $this->value, 'subject' => $subject],
            ['is_lifted' => $isLifted, 'at' => Date::now()],
        );
    }
}
