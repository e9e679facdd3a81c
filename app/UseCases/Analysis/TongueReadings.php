<?php

declare(strict_types=1);

namespace App\UseCases\Analysis;

use App\Models\Job;
use App\Models\TongueWeighing;
use Yoke\Planning\DescribedRig;
use Yoke\Readings\Tongue\TongueCurve;
use Yoke\Readings\Tongue\TongueReading;
use Yoke\Specification\RigPart;
use Yoke\Units\Length;

/** The readings of a job's tongue that count, and the curve through them. */
final readonly class TongueReadings
{
    /** @var list<TongueWeighing> oldest first */
    public array $counting;

    public function __construct(private Job $job, private DescribedRig $described)
    {
        $this->counting = array_values($job->tongueReadings->whereNull('withdrawn_at')->all());
    }

    /** Null before the first reading. */
    public function curve(): ?TongueCurve
    {
        $points = array_map(fn (TongueWeighing $reading): TongueReading => $reading->core($this->described->ballToAxle()), $this->counting);

        return $points === [] ? null : new TongueCurve($this->described->prior()->likelyRig()->trailer(), $this->level(), $this->described->doubts()->cgHeight, $points);
    }

    /** Of the coupler with the trailer level; null where the trailer's sheet does not say. */
    public function levelOnSheet(): ?Length
    {
        return $this->job->rigAsWorked()->values(RigPart::Trailer)->length('coupler_height_mm');
    }

    /** The same; where the sheet is silent, the height of the first reading. */
    public function level(): Length
    {
        $read = array_values(array_filter(array_map(static fn (TongueWeighing $reading): ?float => $reading->hitch_height_mm, $this->counting), is_float(...)));

        return $this->levelOnSheet() ?? Length::ofMillimetres($read[0] ?? 0.0);
    }
}
