<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Http\Requests\Asked;
use App\Interchange\AnalysisResource;
use App\Interchange\Api\JobResource;
use App\Interchange\Api\RigResource;
use App\Models\Job;
use App\Models\Rig;
use App\Screens\Card\CardPage;
use App\Screens\Card\CardResource;
use App\UseCases\Analysis\JobAnalyses;
use Illuminate\Http\JsonResponse;

/** Jobs, rigs and cards, read by another program. */
final class ApiJobs
{
    private const A_PAGE = 50;

    private const LAST_PAGE = 100_000;

    private const RELATIONS = ['rig', 'liveReadings', 'rounds', 'measures', 'tickets', 'tongueReadings', 'barTapings'];

    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function jobs(Asked $request): JsonResponse
    {
        $page = $request->whole('page', 1, self::LAST_PAGE);
        $jobs = Job::query()
            ->when($request->boolean('open'), static fn ($open) => $open->whereNull('handed_over_at'))
            ->orderByDesc('id')
            ->skip(($page - 1) * self::A_PAGE)
            ->limit(self::A_PAGE + 1)
            ->get();

        return self::list(
            $jobs->take(self::A_PAGE)->map(JobResource::short(...))->all(),
            $page,
            $jobs->count() > self::A_PAGE,
        );
    }

    public function job(AnalysisResource $tells, Job $job): JsonResponse
    {
        $analysed = $this->analyses->of($job->load(self::RELATIONS));

        return new JsonResponse(['data' => JobResource::whole($analysed, $tells->of($analysed))]);
    }

    public function card(Asked $request, Job $job): JsonResponse
    {
        return new JsonResponse([
            'data' => CardResource::of(
                new CardPage(
                    $this->analyses->of($job->load([...self::RELATIONS, 'marks', 'torques.user'])),
                    $request->person(),
                ),
            ),
        ]);
    }

    public function rigs(Asked $request): JsonResponse
    {
        $page = $request->whole('page', 1, self::LAST_PAGE);
        $rigs = Rig::atHand()
            ->with(['vehicle', 'trailer', 'hitch'])
            ->orderByDesc('id')
            ->skip(($page - 1) * self::A_PAGE)
            ->limit(self::A_PAGE + 1)
            ->get();

        return self::list(
            $rigs->take(self::A_PAGE)->map(RigResource::of(...))->all(),
            $page,
            $rigs->count() > self::A_PAGE,
        );
    }

    public function rig(Rig $rig): JsonResponse
    {
        return new JsonResponse(['data' => RigResource::of($rig->load(['vehicle', 'trailer', 'hitch']))]);
    }

    /** @param  array<array-key, array<string, mixed>>  $items */
    private static function list(array $items, int $page, bool $hasMore): JsonResponse
    {
        return new JsonResponse([
            'data' => array_values($items),
            'page' => $page,
            'next_page' => $hasMore ? $page + 1 : null,
        ]);
    }
}
