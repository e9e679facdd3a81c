<?php

/*
 * count-tests.php php|browser FILE STATUS : prints "PASSED FAILED" from a test runner's own report. A report that is
 * missing, empty, or says all is well while the runner failed counts as one failure.
 */

declare(strict_types=1);

[, $kind, $file, $status] = $argv;
[$passed, $failed] = [0, 0];
$report = is_file($file) ? (string) file_get_contents($file) : '';

if ($kind === 'php' && $report !== '') {
    $suite = simplexml_load_string($report)->testsuite;
    $failed = (int) $suite['failures'] + (int) $suite['errors'];
    $passed = (int) $suite['tests'] - $failed - (int) $suite['skipped'];
}
if ($kind === 'browser' && $report !== '') {
    $stats = json_decode($report, true, flags: JSON_THROW_ON_ERROR)['stats'];
    $failed = $stats['unexpected'] + $stats['flaky'];
    $passed = $stats['expected'];
}
if ($failed === 0 && ($status !== '0' || $passed === 0)) {
    $failed = 1;
}
echo "{$passed} {$failed}\n";
