<?php

declare(strict_types=1);

namespace App\Http\Controllers\Owner;

use App\Http\Controllers\Card\Cards;
use App\Http\Requests\Asked;
use App\Models\CardLink;
use App\Models\Paper;
use App\Screens\Card\CardPage;
use App\Screens\Procedures\ProcedurePage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Owner\OpenLinks;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;
use Yoke\Workshop\Procedure\Occasion;

/** The card on paper and the procedures, through the private link. */
final class OwnersPapers
{
    public function __construct(private readonly JobAnalyses $analyses, private readonly OpenLinks $links)
    {
    }

    public function card(Asked $request, string $token): View|Response
    {
        $link = $this->links->of($request, $token);

        return $link === null
            ? OwnersPage::closed()
            : view('card.show', ['page' => $this->page($link), 'link' => $link]);
    }

    public function pdf(Asked $request, string $token, Paper $paper): Response
    {
        $link = $this->links->of($request, $token);

        return $link === null ? OwnersPage::closed() : Cards::download($this->page($link), $paper, $link);
    }

    public function procedure(Asked $request, string $token, Occasion $occasion): View|Response
    {
        $link = $this->links->of($request, $token);

        return $link === null
            ? OwnersPage::closed()
            : view('owner.procedure', [
                'page' => new ProcedurePage(
                    $link->job->load(['rig', 'rounds', 'procedureRuns']),
                    $occasion,
                    $link->reader(),
                ),
                'link' => $link,
            ]);
    }

    private function page(CardLink $link): CardPage
    {
        return new CardPage($this->analyses->of($link->job->load(['marks', 'torques.user'])), $link->reader());
    }
}
