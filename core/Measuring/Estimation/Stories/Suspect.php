<?php

declare(strict_types=1);

namespace Yoke\Measuring\Estimation\Stories;

use Yoke\Measuring\Estimation\Reading\Observation;
use Yoke\Measuring\Estimation\Reading\Residual;

/** What may be a mistake, a reading or the setting of a hook-up; how likely, and which mistake fits. */
final readonly class Suspect
{
    /** From this chance on it is rather a mistake than not. */
    private const RATHER = 0.5;

    /**
     * @param  Residual|null  $residual  the reading as the others see it; null where the setting is suspected
     * @param  float  $chance  0 to 1
     * @param  int  $hookUp  whose setting it is; 0 for a reading
     */
    private function __construct(
        public ?Residual $residual,
        public float $chance,
        public ReadingError $error,
        public int $hookUp,
    ) {
    }

    public static function reading(Residual $residual, float $chance, ?ReadingError $error = null): self
    {
        return new self($residual, $chance, $error ?? ReadingError::likeliest($residual), 0);
    }

    public static function setting(int $hookUp, float $chance, ReadingError $error = ReadingError::OneStep): self
    {
        return new self(null, $chance, $error, $hookUp);
    }

    /** What was told of it is suspected, not anything that was read in the job. */
    public static function tongueWeight(float $chance): self
    {
        return new self(null, $chance, ReadingError::ToldWrong, 0);
    }

    /**
     * With what else is suspected: of one reading once, by the name that says more, and of no ticket beside another
     * load that is rather a mistake than not.
     *
     * @param  list<self>  $others
     * @return list<self> the likeliest first
     */
    public function among(array $others): array
    {
        $isSame = fn (self $one): bool => $one->observation() === $this->observation();
        $named = array_filter(
            $others,
            static fn (self $one): bool => $isSame($one)
                ? $one->error !== ReadingError::Load
                : $one->chance > self::RATHER && $one->observation()?->observed->isLoad() === true,
        );
        $kept = array_filter($others, static fn (self $one): bool => ! $isSame($one));
        $all = $named === [] ? [...$kept, $this] : $others;
        usort($all, static fn (self $one, self $other): int => $other->chance <=> $one->chance);

        return $all;
    }

    /** Null where no reading is suspected. */
    public function observation(): ?Observation
    {
        return $this->residual?->observation;
    }
}
