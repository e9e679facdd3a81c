<?php

declare(strict_types=1);

namespace Yoke\Advice;

/** The one best next move, and what was weighed against it. */
final readonly class Recommendation
{
    /**
     * @param  SettingForecast  $outlook  of the setting to go to, to stay at or to read again
     * @param  SettingForecast|null  $present  of the setting that is on
     * @param  non-empty-list<SettingForecast>  $ranking  every setting, best first
     */
    public function __construct(public Action $move, public SettingForecast $outlook, public ?SettingForecast $present, public array $ranking)
    {
    }
}
