<?php

/*
 * How much of the hand-written code is tests, by lines that are not blank. What git tracks counts, without data,
 * pictures, prose (language and procedure files too), and what is built or vendored. Fails outside 25 to 33 %.
 */

declare(strict_types=1);

const LOWEST = 25.0;
const HIGHEST = 33.0;

chdir(dirname(__DIR__, 2));
$files = array_filter(explode("\0", (string) shell_exec('git ls-files -z --cached --others --exclude-standard')), static fn (string $file): bool => is_file($file)
    && preg_match('~\.(php|js|mjs|css|sh)$|^bin/|^artisan$|^\.ci/run$~', $file) === 1
    && preg_match('~^(vendor|node_modules|public/build|docs|database/demo|lang)/|^core/Workshop/Procedure/[a-z]+\.php$~', $file) === 0);
$lines = ['tests' => 0, 'product' => 0];
foreach ($files as $file) {
    $written = array_filter(file($file) ?: [], static fn (string $line): bool => trim($line) !== '');
    $lines[str_starts_with($file, 'tests/') ? 'tests' : 'product'] += count($written);
}
$share = 100 * $lines['tests'] / max(1, array_sum($lines));
$well = $share >= LOWEST && $share <= HIGHEST;

printf("Tests are %.1f %% of %d hand-written lines (%d of tests, %d of product); expected %d to %d %%.\n", $share, array_sum($lines), $lines['tests'], $lines['product'], LOWEST, HIGHEST);
exit($well ? 0 : 1);
