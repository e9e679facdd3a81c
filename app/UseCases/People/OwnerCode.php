<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\User;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Hash;

/** The code by which the first owner of an empty shop shows that they stand at its console. */
final readonly class OwnerCode
{
    private const FILE = 'owner-code';

    /** Without letters and figures that are read for each other. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    private const LENGTH = 10;

    public function __construct(private Filesystem $disk)
    {
    }

    /**
     * A shop without anybody who may sign in waits for its owner.
     *
     * @phpstan-impure
     */
    public static function isAwaited(): bool
    {
        return ! User::query()->whereNotNull('role')->exists();
    }

    /** A new one; the one before is good no more. */
    public function make(): string
    {
        $code = '';
        for ($letter = 0; $letter < self::LENGTH; $letter++) {
            $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }
        $this->disk->put(self::FILE, Hash::make($code));

        return $code;
    }

    public function is(string $typed): bool
    {
        return $this->disk->exists(self::FILE) &&
            Hash::check(mb_strtolower(trim($typed)), (string) $this->disk->get(self::FILE));
    }

    public function forget(): void
    {
        $this->disk->delete(self::FILE);
    }
}
