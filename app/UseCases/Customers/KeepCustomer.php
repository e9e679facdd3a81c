<?php

declare(strict_types=1);

namespace App\UseCases\Customers;

use App\Models\CallOutcome;
use App\Models\Customer;
use App\Models\Rig;
use App\Models\User;
use App\UseCases\Door\WritingDoor;
use Illuminate\Support\Facades\Date;

/** Whose rigs they are, and what came of calling them. */
final readonly class KeepCustomer
{
    public function __construct(private WritingDoor $door)
    {
    }

    /** @param  Rig|null  $rig  that becomes theirs */
    public function kept(User $person, CustomerDraft $draft, Customer $customer, ?Rig $rig = null): Customer
    {
        return $this->door->inShop($person, 'work', static function () use (
            $person,
            $draft,
            $customer,
            $rig,
        ): Customer {
            $kept = $draft->keep($customer, $person);
            $rig?->update(['customer_id' => $kept->id]);

            return $kept;
        });
    }

    /** A rig is theirs, or nobody's. */
    public function assigned(User $person, Rig $rig, ?Customer $customer): void
    {
        $this->door->inShop($person, 'work', static fn (): bool => $rig->update(['customer_id' => $customer?->id]));
    }

    public function called(User $person, Rig $rig, CallOutcome $outcome): void
    {
        $call = ['user_id' => $person->id, 'outcome' => $outcome, 'called_at' => Date::now()];
        $this->door->inShop($person, 'work', static fn () => $rig->calls()->create($call));
    }
}
