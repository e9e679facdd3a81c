<?php

/*
 * slowest.php PHP_REPORT BROWSER_REPORT : the ten tests that took longest, of both runners' own reports. A report that is missing
 * tells nothing.
 */

declare(strict_types=1);

const SHOWN = 10;

[, $php, $browser] = $argv;
$took = [];
foreach (is_file($php) ? simplexml_load_file($php)->xpath('//testcase') ?: [] : [] as $test) {
    $took[] = [(float) $test['time'], explode('::', (string) $test['file'])[0].': '.$test['name']];
}

/**
 * @param  array<string, mixed>  $suite
 * @return list<array{float, string}>
 */
$within = static function (array $suite) use (&$within): array {
    $found = array_merge([], ...array_map($within, $suite['suites'] ?? []));
    foreach ($suite['specs'] ?? [] as $spec) {
        $seconds = array_sum(array_map(static fn (array $test): float => array_sum(array_column($test['results'], 'duration')) / 1000, $spec['tests']));
        $found[] = [$seconds, "tests/Browser/{$spec['file']}: {$spec['title']}"];
    }

    return $found;
};
$took = [...$took, ...(is_file($browser) ? $within(json_decode((string) file_get_contents($browser), true, flags: JSON_THROW_ON_ERROR)) : [])];
usort($took, static fn (array $one, array $other): int => $other[0] <=> $one[0]);
foreach (array_slice($took, 0, SHOWN) as [$seconds, $name]) {
    printf("%6.1f s  %s\n", $seconds, mb_strimwidth($name, 0, 150, '…'));
}
