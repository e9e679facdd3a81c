<?php

declare(strict_types=1);

namespace Yoke\Method;

use Yoke\Probability\Normal;

/** What one method makes of the setting that is on, by all the readings together. */
final readonly class MethodView
{
    private function __construct(
        /** `front_restoration` */
        public string $key,
        /** In the unit of the method; null where its own reading is missing. */
        public ?Normal $value,
        public Verdict $verdict,
        public ?Chances $chances,
        /** The method's advice, or why it cannot tell, in a sentence. */
        public string $says,
    ) {
    }

    /** @param  array{short: string, in: string, over: string}  $says  a sentence for each verdict */
    public static function of(string $key, Normal $value, Chances $chances, array $says): self
    {
        $verdict = $chances->verdict();

        return new self($key, $value, $verdict, $chances, match ($verdict) {
            Verdict::Short => $says['short'],
            Verdict::InBand => $says['in'],
            Verdict::Over => $says['over'],
            default => 'Between its bands: '.$chances->inWords().'.',
        });
    }

    public static function waiting(string $key, string $for): self
    {
        return new self($key, null, Verdict::Waiting, null, $for);
    }
}
