<?php

declare(strict_types=1);

namespace Yoke\Rig\Adjuster\Exception;

use DomainException;
use Yoke\CoreException;
use Yoke\Expected;
use Yoke\Expecting;

final class ImpossibleSetting extends DomainException implements CoreException
{
    use Expecting;

    private function __construct(private readonly Expected $expected, private readonly string $adjuster)
    {
        parent::__construct($expected->text());
    }

    public static function ofAdjuster(string $key): self
    {
        return new self(Expected::of('setting.adjuster', ['adjuster' => $key]), $key);
    }

    public static function outOfRange(string $key, float $step, float $from, float $to): self
    {
        return new self(
            Expected::of('setting.out_of_range', ['adjuster' => $key, 'from' => $from, 'to' => $to, 'step' => $step]),
            $key,
        );
    }

    public static function missing(string $key): self
    {
        return new self(Expected::of('setting.missing', ['adjuster' => $key]), $key);
    }

    /** Of what bends the bars by itself nobody knows where it stands. */
    public static function notCounted(string $key): self
    {
        return new self(Expected::of('setting.not_counted', ['adjuster' => $key]), $key);
    }

    public static function unknown(string $key): self
    {
        return new self(Expected::of('setting.unknown', ['adjuster' => $key]), $key);
    }

    public function adjuster(): string
    {
        return $this->adjuster;
    }
}
