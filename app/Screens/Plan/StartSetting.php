<?php

declare(strict_types=1);

namespace App\Screens\Plan;

use App\Models\Rig;
use App\Words\SettingWords;
use App\Words\Text;
use Yoke\CoreException;
use Yoke\Job\Planning\SpecifiedRig;

/** Where a rig that was set up before starts: as a return visit has it, or as it was handed over last. */
final readonly class StartSetting
{
    private SettingWords $words;

    /** @param  array{steps: array<string, float>, left_at: array<string, float>}|null  $visit  of a return visit */
    public function __construct(private SpecifiedRig $described, private Rig $rig, private ?array $visit)
    {
        $this->words = new SettingWords($described->sheets);
    }

    /** In a sentence, or an empty text. */
    public function says(): string
    {
        return $this->ofTheVisit() !== '' ? $this->ofTheVisit() : $this->handedOver();
    }

    public function isReturnVisit(): bool
    {
        return $this->ofTheVisit() !== '';
    }

    private function ofTheVisit(): string
    {
        return $this->visit === null
            ? ''
            : $this->said('screen.plan_page.return_visit', [
                'start' => $this->visit['steps'],
                'left' => $this->visit['left_at'],
            ]);
    }

    private function handedOver(): string
    {
        $found = $this->rig->found_setting;

        return $found === null
            ? ''
            : $this->said(
                'screen.plan_page.handed_over_last',
                ['setting' => $found['steps']],
                ['job' => $found['job'], 'on' => $found['on']],
            );
    }

    /**
     * An empty text where the hitch has no such settings any more.
     *
     * @param  array<string, array<string, float>>  $settings
     * @param  array<string, string>  $with
     */
    private function said(string $key, array $settings, array $with = []): string
    {
        try {
            $adjusters = $this->described->sheets->adjusters();

            return $adjusters === null
                ? ''
                : Text::of($key, [
                    ...$with,
                    ...array_map(
                        fn (array $steps): string => $this->words->of(
                            $adjusters->setting(array_map(floatval(...), $steps)),
                        ),
                        $settings,
                    ),
                ]);
        } catch (CoreException) {
            return '';
        }
    }
}
