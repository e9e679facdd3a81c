<?php

declare(strict_types=1);

namespace App\Http\Controllers\Card;

use App\Http\Requests\Asked;
use App\Models\CardLink;
use App\Models\Job;
use App\Models\Language;
use App\Models\OwnerNote;
use App\Models\Paper;
use App\Screens\Card\CardPage;
use App\Screens\Card\CardPdf;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Owner\OwnersTable;
use App\UseCases\Owner\SendNote;
use App\UseCases\Owner\ShareCard;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Yoke\Foundation\Units\Text\Fineness;

/** The hand-over card of a job: on the screen, as PDF, and the private links to it. */
final class Cards
{
    public function __construct(private readonly JobAnalyses $analyses)
    {
    }

    public function show(Asked $request, Job $job): View
    {
        return view('card.show', ['page' => $this->page($request, $job), 'link' => null]);
    }

    public function pdf(Asked $request, Job $job, Paper $paper): Response
    {
        $page = $this->page($request, $job);

        return self::download($page, $paper, $page->openLink());
    }

    /**
     * Another link, in the language and units of whoever is to read it; the ones before stay open until they are
     * revoked.
     */
    public function link(Asked $request, ShareCard $cards, OwnersTable $tables, Job $job): RedirectResponse
    {
        $language = $request->choice('link_language', Language::class) ?? $request->person()->language;
        $cards->shared($request->person(), $job, $language, $request->choice('link_units', Fineness::class));
        // Worked out while nobody waits: the owner's first look finds it there.
        defer(fn () => $tables->of($this->analyses->of($job)));

        return redirect()->route('card', $job);
    }

    public function revoke(Asked $request, ShareCard $cards, Job $job, int $link): RedirectResponse
    {
        $cards->revoked($request->person(), $job, $link);

        return redirect()->route('card', $job);
    }

    /** Somebody in the shop has read what the owner wrote. */
    public function seen(Asked $request, SendNote $notes, OwnerNote $note): RedirectResponse
    {
        $notes->seen($request->person(), $note);

        return redirect()->route('yard');
    }

    /** @param  CardLink|null  $link  whose address it shows as a code; null where there is none */
    public static function download(CardPage $page, Paper $paper, ?CardLink $link): Response
    {
        return new Response((new CardPdf($page, $link))->bytes($paper), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="card-'.$page->job->id.'.pdf"',
        ]);
    }

    private function page(Asked $request, Job $job): CardPage
    {
        return new CardPage(
            $this->analyses->of($job->load(['marks', 'cardLinks.user', 'ownerNotes.seenBy', 'torques.user'])),
            $request->person(),
        );
    }
}
