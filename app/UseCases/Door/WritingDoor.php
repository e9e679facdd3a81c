<?php

declare(strict_types=1);

namespace App\UseCases\Door;

use App\Models\Job;
use App\Models\User;
use Closure;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Contracts\Auth\Access\Gate;
use Illuminate\Contracts\Events\Dispatcher;
use Illuminate\Support\Facades\DB;

/**
 * The one way in which a job or the shop is written, whoever asks: a page, a form that waited, the HTTP interface, a
 * file.
 * Only by somebody who may; all of it or nothing; one after the other; and told to whoever has to know.
 */
final readonly class WritingDoor
{
    /** Another tab may be writing at the same moment. */
    private const ATTEMPTS = 5;

    public function __construct(private Gate $gate, private Dispatcher $events)
    {
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $deed
     *
     * @param-immediately-invoked-callable $deed
     *
     * @return T
     *
     * @throws AuthorizationException for who does not work on jobs
     */
    public function onJob(User $person, Job $job, Closure $deed): mixed
    {
        $this->gate->forUser($person)->authorize('work');
        $done = DB::transaction(static function () use ($job, $deed): mixed {
            // A write comes first: it waits for its turn, and what is read after it nobody else can change.
            $job->takeTurn();

            return $deed();
        }, self::ATTEMPTS);
        $this->events->dispatch(new JobWritten($job));

        return $done;
    }

    /**
     * @template T
     *
     * @param  string  $right  `work` on jobs, or `own` the shop
     * @param  Closure(): T  $deed
     *
     * @param-immediately-invoked-callable $deed
     *
     * @return T
     *
     * @throws AuthorizationException for who may not
     */
    public function inShop(User $person, string $right, Closure $deed): mixed
    {
        $this->gate->forUser($person)->authorize($right);

        return DB::transaction($deed, self::ATTEMPTS);
    }
}
