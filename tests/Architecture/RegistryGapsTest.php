<?php

declare(strict_types=1);

use Symfony\Component\Clock\NativeClock;

it('finds the ends of an array', function (): void {
    expect(array_first([3 => 'a', 1 => 'b']))->toBe('a')
        ->and(array_last([3 => 'a', 1 => 'b']))->toBe('b')
        ->and(array_first([]))->toBeNull()
        ->and(array_last([]))->toBeNull();
});

it('looks at the handlers without taking them away', function (): void {
    $handler = fn (): bool => true;
    set_error_handler($handler);
    set_exception_handler($handler);

    expect(get_error_handler())->toBe($handler)->and(get_error_handler())->toBe($handler)
        ->and(get_exception_handler())->toBe($handler)->and(get_exception_handler())->toBe($handler);
    restore_error_handler();
    restore_exception_handler();
});

it('tells the time in the zone asked for', function (): void {
    $clock = (new NativeClock('UTC'))->withTimeZone('Asia/Kolkata');

    expect($clock->now()->getOffset())->toBe(19_800)
        ->and(abs($clock->now()->getTimestamp() - time()))->toBeLessThanOrEqual(1);
});
