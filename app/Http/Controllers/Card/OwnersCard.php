<?php

declare(strict_types=1);

namespace App\Http\Controllers\Card;

use App\Http\Requests\Asked;
use App\Models\CardLink;
use App\Models\Paper;
use App\Screens\Card\CardPage;
use App\Screens\Procedures\ProcedurePage;
use App\UseCases\Analysis\JobAnalyses;
use App\Words\FamilyTranslator;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Yoke\Procedure\Occasion;

/** What an owner sees through the private link: the card and the procedures of the rig, no more. */
final class OwnersCard
{
    public function __construct(private readonly JobAnalyses $analyses, private readonly Translator $translator)
    {
    }

    public function show(Asked $request, string $token): View|Response
    {
        $link = $this->link($request, $token);

        return $link === null ? $this->closed() : view('card.show', ['page' => $this->page($link), 'link' => $link]);
    }

    public function pdf(Asked $request, string $token, Paper $paper): Response
    {
        $link = $this->link($request, $token);

        return $link === null ? $this->closed() : Cards::download($this->page($link), $paper);
    }

    public function procedure(Asked $request, string $token, Occasion $occasion): View|Response
    {
        $link = $this->link($request, $token);

        return $link === null ? $this->closed() : view('procedures.paper', ['page' => new ProcedurePage($link->job->load(['rig', 'rounds', 'procedureRuns']), $occasion), 'link' => $link]);
    }

    /** Null for one that is guessed, cut short, ended or taken back. */
    private function link(Asked $request, string $token): ?CardLink
    {
        if (! $request->hasValidRelativeSignature()) {
            return null;
        }
        $link = CardLink::query()->with(['job', 'user'])->where('token', $token)->first();

        if (! $link instanceof CardLink || ! $link->isOpen()) {
            return null;
        }
        if ($this->translator instanceof FamilyTranslator) {
            $this->translator->speakOf($link->job->rigAsWorked()->described()->family());
        }

        return $link;
    }

    private function closed(): Response
    {
        return new Response(view('card.closed')->render(), 410);
    }

    private function page(CardLink $link): CardPage
    {
        return new CardPage($this->analyses->of($link->job->load(['marks', 'torques.user'])), $link->user);
    }
}
