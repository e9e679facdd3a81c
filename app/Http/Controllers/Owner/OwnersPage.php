<?php

declare(strict_types=1);

namespace App\Http\Controllers\Owner;

use App\Http\Requests\Asked;
use App\Models\CardLink;
use App\Screens\Owner\OwnerPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Owner\OpenLinks;
use App\UseCases\Owner\OwnersTable;
use App\UseCases\Owner\SendNote;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** What an owner sees and asks through the private link: today's load, the card, and a note to the shop. No more. */
final class OwnersPage
{
    private const LONGEST_NOTE = 2000;

    public function __construct(
        private readonly JobAnalyses $analyses,
        private readonly OpenLinks $links,
        private readonly OwnersTable $tables,
    ) {
    }

    public function show(Asked $request, string $token): View|Response
    {
        $link = $this->links->of($request, $token);
        if ($link === null) {
            return self::closed();
        }
        $load = $request->query('load');
        $typed = [
            ...is_array($load) ? $load : [],
            'front' => $request->query('front'),
            'rear' => $request->query('rear'),
            'gauge' => $request->query('gauge'),
        ];

        return view('owner.show', ['page' => $this->page($link, array_filter($typed, is_string(...)))]);
    }

    /** All answers, for a browser that keeps them. */
    public function loads(Asked $request, string $token): JsonResponse
    {
        $link = $this->links->of($request, $token);
        if ($link === null) {
            return new JsonResponse(['closed' => Text::of('page/card.closed.it_has_ended_was_revoked')], 410);
        }
        $page = $this->page($link, []);

        return new JsonResponse(['version' => $page->version(), ...$page->payload()]);
    }

    /** So that a phone can keep it beside its programs. */
    public function manifest(Asked $request, string $token): JsonResponse|Response
    {
        $link = $this->links->of($request, $token);

        return $link === null
            ? self::closed()
            : new JsonResponse(
                [
                    'name' => $link->job->title,
                    'short_name' => $link->job->rigAsWorked()->trailerName(),
                    'start_url' => $link->address(),
                    'scope' => route('owner.card', ['token' => $token], false),
                    'display' => 'standalone',
                    'background_color' => '#f6f3ea',
                    'theme_color' => '#1f4d3a',
                    'icons' => [['src' => '/icon.svg', 'sizes' => 'any', 'type' => 'image/svg+xml']],
                ],
                200,
                ['Content-Type' => 'application/manifest+json'],
            );
    }

    public function note(Asked $request, SendNote $notes, string $token): RedirectResponse|Response
    {
        $link = $this->links->of($request, $token);
        if ($link === null) {
            return self::closed();
        }
        $note = trim($request->text('note'));
        if ($note === '' || mb_strlen($note) > self::LONGEST_NOTE) {
            return redirect($link->address())
                ->withInput(['note' => $note])
                ->withErrors(['note' => Text::of('owner.expected_a_note', ['most' => self::LONGEST_NOTE])]);
        }
        $notes->sent($link, $note);

        return redirect($link->address())->with('saved', Text::of('owner.sent'));
    }

    public static function closed(): Response
    {
        return new Response(view('card.closed')->render(), 410);
    }

    /** @param  array<array-key, string>  $typed */
    private function page(CardLink $link, array $typed): OwnerPage
    {
        $job = $this->analyses->of($link->job->load(['marks', 'torques.user', 'rig.careRecords', 'rig.hitch']));

        return new OwnerPage($job, $link, $this->tables->of($job), $typed);
    }
}
