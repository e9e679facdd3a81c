<?php

declare(strict_types=1);

namespace App\UseCases\Door;

use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Date;

/**
 * One sending under a browser's mark. The database is locked from its first write until it is closed, not before: what
 * is
 * read and worked out first locks nobody out.
 */
final class IdempotentRequest
{
    private const TABLE = 'sent_entries';

    private const WRITES = '/^\s*(insert|update|delete|replace)\b/i';

    private const KEPT_DAYS = 60;

    private bool $isOpen = false;

    private bool $isWaiting = true;

    public function __construct(private readonly Connection $database, private readonly string $mark)
    {
        $database->beforeExecuting(function (string $query): void {
            if ($this->isWaiting && preg_match(self::WRITES, $query) === 1) {
                $this->open();
            }
        });
        $database->beforeStartingTransaction(function (): void {
            if ($this->isWaiting) {
                $this->open();
            }
        });
    }

    /** What was answered when it came before; null where it did not. */
    public function before(): ?string
    {
        $sent = $this->database->table(self::TABLE)->where('mark', $this->mark)->first();

        return $sent === null ? null : (is_string($sent->answer) ? $sent->answer : '{}');
    }

    /**
     * Begins to write under the mark; the same one sent at the same moment waits here for the first.
     *
     * @throws SentBefore
     */
    public function open(): void
    {
        $this->isWaiting = false;
        $this->database->beginTransaction();
        if (
            $this->database->table(self::TABLE)->insertOrIgnore(['mark' => $this->mark, 'sent_at' => Date::now()]) === 0
        ) {
            $this->database->rollBack();
            throw new SentBefore();
        }
        $this->isOpen = true;
    }

    /** Everything is kept, with what the browser has to know of it when it asks again. */
    public function close(string $answer): void
    {
        if (! $this->isOpen) {
            $this->open();
        }
        $this->database
            ->table(self::TABLE)
            ->where('mark', $this->mark)
            ->update(['answer' => $answer]);
        $this->database
            ->table(self::TABLE)
            ->where('sent_at', '<', Date::now()->subDays(self::KEPT_DAYS))
            ->delete();
        $this->database->commit();
        $this->isOpen = false;
    }

    /** Nothing is kept, nor that it came. */
    public function giveUp(): void
    {
        $this->isWaiting = false;
        if ($this->isOpen) {
            $this->database->rollBack();
        }
        $this->isOpen = false;
    }
}
