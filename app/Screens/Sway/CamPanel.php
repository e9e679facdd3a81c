<?php

declare(strict_types=1);

namespace App\Screens\Sway;

use App\Words\QuantityWords;
use App\Words\Text;
use Yoke\Foundation\Units\Length;
use Yoke\Rig\Specification\SpecificationSheet;
use Yoke\Workshop\Sway\CamCentring;

/** The cams under the bars' crown: two lengths from the ball, and which way to move their brackets. */
final readonly class CamPanel
{
    private ?CamCentring $centring;

    public function __construct(private SpecificationSheet $hitch, private QuantityWords $print)
    {
        $crown = $hitch->length('crown_mm');
        $cam = $hitch->length('cam_mm');
        $this->centring = $crown === null || $cam === null ? null : new CamCentring($crown, $cam);
    }

    public function centring(): ?CamCentring
    {
        return $this->centring;
    }

    /** @return array<string, string> what each field shows, by key */
    public function fields(): array
    {
        return array_map(fn (?Length $length): string => $length === null ? '' : $this->print->length($length), [
            'crown_mm' => $this->hitch->length('crown_mm'),
            'cam_mm' => $this->hitch->length('cam_mm'),
        ]);
    }

    /** How they stand, in short; null until both lengths are known. */
    public function stands(): ?string
    {
        return match (true) {
            $this->centring === null => null,
            $this->centring->isCentred() => Text::of('sway.cams.centred'),
            default => Text::of('sway.cams.'.$this->way(), [
                'by' => $this->print->length($this->centring->toMove()->absolute()),
            ]),
        };
    }

    /** What to do about it; an empty text where nothing is to be done. */
    public function move(): string
    {
        return $this->centring === null || $this->centring->isCentred()
            ? ''
            : Text::of('sway.cams.move_'.$this->way(), [
                'by' => $this->print->length($this->centring->toMove()->absolute()),
            ]);
    }

    /** Where the cam stands of its crown, for the drawing: `forward`, `back` or `centred`. */
    public function place(): string
    {
        return $this->centring?->isCentred() === false ? $this->way() : 'centred';
    }

    private function way(): string
    {
        return $this->centring?->toMove()->isNegative() === true ? 'forward' : 'back';
    }
}
