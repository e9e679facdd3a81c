<?php

declare(strict_types=1);

namespace Yoke\Workshop\Procedure;

use Yoke\Workshop\Procedure\Exception\EmptyProcedure;

/**
 * The steps of an occasion for one rig, in order. What the sheets tell is not asked; what they do not is asked where it
 * is
 * first needed, and changes the steps after it.
 *
 * @phpstan-type Told array{signals?: list<HandSignal>, must?: true, when?: list<string>, asks?: Question,
 *     family?: string}
 */
final readonly class Procedure
{
    public function __construct(private Occasion $occasion, private RigFacts $facts)
    {
    }

    /** @return non-empty-list<Step> up to the first question that is open, and what can be told after it */
    public function steps(): array
    {
        /** @var array<string, non-empty-array<string, Told>> $procedures */
        $procedures = require __DIR__.'/procedures.php';
        $steps = [];
        foreach ($procedures[$this->occasion->value] as $key => $told) {
            array_push($steps, ...$this->facts->meets($told['when'] ?? []) ? $this->step($key, $told) : []);
        }

        return $steps === [] ? throw EmptyProcedure::of($this->occasion) : $steps;
    }

    /**
     * For paper, which cannot ask: every step that any answer would bring, with the answers that it hangs on.
     *
     * @return list<PaperStep>
     */
    public function onPaper(): array
    {
        /** @var array<string, non-empty-array<string, Told>> $procedures */
        $procedures = require __DIR__.'/procedures.php';
        $steps = [];
        foreach ($procedures[$this->occasion->value] as $key => $told) {
            $open = $this->facts->openIn($told['when'] ?? []);
            foreach (
                $this->facts->meets(
                    array_values(
                        array_filter($told['when'] ?? [], static fn (string $name): bool => ! isset($open[$name])),
                    ),
                )
                    ? $this->step($key, $told)
                    : [] as $step
            ) {
                $steps[] = new PaperStep($step, $open);
            }
        }

        return $steps;
    }

    /**
     * @param  Told  $told
     * @return list<Step>
     */
    private function step(string $key, array $told): array
    {
        if (isset($told['family'])) {
            return $this->ofFamily($key, $told['family']);
        }
        $asks = $told['asks'] ?? null;
        if ($asks !== null && $this->facts->isOnSheet($asks)) {
            return [];
        }

        return [
            new Step(
                $this->occasion,
                $key,
                $key,
                $told['signals'] ?? [],
                isset($told['must']) || $asks !== null ? Need::Must : Need::May,
                $asks,
            ),
        ];
    }

    /**
     * What hands do on this family's hitch: never left out.
     *
     * @return list<Step>
     */
    private function ofFamily(string $key, string $which): array
    {
        $family = $this->facts->family();
        $steps = [];
        foreach ($family->facts()->handwork->of($which) as $i => $does) {
            $steps[] = new Step(
                $this->occasion,
                "{$key}-{$i}",
                str_contains($does, '.') ? $does : "{$which}.{$does}",
                [],
                Need::Must,
                null,
                $family,
            );
        }

        return $steps;
    }
}
