<?php

declare(strict_types=1);

namespace App\Screens\Log;

use App\Models\Job;
use App\Words\SettingWords;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Yoke\CoreException;
use Yoke\Rig\Parts\Stance;

/** Jobs whose title, vehicle, trailer or hitch holds every word that is looked for, the latest first. */
final readonly class Search
{
    public const LONGEST = 80;

    private const A_PAGE = 20;

    /** One more than a page holds, so that it is known whether there is another. */
    private const ASKED = self::A_PAGE + 1;

    /** @var Collection<int, Job> */
    private Collection $found;

    /** @param  bool  $open  whether only those not handed over */
    public function __construct(public string $find, public int $page, public bool $open = false)
    {
        $jobs = Job::query()
            ->with(['rig.vehicle', 'rig.trailer', 'rig.hitch', 'rounds'])
            ->when($open, static fn (Builder $all) => $all->whereNull('handed_over_at'));
        foreach (preg_split('/\s+/', $find, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            $jobs->where(fn (Builder $any) => $this->hold($any, '%'.addcslashes($word, '%_\\').'%'));
        }
        /** @var Collection<int, Job> $found */
        $found = $jobs
            ->orderByDesc('booked_on')
            ->orderByDesc('id')
            ->skip(($page - 1) * self::A_PAGE)
            ->limit(self::ASKED)
            ->get();
        $this->found = $found;
    }

    /** @return Collection<int, Job> */
    public function jobs(): Collection
    {
        return $this->found->take(self::A_PAGE);
    }

    public function hasMore(): bool
    {
        return $this->found->count() === self::ASKED;
    }

    /** That was written down last, in words, or an empty text. */
    public function setting(Job $job): string
    {
        $described = $job->rigAsWorked()->specified();
        $steps = $job->settingOf($job->roundOf(Stance::Carried));
        try {
            $setting = $steps === null ? null : $described->adjusters()?->recorded($steps);
        } catch (CoreException) {
            return '';
        }

        return $setting === null ? '' : (new SettingWords($described))->of($setting);
    }

    /** @param  Builder<Job>  $jobs */
    private function hold(Builder $jobs, string $like): void
    {
        $jobs->whereRaw("title LIKE ? ESCAPE '\\'", [$like]);
        foreach (['vehicle', 'trailer', 'hitch'] as $part) {
            $jobs->orWhereHas("rig.{$part}", static function (Builder $one) use ($like): void {
                $one->whereRaw("name LIKE ? ESCAPE '\\'", [$like]);
            });
        }
    }
}
