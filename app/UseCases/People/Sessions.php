<?php

declare(strict_types=1);

namespace App\UseCases\People;

use App\Models\DeviceSignIn;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;

/** Where people are signed in: begun, seen, listed and ended. */
final class Sessions
{
    private const KEY_LENGTH = 40;

    private const SEEN_MINUTES = 10;

    private const BROWSER_LENGTH = 200;

    /** @return string the key that the session has to hold */
    public static function begin(User $person, string $browser, string $address): string
    {
        $key = Str::random(self::KEY_LENGTH);
        DeviceSignIn::query()->create([
            'user_id' => $person->id,
            'key_hash' => DeviceSignIn::hash($key),
            'browser' => mb_substr($browser, 0, self::BROWSER_LENGTH),
            'address' => $address,
            'signed_in_at' => Date::now(),
            'seen_at' => Date::now(),
        ]);

        return $key;
    }

    /** Now and then, so that few pages write. */
    public static function see(DeviceSignIn $signIn): void
    {
        if ($signIn->seen_at->isBefore(Date::now()->subMinutes(self::SEEN_MINUTES))) {
            $signIn->update(['seen_at' => Date::now()]);
        }
    }

    /** @return Collection<int, DeviceSignIn> of a person, the latest seen first */
    public static function of(User $person): Collection
    {
        return DeviceSignIn::open()->where('user_id', $person->id)->orderByDesc('seen_at')->orderByDesc('id')->get();
    }

    /** All of a person's, but for one. */
    public static function end(User $person, ?string $butKey = null): void
    {
        DeviceSignIn::open()
            ->where('user_id', $person->id)
            ->where('key_hash', '!=', $butKey === null ? '' : DeviceSignIn::hash($butKey))
            ->update(['ended_at' => Date::now()]);
    }
}
