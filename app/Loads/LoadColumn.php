<?php

declare(strict_types=1);

namespace App\Loads;

use App\Models\Job;
use App\Models\LoadState;
use App\Plan\PlanPrinter;
use App\Plan\SettingWords;
use Yoke\Advice\Advised;
use Yoke\Advice\Move;
use Yoke\Advice\Policy;
use Yoke\Advice\Trial;
use Yoke\CoreException;
use Yoke\Limits\RatedLoad;
use Yoke\Measure\Gaussian;
use Yoke\Measure\Load;
use Yoke\Measure\Term;
use Yoke\Plan\LoadedState;
use Yoke\Rig\Adjuster\Setting;

/** What one load state comes to, in a person's words and units. */
final class LoadColumn
{
    /** What a planner looks at first, besides what is outside. */
    private const WATCHED = ['front axle, dropped', 'front axle, carried', 'rear axle, carried', 'trailer axles, carried', 'payload, carried', 'combination'];

    private ?Advised $advised = null;

    /** @param  Trial|null  $trial  null before the first hook-up: what nobody read needs no small move */
    public function __construct(public readonly LoadState $state, private readonly LoadedState $loaded, public readonly Setting $setting, private readonly Job $job, private readonly ?Trial $trial, private readonly SettingWords $words, private readonly PlanPrinter $print)
    {
    }

    /** @return list<array{string, string}> */
    public function lines(): array
    {
        $carried = $this->loaded->carried();
        $restored = $this->loaded->restored();
        $alone = $this->loaded->aloneRise();

        return [
            ['Gross trailer weight', $this->print->load(Load::ofKilograms($this->loaded->gross()))],
            ['Tongue weight, level', $this->load($this->loaded->tongueWeight())],
            ['Share of gross on the tongue', sprintf('%.1f %%', 100 * $this->loaded->tongueShare()->share)],
            ['Front axle load put back', sprintf('%d ± %d %%', round(100 * $restored->mean()), round(100 * $restored->deviation()))],
            ['Fenders alone, front, rear', "{$this->print->change($alone['front'])}, {$this->print->change($alone['rear'])}"],
            ['From there to carried', "{$this->print->change($carried->frontRise())}, {$this->print->change($carried->rearRise())}"],
            ['Trailer, carried', $this->print->degrees($carried->trailerPitchAngle()).($carried->trailerPitch > 0.0 ? ' nose-up' : ' nose-down')],
        ];
    }

    /** @return list<RatedLoad> that are outside, then those a planner watches */
    public function ratings(): array
    {
        $ledger = array_filter($this->loaded->ledger(), static fn (RatedLoad $line): bool => $line->may !== null && ($line->isOutside() || in_array($line->what, self::WATCHED, true)));
        usort($ledger, static fn (RatedLoad $one, RatedLoad $other): int => $other->isOutside() <=> $one->isOutside());

        return $ledger;
    }

    public function printed(?Load $load): string
    {
        return $this->print->load($load);
    }

    public function share(): string
    {
        return $this->loaded->tongueShare()->says();
    }

    public function shareIsUsual(): bool
    {
        return $this->loaded->tongueShare()->isUsual();
    }

    /** The small move that brings the rig back to band, or that none is needed, in a sentence. */
    public function move(): string
    {
        $to = $this->keepable();

        return match ($this->advised()?->move) {
            null => 'Nothing is hooked up and read yet: the small move shows after the first trial.',
            Move::Set => "Go to {$this->words->of($to, $this->setting)}: {$this->words->change($this->setting, $to)}.",
            Move::Cannot => 'No small step brings this load into band: set it up again, with washers and head.',
            default => "Leave it at {$this->words->of($to)}.",
        };
    }

    public function isMove(): bool
    {
        return $this->advised()?->move === Move::Set;
    }

    public function isFine(): bool
    {
        return $this->advised()?->move === Move::Stop || $this->advised()?->move === Move::ReadAgain;
    }

    /** What the move promises, with its chance, or an empty text. */
    public function promise(): string
    {
        $outlook = $this->advised()?->outlook;

        return $outlook === null ? '' : sprintf('About %d %% put back, in band with %d %% chance.', round(100 * $outlook->share->mean()), min(99, (int) round(100 * $outlook->chance)));
    }

    /** The setting to keep for this state. */
    public function keepable(): Setting
    {
        return $this->advised()->outlook->setting ?? $this->setting;
    }

    /** What is kept for it, in words, or an empty text. */
    public function keptSetting(): string
    {
        try {
            $kept = $this->state->setting === null ? null : Setting::of(array_map(floatval(...), $this->state->setting));

            return $kept === null ? '' : $this->words->of($kept);
        } catch (CoreException) {
            return '';
        }
    }

    /** @return list<Term> before and after the rear is lifted; none where nothing lifts it */
    public function levelled(): array
    {
        return $this->loaded->levelled();
    }

    private function load(Gaussian $load): string
    {
        return "{$this->print->load(Load::ofKilograms($load->mean()))} ± {$this->print->load(Load::ofKilograms($load->deviation()))}";
    }

    private function advised(): ?Advised
    {
        return $this->trial === null ? null : $this->advised ??= $this->loaded->smallMove($this->job->band(), app(Policy::class));
    }
}
