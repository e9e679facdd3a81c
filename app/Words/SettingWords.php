<?php

declare(strict_types=1);

namespace App\Words;

use Yoke\Job\Planning\RigSpecification;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;

/** A setting in its family's words, as this shop counts: `link 4, 3 washers`. */
final readonly class SettingWords
{
    public function __construct(private RigSpecification $sheets)
    {
    }

    /** The head is said only where it stands elsewhere than in another setting. */
    public function of(Setting $setting, ?Setting $before = null): string
    {
        $said = [];
        foreach ($this->adjusters() as $adjuster) {
            if (
                $adjuster->role !== Role::HeadHeight ||
                ($before !== null && in_array($adjuster->key, $before->changesTo($setting), true))
            ) {
                $said[] = $this->stands($adjuster, $setting);
            }
        }

        return implode(', ', $said);
    }

    /** What to do to get from one setting to another: `1 link tighter`, `raise the head 1 hole`. */
    public function change(Setting $from, Setting $to): string
    {
        return implode(', ', $this->changes($from, $to));
    }

    /** @return list<string> the same as orders, one each: `go 1 link tighter`, `raise the head 1 hole` */
    public function moves(Setting $from, Setting $to): array
    {
        [$head, $others] = $this->headAndOthers($from, $to);

        return [
            ...$head,
            ...array_map(static fn (string $change): string => Text::of('setting.go', ['change' => $change]), $others),
        ];
    }

    /** @return list<string> a change each, the head first: it is uncoupled for, and moves what comes after */
    private function changes(Setting $from, Setting $to): array
    {
        return array_merge(...$this->headAndOthers($from, $to));
    }

    /** @return array{list<string>, list<string>} */
    private function headAndOthers(Setting $from, Setting $to): array
    {
        $words = $this->family();
        [$head, $others] = [[], []];
        $changed = $from->changesTo($to);
        foreach ($this->adjusters() as $adjuster) {
            $steps = $to->step($adjuster->key) - $from->step($adjuster->key);
            $count = $words?->count($adjuster->key, $steps) ?? '';
            $isMoved = in_array($adjuster->key, $changed, true);
            if ($isMoved && $adjuster->role === Role::HeadHeight) {
                $head[] = Text::of($steps > 0 ? 'setting.raise_head' : 'setting.lower_head', ['count' => $count]);
            } elseif ($isMoved) {
                $others[] = Text::of($steps > 0 ? 'setting.tighter' : 'setting.looser', ['count' => $count]);
            }
        }

        return [$head, $others];
    }

    /** Everything of a setting, the head's hole too. */
    public function whole(Setting $setting): string
    {
        return implode(
            ', ',
            array_map(
                fn (Adjuster $adjuster): string => $this->stands($adjuster, $setting),
                $this->adjusters(),
            ),
        );
    }

    /** What an adjuster is called on its stepper: `Link`, `Washers`, `Head hole`. */
    public function label(Adjuster $adjuster): string
    {
        return match ($adjuster->role) {
            Role::HeadHeight => Text::of('setting.head_hole_label'),
            Role::Tilt => ucfirst($this->many($adjuster)),
            Role::Tension => ucfirst($this->one($adjuster->key)),
        };
    }

    /** The number that a step is called by: `4`, `4.5`. */
    public function number(Adjuster $adjuster, float $step): string
    {
        return Figures::short($adjuster->said($step) + ($adjuster->role === Role::HeadHeight ? 1 : 0));
    }

    /** `washers not known`, where nobody knows. */
    private function stands(Adjuster $adjuster, Setting $setting): string
    {
        return $setting->knows($adjuster->key)
            ? $this->step($adjuster, $setting->step($adjuster->key))
            : $this->notKnown($adjuster);
    }

    public function notKnown(Adjuster $adjuster): string
    {
        return Text::of('setting.not_known', ['label' => lcfirst($this->label($adjuster))]);
    }

    public function step(Adjuster $adjuster, float $step): string
    {
        $words = $this->family();
        $said = $adjuster->said($step);

        return match (true) {
            $words === null => '',
            $adjuster->role === Role::Tilt => $words->count($adjuster->key, $said),
            $adjuster->role === Role::HeadHeight => Text::of('setting.head_hole', [
                'hole' => $this->number($adjuster, $step),
            ]),
            default => Text::of('setting.step', [
                'one' => $words->one($adjuster->key),
                'step' => $this->number($adjuster, $step),
            ]),
        };
    }

    /** `half a link`, `2 links`. */
    public function count(string $adjuster, float $steps): string
    {
        return $this->family()?->count($adjuster, $steps) ?? '';
    }

    /** One of its steps: `washer`. */
    public function one(string $adjuster): string
    {
        return $this->family()?->one($adjuster) ?? '';
    }

    /** What its steps are called: `washers`. */
    public function many(Adjuster $adjuster): string
    {
        return $this->family()?->many($adjuster->key) ?? '';
    }

    /** Whether a screw is turned under load, without a new hook-up. */
    public function isTurnedLoaded(): bool
    {
        return $this->sheets->adjusters()?->turnedLoaded() !== null;
    }

    /** @return list<Adjuster> */
    public function adjusters(): array
    {
        return $this->sheets->adjusters()?->all() ?? [];
    }

    private function family(): ?FamilyWords
    {
        $family = $this->sheets->family();

        return $family === null ? null : new FamilyWords($family);
    }
}
