<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What was revoked, erased or ended stays so, whatever backup is restored later; calendar addresses are kept as hashes;
 * a token
 * ends after a year at the latest; whoever got a role from a migration is asked for it.
 */
return new class extends Migration
{
    private const LONGEST_DAYS = 365;

    /** So that a program whose token is old already has time to get another. */
    private const NOTICE_DAYS = 30;

    public function up(): void
    {
        Schema::create('revocations', function (Blueprint $table): void {
            $table->string('kind', 20)->comment('token, calendar, card, person or customer');
            $table->string('subject', 64)->comment('its hash, or the mark of a customer');
            $table->boolean('is_lifted')->default(false)->comment('somebody who left is back');
            $table->dateTime('at');
            $table->primary(['kind', 'subject']);
        });
        DB::statement('ALTER TABLE users ADD COLUMN role_standing VARCHAR(10) NULL');
        DB::table('users')
            ->where('role', 'unasked')
            ->update(['role' => 'desk', 'role_standing' => 'asked']);
        DB::statement('ALTER TABLE customers ADD COLUMN mark VARCHAR(36) NULL');
        $this->markCustomers();
        $this->hashCalendars();
        $this->endTokens();
        $this->rememberWhatEnded();
    }

    /** The same mark wherever the same row is brought up to date: a backup of before knows its customers by it. */
    private function markCustomers(): void
    {
        foreach (DB::table('customers')->get(['id', 'created_at']) as $customer) {
            DB::table('customers')
                ->where('id', $customer->id)
                ->update(['mark' => substr(hash('sha256', "customer {$customer->id} {$customer->created_at}"), 0, 36)]);
        }
    }

    private function hashCalendars(): void
    {
        DB::statement('ALTER TABLE calendar_links RENAME COLUMN token TO hash');
        foreach (DB::table('calendar_links')->get(['id', 'hash']) as $link) {
            DB::table('calendar_links')
                ->where('id', $link->id)
                ->update(['hash' => hash('sha256', (string) $link->hash)]);
        }
    }

    private function endTokens(): void
    {
        $notice = Carbon::now()->addDays(self::NOTICE_DAYS);
        foreach (DB::table('api_tokens')->get(['id', 'made_at', 'ends_at']) as $token) {
            $latest = Carbon::parse((string) $token->made_at)->addDays(self::LONGEST_DAYS)->max($notice);
            if ($token->ends_at === null || Carbon::parse((string) $token->ends_at)->isAfter($latest)) {
                DB::table('api_tokens')
                    ->where('id', $token->id)
                    ->update(['ends_at' => $latest->format('Y-m-d H:i:s')]);
            }
        }
    }

    private function rememberWhatEnded(): void
    {
        $this->remember(
            'token',
            DB::table('api_tokens')->whereNotNull('revoked_at')->pluck('revoked_at', 'hash')->all(),
        );
        $this->remember(
            'calendar',
            DB::table('calendar_links')->whereNotNull('revoked_at')->pluck('revoked_at', 'hash')->all(),
        );
        foreach (
            DB::table('card_links')->whereNotNull('revoked_at')->pluck('revoked_at', 'token')->all() as $token => $at
        ) {
            $this->remember('card', [hash('sha256', (string) $token) => $at]);
        }
        foreach (DB::table('users')->whereNotNull('left_at')->pluck('left_at', 'email')->all() as $email => $at) {
            $this->remember('person', [hash('sha256', mb_strtolower((string) $email)) => $at]);
        }
    }

    /** @param  array<array-key, mixed>  $ended  when, by subject */
    private function remember(string $kind, array $ended): void
    {
        foreach ($ended as $subject => $at) {
            DB::table('revocations')->insertOrIgnore(['kind' => $kind, 'subject' => $subject, 'at' => $at]);
        }
    }
};
