<?php

declare(strict_types=1);

namespace App\Screens\Weigh;

use App\Models\Job;
use App\Models\User;
use App\Models\WeighTicket;
use App\Screens\Bench\AdvicePage;
use App\Screens\Plan\PlanPage;
use App\UseCases\Analysis\AnalysedJob;
use App\UseCases\Analysis\JobTickets;
use App\Words\SettingWords;
use App\Words\Text;
use App\Words\WeighingWords;
use Yoke\Foundation\Probability\Normal;
use Yoke\Foundation\Units\Load;
use Yoke\Foundation\Units\LoadUnit;
use Yoke\Job\Analysis\LiftedTicket;
use Yoke\Job\Planning\RigLedger;
use Yoke\Judgement\Ratings\RatedLoad;
use Yoke\Measuring\Readings\Weighing\Condition;
use Yoke\Measuring\Readings\Weighing\Mismatch;
use Yoke\Measuring\Readings\Weighing\Ticket;
use Yoke\Measuring\Readings\Weighing\WeighedAxle;
use Yoke\Measuring\Readings\Weighing\Weighing;
use Yoke\Measuring\Readings\Weighing\WeighingChecks;
use Yoke\Mechanics\Statics\CoupledRig;
use Yoke\Rig\Parts\Stance;
use Yoke\Showing\Drawing\Elevation;
use Yoke\Showing\Drawing\LoadArrow;
use Yoke\Showing\Drawing\LoadArrows;

