<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Hitch;
use App\Models\Job;
use App\Models\PracticeRun;
use App\UseCases\Practice\PlayedRun;
use App\Words\FamilyTranslator;
use Closure;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Specification\RigPart;

/**
 * On the pages of a job, of a practice run and of a hitch in the garage, everything is said in the words of its own
 * family.
 */
final readonly class SpeaksOfTheHitch
{
    public function __construct(private Translator $translator)
    {
    }

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        if ($this->translator instanceof FamilyTranslator) {
            $this->translator->speakOf(Families::find($this->family($request)));
        }

        return $next($request);
    }

    private function family(Request $request): string
    {
        $job = $request->route('job');
        $run = $request->route('run');
        $id = $request->route('id');
        $isHitch = $request->route('part') === RigPart::Hitch || $request->routeIs('new-load*');
        $family = match (true) {
            $job instanceof Job => $job->rigAsWorked()->values(RigPart::Hitch)->text('family'),
            $run instanceof PracticeRun => PlayedRun::exercise($run)->rig->told->sheets->family()?->key(),
            $isHitch && is_string($id) => Hitch::query()->find((int) $id)->sheet['family'] ?? null,
            default => null,
        };

        return is_string($family) ? $family : '';
    }
}
