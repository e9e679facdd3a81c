<?php

declare(strict_types=1);

namespace Tests\Feature\AskTwice;

use App\Models\User;
use App\Words\AdviceWords;
use App\Words\QuantityWords;
use App\Words\RigWords;
use App\Words\Text;
use App\Words\VerdictWords;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Judgement\Method\Verdict;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Judgement\Ratings\RatedPart;
use Yoke\Rig\Parts\Axle;

/** What a file or the interface tells of a job, in the words that pages have for it. */
final readonly class Told
{
    private QuantityWords $print;

    public function __construct(private Answers $answers, User $person)
    {
        $this->print = new QuantityWords($person);
    }

    /** @param  array<string, mixed>  $tells */
    public function by(string $where, array $tells, AdviceWords $says): void
    {
        $take = fn (string $question, string $answer) => $this->answers->take($where, $question, $answer);
        if ($tells['front_restored'] !== null) {
            $take('share', VerdictWords::share(self::normal($tells['front_restored'])));
            $take('verdict', VerdictWords::verdict(Verdict::from($tells['verdict'])));
        }
        if ($tells['minutes_to_go'] !== null) {
            $five = static fn (float|int $minutes): int => (int) (5 * round($minutes / 5));
            $take('minutes', Text::of('day.to_go', array_map($five, $tells['minutes_to_go'])));
        }
        $take('gross', $this->print->about(Load::ofKilograms($tells['gross_kg'])));
        $take('tongue', $this->print->aboutWithDoubt(self::normal($tells['tongue_weight_kg'])));
        $move = $tells['move'];
        if (isset($move['chance'])) {
            $take('chance', $says->likely($move['next']['chance'] ?? $move['chance']));
        }
        if (isset($move['expect'])) {
            $take('expected', $this->expected($move['expect']));
        }
        foreach ($tells['ratings'] as $line) {
            $take("rated {$line['part']}", "{$line['state']}, {$this->print->carries(self::rated($line))}");
        }
    }

    /** @param  array{part: string, carries_kg: float, may_kg: float|null, weighed: bool}  $line */
    private static function rated(array $line): RatedLoad
    {
        $part = RatedPart::from(explode('.', $line['part'])[0]);
        $may = $line['may_kg'] === null ? null : Load::ofKilograms($line['may_kg']);
        $of = $part === RatedPart::BarsLightestTongue ? RatedLoad::atLeast(...) : RatedLoad::atMost(...);
        $rated = $of($part, null, Load::ofKilograms($line['carries_kg']), $may, '');

        return $line['weighed'] ? $rated->asWeighed() : $rated;
    }

    /** @param  array<string, array{value: float, sd: float}>  $heights */
    private function expected(array $heights): string
    {
        $fenders = array_map(
            fn (string $axle, Normal $height): string => RigWords::axle(Axle::from($axle)).
                " {$this->print->height($height->mean())} {$this->print->doubt($height)}",
            array_keys($heights),
            array_map(self::normal(...), $heights),
        );

        return Text::of('move.expect', ['fenders' => implode(', ', $fenders)]);
    }

    /** @param  array{value: float, sd: float}  $pair */
    private static function normal(array $pair): Normal
    {
        return Normal::of($pair['value'], $pair['sd']);
    }
}
