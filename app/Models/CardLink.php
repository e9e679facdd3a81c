<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\URL;
use Yoke\Foundation\Units\Text\Fineness;
use Yoke\Workshop\Procedure\Occasion;

/**
 * A private link to a job's card and procedures, for an owner without a sign-in.
 *
 * @property int $id
 * @property string $token
 * @property CarbonImmutable $made_at
 * @property CarbonImmutable $ends_at
 * @property CarbonImmutable|null $revoked_at
 * @property Language $language
 * @property Fineness|null $fineness of the units; null for those of whoever made the link
 * @property Job $job
 * @property User $user
 */
final class CardLink extends Model
{
    public $timestamps = false;

    protected $fillable = ['job_id', 'token', 'user_id', 'made_at', 'ends_at', 'revoked_at', 'language', 'fineness'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'made_at' => 'immutable_datetime',
            'ends_at' => 'immutable_datetime',
            'revoked_at' => 'immutable_datetime',
            'language' => Language::class,
            'fineness' => Fineness::class,
        ];
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** Whoever made it, as somebody who reads in the link's own language and units. */
    public function reader(): User
    {
        $reader = clone $this->user;
        $reader->forceFill(['language' => $this->language, 'fineness' => $this->fineness ?? $this->user->fineness]);

        return $reader;
    }

    /** For good: no backup of before brings it back. */
    public function revoke(): void
    {
        $this->update(['revoked_at' => Date::now()]);
        Revocation::Card->note(hash('sha256', $this->token));
    }

    public function isOpen(): bool
    {
        return $this->revoked_at === null && $this->ends_at->isAfter(Date::now());
    }

    /** The signed address, from the shop's root on. */
    public function address(?Occasion $occasion = null): string
    {
        return $occasion === null
            ? URL::signedRoute('owner.card', ['token' => $this->token], null, false)
            : URL::signedRoute(
                'owner.procedure',
                ['token' => $this->token, 'occasion' => $occasion->value],
                null,
                false,
            );
    }

    /** Of one of its other pages: `owner.paper`, `owner.loads`, `owner.manifest`, `owner.note`. */
    public function addressOf(string $page): string
    {
        return URL::signedRoute($page, ['token' => $this->token], null, false);
    }

    public function pdfAddress(Paper $paper): string
    {
        return URL::signedRoute('owner.pdf', ['token' => $this->token, 'paper' => $paper->value], null, false);
    }
}
