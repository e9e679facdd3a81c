<?php

declare(strict_types=1);

namespace App\UseCases\Owner;

use App\Models\CardLink;
use App\Words\FamilyTranslator;
use Illuminate\Contracts\Translation\Translator;
use Illuminate\Foundation\Application;
use Illuminate\Http\Request;

/** The private link that a request came by; what is said from then on is said in its language. */
final readonly class OpenLinks
{
    /** What a page of the link may be asked with, besides its signature: a load, and two heights. */
    private const ASKED = '/^(load(\[|%5B)\w{1,30}(\]|%5D)|front|rear|gauge)$/i';

    public function __construct(private Translator $translator, private Application $application)
    {
    }

    /** Null for one that is guessed, cut short, ended or taken back. */
    public function of(Request $request, string $token): ?CardLink
    {
        if (
            ! $request->hasValidRelativeSignatureWhileIgnoring(
                static fn (string $parameter): bool => preg_match(self::ASKED, $parameter) === 1,
            )
        ) {
            return null;
        }
        $link = CardLink::query()
            ->with(['job', 'user'])
            ->where('token', $token)
            ->first();
        if (! ($link instanceof CardLink)) {
            return null;
        }
        $this->application->setLocale($link->language->value);
        if (! $link->isOpen()) {
            return null;
        }
        if ($this->translator instanceof FamilyTranslator) {
            $this->translator->speakOf($link->job->rigAsWorked()->specified()->family());
        }

        return $link;
    }
}
