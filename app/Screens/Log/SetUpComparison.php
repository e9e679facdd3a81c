<?php

declare(strict_types=1);

namespace App\Screens\Log;

use App\Words\Figures;
use App\Words\LoadWords;
use App\Words\SettingWords;
use App\Words\Text;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Job\History\ItemChange;
use Yoke\Job\History\LoadCause;
use Yoke\Job\History\WhyItMoved;
use Yoke\Mechanics\Loading\Carrier;
use Yoke\Mechanics\Loading\Item;
use Yoke\Mechanics\Statics\Exception\ImpossibleModel;
use Yoke\Rig\Adjuster\Adjuster;
use Yoke\Rig\Adjuster\Role;
use Yoke\Rig\Adjuster\Setting;

/** What changed from one set-up of a rig to the next, and why its setting moved, in a person's words and units. */
final readonly class SetUpComparison
{
    /** Of a step: so near to a half it is said as one. */
    private const NEAR = 0.06;

    private const NOTHING = 0.05;

    private SettingWords $words;

    private ?Adjuster $small;

    /** @param  list<Item>  $after  what travels now */
    public function __construct(
        private PastSetUp $before,
        private array $after,
        private ?Setting $to,
        private LoadUnit $unit,
    ) {
        $this->words = new SettingWords($before->job->rigAsWorked()->specified());
        $this->small =
            array_values(
                array_filter(
                    $this->words->adjusters(),
                    static fn (Adjuster $adjuster): bool => $adjuster->role === Role::Tension,
                ),
            )[0] ?? null;
    }

    /** @return list<string> a sentence for each change of load */
    public function causes(): array
    {
        $why = $this->why();
        try {
            return $why === null
                ? []
                : array_map($this->sentence(...), $why->causes($this->before->job->aboard(), $this->after));
        } catch (ImpossibleModel) {
            return [Text::of('screen.set_up_comparison.with_this_load_the_tongue')];
        }
    }

    /** What the load asks for in all, and what was done, in a sentence, or an empty text. */
    public function inAll(): string
    {
        $why = $this->why();
        $from = $this->before->setting();
        if ($why === null || $from === null || $this->causes() === []) {
            return $this->moved();
        }
        try {
            return Text::of('screen.set_up_comparison.in_all', [
                'steps' => $this->steps($why->inAll($this->before->job->aboard(), $this->after)),
            ]).
                ' '.
                $this->moved();
        } catch (ImpossibleModel) {
            return '';
        }
    }

    /** What load and setting account for, beside what was read since, in a sentence, or an empty text. */
    public function leftOver(?Normal $read): string
    {
        $why = $this->why();
        $from = $this->before->setting();
        $was = $this->before->restored();
        if ($why === null || $from === null || $this->to === null || $read === null || $was === null) {
            return '';
        }
        try {
            $leaves = $why->leaves(
                $this->before->job->aboard(),
                $this->after,
                $this->before->tensionTo($this->to),
            );
        } catch (ImpossibleModel) {
            return '';
        }
        $says = Text::of('screen.set_up_comparison.load_and_setting_would_leave', [
            'left' => (int) round(100 * $leaves),
            'read' => (int) round(100 * $read->mean()),
            'doubt' => (int) round(100 * $read->deviation()),
        ]);

        return WhyItMoved::explains($leaves, $was, $read)
            ? $says
            : $says.' '.Text::of('screen.set_up_comparison.something_else');
    }

    /** What was done to the setting, in a sentence, or an empty text. */
    private function moved(): string
    {
        $from = $this->before->setting();
        if ($from === null || $this->to === null) {
            return '';
        }
        $change = $this->words->change($from, $this->to);

        return $change === ''
            ? Text::of('screen.set_up_comparison.the_setting_stayed')
            : Text::of('screen.set_up_comparison.the_setting_moved', ['change' => $change]);
    }

    private function sentence(LoadCause $cause): string
    {
        $kilograms = round($cause->tongue->kilograms());
        $tongue =
            $kilograms === 0.0
                ? Text::of('screen.set_up_comparison.nothing_on_tongue')
                : Text::of('screen.set_up_comparison.on_tongue', [
                    'load' => ($kilograms > 0.0 ? '+' : '−').
                        $this->unit->nearest($cause->tongue->absolute()),
                ]);

        return ucfirst($this->what($cause->change)).": {$tongue}, {$this->steps($cause->steps)}.";
    }

    private function what(ItemChange $change): string
    {
        $item = $change->item();
        $name = LoadWords::item($item);
        $more = $change->more()->kilograms();
        $amount = $this->amount($item, abs($more));
        $where = match (true) {
            $item->on === Carrier::Vehicle => Text::of('screen.set_up_comparison.in_the_vehicle'),
            $item->place->isNegative() => Text::of('screen.set_up_comparison.behind_the_axles'),
            default => Text::of('screen.set_up_comparison.ahead_of_the_axles'),
        };

        return match (true) {
            $change->hasMoved() => Text::of('screen.set_up_comparison.moved', [
                'name' => $name,
                'way' => Text::of("screen.set_up_comparison.way_{$change->way()}"),
                'where' => $where,
            ]).(abs($more) > 0.5 ? ', '.$this->moreOrLess($amount, $more) : ''),
            $item->tank !== null => Text::of('screen.set_up_comparison.in_tank', [
                'amount' => $this->moreOrLess($amount, $more),
                'name' => $name,
                'where' => $where,
            ]),
            $change->before === null => Text::of('screen.set_up_comparison.came_aboard', [
                'name' => $name,
                'amount' => $amount,
                'where' => $where,
            ]),
            $change->after === null => Text::of('screen.set_up_comparison.left_out', [
                'name' => $name,
                'amount' => $amount,
                'where' => $where,
            ]),
            default => Text::of(
                $more > 0.0 ? 'screen.set_up_comparison.heavier' : 'screen.set_up_comparison.lighter',
                [
                    'name' => $name,
                    'where' => $where,
                    'amount' => $amount,
                ],
            ),
        };
    }

    private function moreOrLess(string $amount, float $more): string
    {
        return Text::of($more > 0.0 ? 'screen.set_up_comparison.more' : 'screen.set_up_comparison.less', [
            'amount' => $amount,
        ]);
    }

    /** Water by the litre where the kilogram is the unit. */
    private function amount(Item $item, float $kilograms): string
    {
        return $item->tank !== null && $this->unit === LoadUnit::Kilogram
            ? round($kilograms).' l'
            : $this->unit->nearest(Load::ofKilograms($kilograms));
    }

    /** Steps of the small adjuster: `half a link tighter`, `0.2 of a link looser`. */
    private function steps(float $steps): string
    {
        $key = $this->small->key ?? '';
        $near = round(2 * abs($steps)) / 2;
        $count = match (true) {
            $near > 0.0 && abs(abs($steps) - $near) < self::NEAR => $this->words->count($key, $near),
            abs($steps) < 1.0 => Text::of('screen.set_up_comparison.part_of_one', [
                'part' => Figures::fixed(abs($steps)),
                'one' => $this->words->one($key),
            ]),
            default => trim(
                Figures::fixed(abs($steps)).
                    ' '.
                    ($this->small === null ? '' : $this->words->many($this->small)),
            ),
        };

        return abs($steps) < self::NOTHING
            ? Text::of('screen.set_up_comparison.no_change')
            : Text::of($steps > 0.0 ? 'setting.tighter' : 'setting.looser', ['count' => $count]);
    }

    private function why(): ?WhyItMoved
    {
        $analysed = $this->before->analysed;
        $current = $analysed?->current();

        return $analysed === null || $current === null || $this->small === null
            ? null
            : new WhyItMoved(
                $analysed->posterior()->rig($current->ballOffset),
                $analysed->posterior()->tension() + $current->tensionOffset,
                $this->small->pitch,
            );
    }
}
