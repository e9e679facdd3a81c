<?php

declare(strict_types=1);

namespace App\Screens\People;

use App\Models\DeviceSignIn;
use App\Words\Text;

/** One place where somebody is signed in, as the list shows it. */
final readonly class DeviceLine
{
    /** What a browser's name for itself holds, by the key of what it is called; the first that fits. */
    private const KINDS = [
        'iPad' => 'tablet',
        'Tablet' => 'tablet',
        'Mobile' => 'phone',
        'Android' => 'tablet',
        'Windows' => 'computer',
        'Macintosh' => 'computer',
        'Linux' => 'computer',
    ];

    private function __construct(public DeviceSignIn $signIn, private string $kind, public bool $isThis)
    {
    }

    public function called(): string
    {
        return Text::of("screen.device_kind.{$this->kind}");
    }

    /**
     * @param  iterable<DeviceSignIn>  $signIns
     * @return list<self>
     */
    public static function all(iterable $signIns, ?string $key): array
    {
        $lines = [];
        foreach ($signIns as $signIn) {
            $lines[] = new self(
                $signIn,
                self::kind($signIn->browser),
                $key !== null && $signIn->key_hash === DeviceSignIn::hash($key),
            );
        }

        return $lines;
    }

    private static function kind(string $browser): string
    {
        foreach (self::KINDS as $sign => $kind) {
            if (str_contains($browser, $sign)) {
                return $kind;
            }
        }

        return 'other';
    }
}
