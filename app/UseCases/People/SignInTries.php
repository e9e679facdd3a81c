<?php

declare(strict_types=1);

namespace App\UseCases\People;

use Illuminate\Cache\RateLimiter;
use Illuminate\Contracts\Cache\Lock;
use Illuminate\Contracts\Cache\LockProvider;
use Illuminate\Contracts\Cache\Repository;

/**
 * How often a password may be guessed: counted for an account at an address, for an account anywhere, and for an
 * address,
 * in windows that grow. A try is counted before it is made, under a lock, so that tries made at once are all counted.
 */
final readonly class SignInTries
{
    /** Seconds => tries within them. */
    private const ACCOUNT_HERE = [60 => 5, 600 => 10, 3600 => 20, 86400 => 40];

    private const ACCOUNT = [600 => 30, 86400 => 120];

    private const ADDRESS = [60 => 20, 600 => 60, 3600 => 120, 86400 => 400];

    private const LOCK_SECONDS = 5;

    private const TOLD_SECONDS = 3600;

    public function __construct(private RateLimiter $limiter, private Repository $cache)
    {
    }

    /**
     * @param  'known'|'unknown'  $device  a known one has signed in to the account before: what others guess from
     *     elsewhere does not hold it up
     * @return int seconds to wait before the next try; 0 where this one may be made, and then it is counted
     */
    public function take(string $account, string $address, string $device = 'unknown'): int
    {
        return $this->lock()->block(self::LOCK_SECONDS, function () use ($account, $address, $device): int {
            $wait = 0;
            foreach ($this->windows($account, $address) as $key => [$seconds, $most]) {
                if ($device === 'known' && str_starts_with($key, 'sign-in:account:')) {
                    continue;
                }
                $wait = max(
                    $wait,
                    $this->limiter->tooManyAttempts($key, $most) ? max(1, $this->limiter->availableIn($key)) : 0,
                );
            }
            foreach ($wait === 0 ? $this->windows($account, $address) : [] as $key => [$seconds]) {
                $this->limiter->hit($key, $seconds);
            }

            return $wait;
        });
    }

    /** The try was the right one: it counts against nobody. */
    public function succeeded(string $account, string $address): void
    {
        $this->lock()->block(self::LOCK_SECONDS, function () use ($account, $address): void {
            foreach ($this->windows($account, $address) as $key => [$seconds]) {
                str_starts_with($key, 'sign-in:here')
                    ? $this->limiter->clear($key)
                    : $this->limiter->decrement($key, $seconds);
            }
        });
    }

    /** Whether this is the first one from the address for a while: a record is kept of it, not of each that follows. */
    public function isFirstRefusal(string $address): bool
    {
        return $this->limiter->attempt(
            "sign-in:refused:{$address}",
            1,
            static fn (): bool => true,
            self::TOLD_SECONDS,
        ) === true;
    }

    /** @return array<string, array{int, int}> by key: seconds and tries */
    private function windows(string $account, string $address): array
    {
        $account = hash('sha256', mb_strtolower($account));
        $windows = [];
        foreach (
            [
                "here:{$account}:{$address}" => self::ACCOUNT_HERE,
                "account:{$account}" => self::ACCOUNT,
                "address:{$address}" => self::ADDRESS,
            ] as $of => $limits
        ) {
            foreach ($limits as $seconds => $most) {
                $windows["sign-in:{$of}:{$seconds}"] = [$seconds, $most];
            }
        }

        return $windows;
    }

    private function lock(): Lock
    {
        $store = $this->cache->getStore();

        return $store instanceof LockProvider
            ? $store->lock('sign-in', self::LOCK_SECONDS)
            : throw new \LogicException('The cache has to have locks.');
    }
}
