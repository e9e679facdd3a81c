<?php

declare(strict_types=1);

namespace App\Screens\Log;

use App\Words\LoadWords;
use App\Words\SettingWords;
use Yoke\Adjuster\Adjuster;
use Yoke\Adjuster\Role;
use Yoke\Adjuster\Setting;
use Yoke\History\ItemChange;
use Yoke\History\LoadCause;
use Yoke\History\WhyItMoved;
use Yoke\Loading\Carrier;
use Yoke\Loading\Item;
use Yoke\Probability\Normal;
use Yoke\Statics\Exception\ImpossibleModel;
use Yoke\Units\Load;
use Yoke\Units\LoadUnit;

/** What changed from one set-up of a rig to the next, and why its setting moved, in a person's words and units. */
final readonly class SetUpComparison
{
    /** Of a step: so near to a half it is said as one. */
    private const NEAR = 0.06;

    private const NOTHING = 0.05;

    private SettingWords $words;

    private ?Adjuster $small;

    /** @param  list<Item>  $after  what travels now */
    public function __construct(private PastSetUp $before, private array $after, private ?Setting $to, private LoadUnit $unit)
    {
        $this->words = new SettingWords($before->job->rigAsWorked()->described());
        $this->small = array_values(array_filter($this->words->adjusters(), static fn (Adjuster $adjuster): bool => $adjuster->role === Role::Tension))[0] ?? null;
    }

    /** @return list<string> a sentence for each change of load */
    public function causes(): array
    {
        $why = $this->why();
        try {
            return $why === null ? [] : array_map($this->sentence(...), $why->causes($this->before->job->aboard(), $this->after));
        } catch (ImpossibleModel) {
            return ['With this load the tongue would lift off the ball.'];
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
            return "In all the load asks for {$this->steps($why->inAll($this->before->job->aboard(), $this->after))}. {$this->moved()}";
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
            $leaves = $why->leaves($this->before->job->aboard(), $this->after, $this->before->tensionTo($this->to));
        } catch (ImpossibleModel) {
            return '';
        }
        $says = sprintf('Load and setting would leave about %d %% of the front axle load restored; the readings say %d ± %d %%.', round(100 * $leaves), round(100 * $read->mean()), round(100 * $read->deviation()));

        return WhyItMoved::explains($leaves, $was, $read) ? $says : "{$says} Something else changed too: look at tyres, springs, brackets and what is aboard.";
    }

    /** What was done to the setting, in a sentence, or an empty text. */
    private function moved(): string
    {
        $from = $this->before->setting();
        if ($from === null || $this->to === null) {
            return '';
        }
        $change = $this->words->change($from, $this->to);

        return $change === '' ? 'The setting stayed.' : 'The setting moved: '.$change.'.';
    }

    private function sentence(LoadCause $cause): string
    {
        $kilograms = round($cause->tongue);
        $tongue = $kilograms === 0.0 ? 'nothing on the tongue' : ($kilograms > 0.0 ? '+' : '−').$this->unit->nearest(Load::ofKilograms(abs($cause->tongue))).' on the tongue';

        return ucfirst($this->what($cause->change)).": {$tongue}, {$this->steps($cause->steps)}.";
    }

    private function what(ItemChange $change): string
    {
        $item = $change->item();
        $name = LoadWords::item($item);
        $more = $change->more();
        $amount = $this->amount($item, abs($more));
        $where = match (true) {
            $item->on === Carrier::Vehicle => 'in the vehicle',
            $item->place->isNegative() => 'behind the axles',
            default => 'ahead of the axles',
        };

        return match (true) {
            $change->hasMoved() => "{$name} moved {$change->way()}, {$where}".(abs($more) > 0.5 ? ", {$amount} ".($more > 0.0 ? 'more' : 'less') : ''),
            $item->tank !== null => "{$amount} ".($more > 0.0 ? 'more' : 'less')." in the {$name}, {$where}",
            $change->before === null => "{$name}, {$amount} {$where}, came aboard",
            $change->after === null => "{$name}, {$amount} {$where}, left out",
            default => "{$name}, {$where}, {$amount} ".($more > 0.0 ? 'heavier' : 'lighter'),
        };
    }

    /** Water by the litre where the kilogram is the unit. */
    private function amount(Item $item, float $kilograms): string
    {
        return $item->tank !== null && $this->unit === LoadUnit::Kilogram ? round($kilograms).' l' : $this->unit->nearest(Load::ofKilograms($kilograms));
    }

    /** Steps of the small adjuster: `half a link tighter`, `0.2 of a link looser`. */
    private function steps(float $steps): string
    {
        $key = $this->small->key ?? '';
        $near = round(2 * abs($steps)) / 2;
        $count = match (true) {
            $near > 0.0 && abs(abs($steps) - $near) < self::NEAR => $this->words->count($key, $near),
            abs($steps) < 1.0 => sprintf('%.1f of a %s', abs($steps), $this->words->one($key)),
            default => sprintf('%.1f %s', abs($steps), $this->small === null ? '' : $this->words->many($this->small)),
        };

        return abs($steps) < self::NOTHING ? 'no change of the setting' : $count.($steps > 0.0 ? ' tighter' : ' looser');
    }

    private function why(): ?WhyItMoved
    {
        $analysed = $this->before->analysed;
        $current = $analysed?->current();

        return $analysed === null || $current === null || $this->small === null ? null : new WhyItMoved($analysed->posterior()->rig($current->ballOffset), $analysed->posterior()->tension() + $current->tensionOffset, $this->small->pitch);
    }
}
