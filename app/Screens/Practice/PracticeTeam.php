<?php

declare(strict_types=1);

namespace App\Screens\Practice;

use App\Models\User;
use App\Words\PracticeWords;
use Yoke\Proving\Practice\Exercise\Level;

/** How everybody of the shop gets on in the practice yard, for its owner. */
final class PracticeTeam
{
    /**
     * @return list<array{person: User, played: int, passed: string, strengths: list<string>, missed: list<string>,
     *     last: \Carbon\CarbonImmutable|null}>
     */
    public static function lines(): array
    {
        return array_values(
            User::here()
                ->orderBy('name')
                ->get()
                ->map(static function (User $person): array {
                    $index = new PracticeIndex($person);
                    $passed = $index->book->passed();

                    return [
                        'person' => $person,
                        'played' => $index->played(),
                        'passed' => $passed instanceof Level ? PracticeWords::level($passed) : '',
                        'strengths' => $index->strengths(),
                        'missed' => $index->missed(),
                        'last' => $index->over() === [] ? null : $index->over()[0]->finished_at,
                    ];
                })
                ->all(),
        );
    }
}
