<?php

declare(strict_types=1);

namespace App\Screens\Loads;

use App\Models\Job;
use App\Models\LoadState;
use App\Words\QuantityWords;
use App\Words\SettingWords;
use Yoke\Adjuster\Setting;
use Yoke\Advice\Action;
use Yoke\Advice\Policy;
use Yoke\Advice\Recommendation;
use Yoke\CoreException;
use Yoke\Method\CurrentSetting;
use Yoke\Planning\LoadedState;
use Yoke\Probability\Normal;
use Yoke\Ratings\RatedLoad;
use Yoke\Units\Load;
use Yoke\Units\Term;

/** What one load state comes to, in a person's words and units. */
final class LoadColumn
{
    /** What a planner looks at first, besides what is outside. */
    private const WATCHED = ['front axle, dropped', 'front axle, carried', 'rear axle, carried', 'trailer axles, carried', 'payload, carried', 'combination'];

    private ?Recommendation $advised = null;

    /** @param  CurrentSetting|null  $trial  null before the first hook-up: what nobody read needs no small move */
    public function __construct(public readonly LoadState $state, private readonly LoadedState $loaded, public readonly Setting $setting, private readonly Job $job, private readonly ?CurrentSetting $trial, private readonly SettingWords $words, private readonly QuantityWords $print)
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
            Action::Set => "Go to {$this->words->of($to, $this->setting)}: {$this->words->change($this->setting, $to)}.",
            Action::Cannot => 'No small step brings this load into band: set it up again, with washers and head.',
            default => "Leave it at {$this->words->of($to)}.",
        };
    }

    public function isMove(): bool
    {
        return $this->advised()?->move === Action::Set;
    }

    public function isFine(): bool
    {
        return $this->advised()?->move === Action::Stop || $this->advised()?->move === Action::ReadAgain;
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

    private function load(Normal $load): string
    {
        return "{$this->print->load(Load::ofKilograms($load->mean()))} ± {$this->print->load(Load::ofKilograms($load->deviation()))}";
    }

    private function advised(): ?Recommendation
    {
        return $this->trial === null ? null : $this->advised ??= $this->loaded->smallMove($this->job->band(), app(Policy::class));
    }
}