/** The tickets of a job, what they come to, and whether they agree. */
final readonly class WeighPage
{
    public PlanPage $plan;

    /** @var list<WeighTicket> that count, oldest first */
    public array $tickets;

    public Job $job;

    private AdvicePage $advice;

    public function __construct(private AnalysedJob $analysed, private User $person)
    {
        $this->job = $analysed->job;
        $this->plan = PlanPage::ofJob($analysed, $person);
        $this->advice = new AdvicePage($analysed, $person);
        $this->tickets = array_values($this->job->tickets->whereNull('withdrawn_at')->all());
    }

    public function advice(): AdvicePage
    {
        return $this->advice;
    }

    /** How often this set-up was weighed, and when last; an empty text where never. */
    public function counted(): string
    {
        return WeighingWords::counted($this->tickets);
    }

    /** @return non-empty-list<string> what a weighbridge's display steps by, the usual one of a unit first */
    public static function stepsIn(LoadUnit $unit): array
    {
        return $unit === LoadUnit::Pound
            ? ['20 lb', '10 lb', '50 lb', '10 kg', '20 kg', '5 kg']
            : ['10 kg', '20 kg', '5 kg', '20 lb', '10 lb', '50 lb'];
    }

    /** @return array<string, string> the same to choose from, for this person */
    public function steps(): array
    {
        $steps = self::stepsIn($this->person->loadUnit());

        return array_combine($steps, $steps);
    }

    /** A ticket as it is typed, in this person's unit. */
    public function example(): string
    {
        return Text::of($this->person->loadUnit() === LoadUnit::Pound ? 'weighing.example_lb' : 'weighing.example_kg');
    }

    public function load(?Load $load): string
    {
        return $this->plan->print->load($load);
    }

    public function axle(WeighTicket $ticket, WeighedAxle $axle): string
    {
        return $this->load($ticket->core()->axle($axle));
    }

    /**
     * What an axle carries more than alone, the trailer's more than level on its jack; an empty text of a ticket alone,
     * and where either was not weighed by itself.
     */
    public function change(WeighTicket $ticket, WeighedAxle $axle): string
    {
        $load = $ticket->core()->axle($axle);
        $alone = $this->latest(Stance::Alone);
        $before =
            $axle === WeighedAxle::Trailer
                ? $this->weighing()?->levelTrailer($this->rig())
                : $alone?->axle($axle);

        return $ticket->stance === Stance::Alone || $load === null || $before === null
            ? ''
            : $this->plan->print->loadChange($load->minus($before));
    }

    /** The setting that a carried ticket was weighed at, in words. */
    public function setting(WeighTicket $ticket): string
    {
        $steps = $ticket->stance === Stance::Carried ? $this->job->settingOf($ticket->round) : null;
        $setting = $steps === null ? null : $this->plan->described->sheets->adjusters()?->recorded($steps);

        return $setting === null ? '' : (new SettingWords($this->plan->described->sheets))->of($setting);
    }

    /** @return list<array{string, string}> what the tickets come to by statics, and how it was said */
    public function results(): array
    {
        $weighing = $this->weighing();
        if ($weighing === null) {
            return [];
        }
        $rig = $this->rig();
        $lines = [
            [Text::of('screen.weigh_page.tongue_weight_on_the_ball'), $this->loadWithDoubt($weighing->droppedLoad())],
            [
                Text::of('screen.weigh_page.tongue_weight_corrected_to_level'),
                $this->loadWithDoubt($weighing->tongueWeight($rig)),
            ],
        ];
        foreach ($this->tickets as $ticket) {
            if ($ticket->stance === Stance::Carried && $ticket->isPlain()) {
                $restored = $weighing->restored($ticket->core());
                $moved = $weighing->moved($ticket->core());
                $lines[] = [
                    trim(Text::of('screen.weigh_page.front_restored').", {$this->setting($ticket)}", ', '),
                    $restored === null
                        ? '–'
                        : sprintf('%d ± %d %%', round(100 * $restored->mean()), round(100 * $restored->deviation())),
                ];
                $lines[] = [
                    Text::of('screen.weigh_page.moved'),
                    $moved === null
                        ? '–'
                        : sprintf('%d %%, %d %%', round(100 * $moved['forward']), round(100 * $moved['back'])),
                ];
            }
        }

        return [...$lines, ...$this->worths()];
    }

    /** @return list<WeighTicket> the latest carried of each setting, with nothing otherwise */
    private function carriedApart(): array
    {
        $apart = [];
        foreach ($this->tickets as $ticket) {
            if ($ticket->stance === Stance::Carried && $ticket->isPlain()) {
                $apart[$this->setting($ticket)] = $ticket;
            }
        }

        return array_values($apart);
    }

    /** @return list<string> where tickets do not agree */
    public function mismatches(): array
    {
        $alone = $this->latest(Stance::Alone);
        $dropped = $this->latest(Stance::Dropped);

        if ($alone === null || $dropped === null) {
            return [];
        }
        $checks = new WeighingChecks($this->rig(), $alone, $dropped);
        $says = fn (Mismatch $mismatch): string => WeighingWords::mismatch($mismatch, $this->person->loadUnit());
        $carried = $this->carriedApart();
        $found = $carried === [] ? [...$checks->mismatches(null)] : [];
        $said = array_map($says, $found);
        foreach ($carried as $ticket) {
            $at = count($carried) === 1 ? '' : $this->setting($ticket);
            foreach ($checks->mismatches($ticket->core()) as $mismatch) {
                $said[] = $at === '' || ! $mismatch->isOfCarried()
                    ? $says($mismatch)
                    : Text::of('weighing.at', ['setting' => ucfirst($at), 'says' => $says($mismatch)]);
            }
        }

        return array_values(array_unique($said));
    }

    /**
     * @return list<array{WeighTicket, list<RatedLoad>}> what each ticket found against its rating; the latest of a
     *     setting
     */
    public function ratings(): array
    {
        $ledger = new RigLedger($this->plan->described, $this->analysed->tickets);
        $latest = array_column(
            array_map(
                static fn (WeighTicket $ticket): array => ["{$ticket->stance->value} {$ticket->round}", $ticket],
                $this->tickets,
            ),
            1,
            0,
        );
        $found = array_map(
            static fn (WeighTicket $ticket): array => [$ticket, $ledger->ofTicket($ticket->core())],
            array_values($latest),
        );

        return array_values(array_filter($found, static fn (array $of): bool => $of[1] !== []));
    }

    /** @return list<array{string, string}> what a change of setting was worth, from one carried ticket to the next */
    private function worths(): array
    {
        $weighing = $this->weighing();
        $adjusters = $this->plan->described->sheets->adjusters();
        $words = new SettingWords($this->plan->described->sheets);
        $lines = [];
        $before = null;
        foreach ($this->tickets as $ticket) {
            $steps =
                $ticket->stance === Stance::Carried && $ticket->isPlain()
                    ? $this->job->settingOf($ticket->round)
                    : null;
            $setting = $steps === null ? null : $adjusters?->recorded($steps);
            if ($weighing !== null && $setting !== null && $before !== null && ! $before[1]->equals($setting)) {
                $changed = $before[1]->changesTo($setting);
                $many = count($changed) === 1 ? $setting->step($changed[0]) - $before[1]->step($changed[0]) : 1.0;
                $worth = $weighing->perStep($before[0]->core(), $ticket->core(), $many);
                $what =
                    count($changed) === 1
                        ? Text::of('screen.weigh_page.worth_of_one', ['one' => $words->one($changed[0])])
                        : Text::of('screen.weigh_page.worth_of', ['change' => $words->change($before[1], $setting)]);
                $lines[] = [
                    $what,
                    $worth === null
                        ? '–'
                        : sprintf('%+d ± %d %%', round(100 * $worth->mean()), round(100 * $worth->deviation())),
                ];
                $lines[] = [
                    Text::of('screen.weigh_page.moves'),
                    $this->moved($weighing->loadsPerStep($before[0]->core(), $ticket->core(), $many)),
                ];
            }
            $before = $setting === null ? $before : [$ticket, $setting];
        }

        return $lines;
    }

    /**
     * `front +70 lb ± 8 lb, rear −110 lb ± 8 lb`.
     *
     * @param  array<string, Normal>  $loads  by axle
     */
    private function moved(array $loads): string
    {
        return implode(
            ', ',
            array_map(
                fn (string $axle, Normal $load): string => Text::of("rig.weighed.{$axle}").
                    " {$this->plan->print->loadChange(Load::ofKilograms($load->mean()))} ± {$this->load(
                        Load::ofKilograms($load->deviation()),
                    )}",
                array_keys($loads),
                $loads,
            ),
        );
    }

    public function air(): AirPage
    {
        return new AirPage($this->analysed, $this->tickets, $this->plan->print);
    }

    public function others(): WeighedSetUps
    {
        return new WeighedSetUps($this->job, $this->plan->print);
    }

    /**
     * A carried ticket that looks as if the rear had been lifted: what is asked, and the ticket; null where none does.
     *
     * @return array{string, WeighTicket, Condition}|null
     */
    public function lifted(): ?array
    {
        $lifter = $this->analysed->lifter();
        $ticket = array_values(
            array_filter(
                $this->tickets,
                static fn (WeighTicket $ticket): bool => $ticket->stance === Stance::Carried && $ticket->isPlain(),
            ),
        );
        $ticket = $ticket === [] ? null : $ticket[count($ticket) - 1];
        $lift =
            $lifter === null || $ticket === null
                ? null
                : LiftedTicket::in($this->advice->evidence(), $this->advice->analysis->verdict()->lost ?? 0.0);

        return $lift === null || $ticket === null || $lifter === null
            ? null
            : [
                Text::of('air.was_it_up', [
                    'lifter' => Text::of("air.lifter.{$lifter}"),
                    'stance' => Stance::Carried->value,
                    'scale' => $this->plan->print->percent($lift->scale),
                    'others' => $this->plan->print->percent($lift->others),
                    'lifted' => $this->plan->print->percent($lift->lifted()),
                ]),
                $ticket,
                $lifter === 'air' ? Condition::AirUp : Condition::LevellingOn,
            ];
    }

    /** @return list<LoadArrow> what the latest ticket found under each axle */
    public function arrows(Elevation $elevation): array
    {
        $latest = $this->tickets === [] ? null : $this->tickets[count($this->tickets) - 1]->core();

        return $latest === null
            ? []
            : LoadArrows::asWeighed($this->plan->drawing()->arrows($elevation, $latest->stance), $latest);
    }

    /** Whether a ticket counts in the ledger: the latest of its stance, with nothing otherwise. */
    public function counts(WeighTicket $ticket): bool
    {
        return $this->analysed->tickets->in($ticket->stance) == $ticket->core();
    }

    /** The stance that those loads were weighed in; an empty text without a ticket. */
    public function weighedIn(): string
    {
        return $this->tickets === [] ? '' : $this->tickets[count($this->tickets) - 1]->stance->value;
    }

    /** An arrow's load, in words. */
    public function arrowSays(LoadArrow $arrow): string
    {
        return $this->plan->drawing()->arrowSays($arrow);
    }

    /** Corrected to level; null before two tickets that tell it. */
    public function tongueWeight(): ?Normal
    {
        return $this->weighing()?->tongueWeight($this->rig());
    }

    private function weighing(): ?Weighing
    {
        return $this->analysed->tickets->weighing();
    }

    private function latest(Stance $stance): ?Ticket
    {
        return (new JobTickets($this->job))->latest($stance)?->core();
    }

    private function rig(): CoupledRig
    {
        return $this->plan->described->prior()->likelyRig();
    }

    private function loadWithDoubt(?Normal $load): string
    {
        return $load === null
            ? '–'
            : "{$this->load(Load::ofKilograms($load->mean()))} ± {$this->load(Load::ofKilograms($load->deviation()))}";
    }
}
