<?php

declare(strict_types=1);

namespace App\Screens\Bench;

use App\Models\Job;
use App\Models\MeasureKind;
use App\Words\SightWords;
use App\Words\SpecificationWords;
use App\Words\Text;
use Yoke\Rig\Parts\Stance;
use Yoke\Rig\Specification\RigPart;

/** What else than fenders was read in the round that is on. */
final readonly class OtherReadings
{
    /** What a reading is measured against, by kind: a field, and the part on whose sheet it stands. */
    private const AGAINST = ['coupler' => ['coupler_height_mm', RigPart::Trailer]];

    public function __construct(private Job $job, private Stance $stance, private SightWords $sights)
    {
    }

    public function shown(MeasureKind $kind): string
    {
        return $this->job->measure($this->stance, $this->job->roundOf($this->stance), $kind)->typed ?? '';
    }

    private function value(MeasureKind $kind): ?float
    {
        return $this->job->measure($this->stance, $this->job->roundOf($this->stance), $kind)?->value;
    }

    /** What would make a reading worth more, or an empty text. */
    public function waitsFor(MeasureKind $kind): string
    {
        if ($kind === MeasureKind::FrameRear) {
            return $this->sights->frame($this->value(MeasureKind::FrameFront), $this->value($kind));
        }
        [$field, $part] = self::AGAINST[$kind->value] ?? [null, RigPart::Hitch];
        $isKnown = $field === null || $this->job->rigAsWorked()->values($part)->number($field) !== null;

        return $isKnown
            ? ''
            : Text::of('reading.worth_more', [
                'part' => SpecificationWords::part($part),
                'field' => Text::inside(SpecificationWords::label($part, $field)),
            ]);
    }
}
