<?php

declare(strict_types=1);

namespace Yoke\Bars;

use Yoke\Adjuster\Adjusters;
use Yoke\Adjuster\Setting;
use Yoke\Estimation\Observation;
use Yoke\Estimation\Observed;
use Yoke\Estimation\PriorDoubts;
use Yoke\Estimation\ReadingContext;
use Yoke\Specification\Values;
use Yoke\Units\Length;
use Yoke\Units\Load;

/** A hitch on its trailer as the sheets tell it: how its bars hang, where its brackets go, what no setting may break. */
final readonly class HitchInPlace
{
    /** @param  Adjusters|null  $adjusters  null until the family is known, and on a hitch without bars */
    public function __construct(private ?Adjusters $adjusters, private Length $barArm, private Length $ballToAxle, private Values $trailer, private Values $hitch, private PriorDoubts $doubts)
    {
    }

    /**
     * A reading of something else than a fender as the fit takes it: mm, kg or degrees as read. Null where the sheets lack what it
     * is measured against: the level coupler's height, the loosest hang of the bars.
     *
     * @param  Setting  $reference  that a taped bar gap is reckoned for
     */
    public function observation(ReadingContext $situation, Observed $observed, float $read, Setting $reference): ?Observation
    {
        $coupler = $this->trailer->number('coupler_height_mm');
        $hang = $this->barHang()?->hang($reference)?->millimetres();
        [$value, $doubt] = match ($observed) {
            Observed::CouplerRise => [$coupler === null ? null : $read - $coupler, $this->doubts->couplerMm],
            Observed::BarBend => [$hang === null ? null : $read - $hang, $this->doubts->tensionTapedMm],
            Observed::NoseRise => [tan(deg2rad($read)) * $this->ballToAxle->millimetres(), deg2rad($this->doubts->angleDegrees) * $this->ballToAxle->millimetres()],
            Observed::BallLoad => [$read, max(1.0, $this->doubts->ballLoad * $read)],
            default => [$read, $this->doubts->weighbridgeKg],
        };

        return $value === null ? null : new Observation($situation, $observed, $value, $doubt);
    }

    /** What one bar may carry at its hook-up point; null where its sheet does not say. */
    public function barRating(): ?Load
    {
        return $this->hitch->load('bar_rating_high_kg');
    }

    /** How the bars hang; null until the hitch's family is known, and on one without bars. */
    public function barHang(): ?BarHang
    {
        return $this->adjusters === null ? null : BarHang::of($this->adjusters, $this->barArm, $this->trailer, $this->hitch);
    }

    /** Where the brackets go; the sheet's distance alone where it gives no range. */
    public function bracketPlace(): BracketPlace
    {
        $sheet = $this->barArm;
        $from = $this->trailer->length('tray_from_mm');
        $to = $this->trailer->length('tray_to_mm');

        return BracketPlace::choose(
            $sheet,
            $this->hitch->length('bracket_from_mm') ?? $sheet,
            $this->hitch->length('bracket_to_mm') ?? $sheet,
            $from === null || $to === null ? null : [$from, $to],
        );
    }
}
