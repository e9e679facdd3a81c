<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Internal;

use Yoke\Measuring\Estimation\Reading\Residual;
use Yoke\Measuring\Estimation\Stories\Hypothesis;
use Yoke\Measuring\Estimation\Stories\MistakeKind;
use Yoke\Measuring\Estimation\Stories\ReadingError;
use Yoke\Measuring\Estimation\Stories\Suspect;

/**
 * Whatever may be a mistake by the stories that are told of the readings.
 *
 * @internal
 */
final readonly class Suspicions
{
    /** What is less likely a mistake is not spoken of. */
    private const WORTH_SAYING = 0.05;

    /**
     * @param  list<Hypothesis>  $stories
     * @param  list<Residual>  $residuals  by observation, of the likeliest story
     */
    public function __construct(private array $stories, private array $residuals)
    {
    }

    /** @return list<Suspect> the likeliest first */
    public function all(): array
    {
        $suspects = [];
        foreach ($this->residuals as $i => $residual) {
            $slipped = $this->chance(static fn (Hypothesis $story): bool => $story->has(MistakeKind::Slip, $i));
            $aboard = $this->chance(static fn (Hypothesis $story): bool => $story->has(MistakeKind::Aboard, $i));
            if ($slipped > self::WORTH_SAYING) {
                $suspects[] = Suspect::reading($residual, $slipped);
            }
            if ($aboard > self::WORTH_SAYING) {
                $suspects[] = Suspect::reading($residual, $aboard, ReadingError::Aboard);
            }
            foreach (ReadingError::lasting() as ['kind' => $kind, 'error' => $error]) {
                $chance = $this->chance(static fn (Hypothesis $story): bool => $story->has($kind, $i));
                if ($chance > self::WORTH_SAYING) {
                    $suspects[] = Suspect::reading($residual, $chance, $error);
                }
            }
        }
        foreach ($this->hookUps() as $hookUp) {
            $chance = $this->chance(
                static fn (Hypothesis $story): bool => $story->movedAt($hookUp) !== 0.0 &&
                    ! $story->has(MistakeKind::Reversed),
            );
            if ($chance > self::WORTH_SAYING) {
                $suspects[] = Suspect::setting($hookUp, $chance);
            }
        }
        $reversed = $this->chance(static fn (Hypothesis $story): bool => $story->has(MistakeKind::Reversed));
        if ($reversed > self::WORTH_SAYING) {
            $suspects[] = Suspect::setting(max([0, ...$this->hookUps()]), $reversed, ReadingError::Reversed);
        }
        $toldWrong = $this->chance(static fn (Hypothesis $story): bool => $story->has(MistakeKind::TongueWeight));
        if ($toldWrong > self::WORTH_SAYING) {
            $suspects[] = Suspect::tongueWeight($toldWrong);
        }
        usort($suspects, static fn (Suspect $one, Suspect $other): int => $other->chance <=> $one->chance);

        return $this->withAxlesSwapped($suspects);
    }

    /** @param  \Closure(Hypothesis): bool  $tells */
    private function chance(\Closure $tells): float
    {
        return array_sum(
            array_map(static fn (Hypothesis $story): float => $tells($story) ? $story->chance : 0.0, $this->stories),
        );
    }

    /** @return list<int> those of which any story has it that they were miscounted */
    private function hookUps(): array
    {
        $hookUps = [];
        foreach ($this->stories as $story) {
            foreach ($story->mistakes as $mistake) {
                foreach (array_keys($mistake->moved) as $hookUp) {
                    $hookUps[$hookUp] = $hookUp;
                }
            }
        }

        return array_values($hookUps);
    }

    /**
     * Two axles of one weighing, each of which reads what the other should.
     *
     * @param  list<Suspect>  $suspects
     * @return list<Suspect>
     */
    private function withAxlesSwapped(array $suspects): array
    {
        foreach ($suspects as $i => $suspect) {
            foreach ($suspects as $j => $with) {
                [$one, $other] = [$suspect->residual, $with->residual];
                if ($i < $j && $one !== null && $other !== null && $this->areSwapped($one, $other)) {
                    $suspects[$i] = Suspect::reading($one, $suspect->chance, ReadingError::AxlesSwapped);
                    $suspects[$j] = Suspect::reading($other, $with->chance, ReadingError::AxlesSwapped);
                }
            }
        }

        return array_values($suspects);
    }

    private function areSwapped(Residual $one, Residual $other): bool
    {
        $ticket = $one->observation->identity->ticket;
        $within = 2.0 * hypot($one->deviation, $other->deviation);

        return $ticket !== '' &&
            $ticket === $other->observation->identity->ticket &&
            abs($one->observation->value - $other->predicted()) < $within &&
            abs($other->observation->value - $one->predicted()) < $within;
    }
}
