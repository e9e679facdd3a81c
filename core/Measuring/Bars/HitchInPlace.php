<?php

declare(strict_types=1);

namespace Yoke\Measuring\Bars;

use Yoke\Foundation\Units\Length;
use Yoke\Foundation\Units\Load;
use Yoke\Measuring\Estimation\Prior\PriorDoubts;
use Yoke\Measuring\Readings\ObservationMapper;
use Yoke\Rig\Adjuster\Adjusters;
use Yoke\Rig\Adjuster\Setting;
use Yoke\Rig\Specification\BracketRange;
use Yoke\Rig\Specification\RatingOf;
use Yoke\Rig\Specification\SpecificationSheet;

/**
 * A hitch on its trailer as the sheets tell it: how its bars hang, where its brackets go, what no setting may break.
 */
final readonly class HitchInPlace
{
    /** What chain or bracket usually leaves free in the middle of its range. */
    private const USUAL_HANG_MM = 180.0;

    /** @param  Adjusters|null  $adjusters  null until the family is known, and on a hitch without bars */
    public function __construct(
        private ?Adjusters $adjusters,
        private Length $barArm,
        private Length $ballToAxle,
        private SpecificationSheet $trailer,
        private SpecificationSheet $hitch,
        private PriorDoubts $doubts,
    ) {
    }

    /** Readings of this rig as the fit takes them; a bar gap is reckoned for a setting. */
    public function mapper(Setting $reference): ObservationMapper
    {
        return new ObservationMapper(
            $this->doubts,
            $this->ballToAxle->millimetres(),
            $this->trailer->number('coupler_height_mm'),
            $this->barHang()?->hang($reference)?->millimetres(),
            self::USUAL_HANG_MM,
        );
    }

    /** What one bar may carry at its hook-up point; null where its sheet does not say, and on a hitch without bars. */
    public function barRating(): ?Load
    {
        $marked = $this->hitch->load('bar_rating_high_kg');

        return $marked === null || ($this->adjusters === null && $this->hitch->text('family') !== null)
            ? null
            : RatingOf::said($this->hitch->text('bar_rating_of'))->ofOneBar($marked);
    }

    /** How the bars hang; null until the hitch's family is known, and on one without bars. */
    public function barHang(): ?BarHang
    {
        return $this->adjusters === null
            ? null
            : BarHang::of($this->adjusters, $this->barArm, $this->trailer, $this->hitch);
    }

    /** How high the brackets are bolted; null where it cannot be told, and on a hitch whose bars hang by chains. */
    public function bracketHoles(): ?BracketHoles
    {
        return $this->barHang() === null ? null : BracketHoles::of($this->trailer, $this->hitch);
    }

    /**
     * How high the brackets are bolted so that the bar rests on them as high over the ground as it stands at the head;
     * null where plate, holes or frame are not known.
     */
    public function holesForBarAt(Length $height): ?BracketHoles
    {
        $underside = $this->trailer->length('frame_height_mm');

        return $underside === null
            ? null
            : BracketHoles::withBarAt($this->trailer, $this->hitch, $underside->minus($height));
    }

    /** What the hitch's sheet says of it for this trailer; it governs. Null where it is silent. */
    public function holesShowing(): ?int
    {
        $holes = $this->hitch->number('holes_showing');

        return $holes === null ? null : (int) $holes;
    }

    /** Where the brackets go: as far behind the ball as the bars reach, within the range of the sheet. */
    public function bracketPlace(): BracketPlace
    {
        $range = BracketRange::of($this->hitch);
        $sheet = $range?->nearest($this->barArm) ?? $this->barArm;
        $from = $this->trailer->length('tray_from_mm');
        $to = $this->trailer->length('tray_to_mm');

        return BracketPlace::choose(
            $sheet,
            $range->from ?? $sheet,
            $range->to ?? $sheet,
            $from === null || $to === null ? null : [$from, $to],
        );
    }
}
