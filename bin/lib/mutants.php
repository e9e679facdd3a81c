<?php

declare(strict_types=1);

// mutants.php REPORT : what a run of mutation testing came to, one line a survivor, then the score.

$report = (string) preg_replace('/\e\[[0-9;?]*[A-Za-z]/', '', (string) file_get_contents($argv[1] ?? ''));
if (preg_match('/Mutations:\s+(.+)\n\s+Score:\s+([\d.]+)%/', $report, $came) !== 1) {
    fwrite(STDERR, "Mutation testing did not finish; the end of {$argv[1]} says why.\n");
    exit(1);
}
preg_match_all('/(UNTESTED|UNCOVERED)\s+(\S+)\s+> Line (\d+): (\w+) - ID: \w+\n(.*?)(?=\n\s+-{20,}|\n\s+(?:UNTESTED|UNCOVERED)|\n\s+Mutations:)/s', $report, $survivors, PREG_SET_ORDER);
foreach ($survivors as [, , $file, $line, $mutator, $change]) {
    preg_match_all('/^\s*([+-])\s+(.*)$/m', $change, $lines, PREG_SET_ORDER);
    $now = implode(' ', array_column(array_filter($lines, static fn (array $one): bool => $one[1] === '+'), 2));
    printf("  survived  %s:%s  %s  %s\n", $file, $line, $mutator, mb_strimwidth($now, 0, 140, '…'));
}
printf("  %s; score %s %%\n", trim($came[1]), $came[2]);
