<?php

/*
 * fuzz.php ADDRESS HOW_MANY SEED : sends requests that no page sends to every route of a shop that is served, as a browser that is
 * signed in and now and then is not; prints what came back by status, and each 500 with what was asked. Several run side by side.
 */

declare(strict_types=1);

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Contracts\Console\Kernel;
use Psr\Http\Message\ResponseInterface;
use Tests\Feature\Fuzz\Fuzzer;

/** What would leave nobody to go on as: asked for without its end. */
const ENDS = '#^/(sign-out|account/(password|sign-ins)|people/\d+/(let-go|role)|shop/restore/now)#';
const SIGNS_IN_EVERY = 250;
const TRIES = 5;
const LONGEST_ADDRESS = 8000;

[, $address, $many, $seed] = $argv;
require __DIR__.'/../../vendor/autoload.php';
$app = require __DIR__.'/../../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
// The framework would print an exception and end as if all were well.
restore_exception_handler();
$client = new Client(['base_uri' => $address, 'http_errors' => false, 'allow_redirects' => false, 'timeout' => 90]);

/** @return array{CookieJar, string} signed in, with the token that every form carries */
$signIn = static function () use ($client, $app): array {
    $jar = new CookieJar;
    $token = static fn (ResponseInterface $page): string => preg_match('/name="_token" value="([^"]+)"/', (string) $page->getBody(), $found) === 1 ? $found[1] : '';
    // What is asked of the sign-in itself fills its windows, up to those of a day: they are kept in the cache, which is this shop's alone.
    for ($try = 1; ; $try++) {
        $client->post('/sign-in', ['cookies' => $jar, 'form_params' => ['_token' => $token($client->get('/sign-in', ['cookies' => $jar])), 'email' => 'wren@quillfeather.example', 'password' => 'tape-in-hand']]);
        $page = $client->get('/jobs/new', ['cookies' => $jar]);
        if ($page->getStatusCode() === 200) {
            return [$jar, $token($page)];
        }
        $try < TRIES ? $app->make('cache')->store()->flush() : throw new RuntimeException("Nobody could sign in: {$page->getStatusCode()}.");
    }
};

$fuzzer = new Fuzzer((int) $seed);
[$answers, $broke, $jar, $token] = [[], [], new CookieJar, ''];
for ($number = 1; $number <= (int) $many; $number++) {
    if ($number % SIGNS_IN_EVERY === 1) {
        [$jar, $token] = $signIn();
    }
    $one = $fuzzer->request($number);
    $uri = preg_match(ENDS, $one['uri']) === 1 ? '/nowhere' : $one['uri'];
    $headers = [];
    foreach ($one['headers'] as $header => $value) {
        $headers[str_replace('_', '-', substr($header, 5))] = $value;
    }
    $isSent = ! in_array($one['method'], ['GET', 'HEAD', 'OPTIONS'], true);
    $files = array_map(static fn (string $field, object $file): array => ['name' => $field, 'contents' => (string) file_get_contents($file->getPathname()), 'filename' => 'a file'], array_keys($one['files']), $one['files']);
    $fields = array_map(static fn (int|string $name, mixed $value): array => ['name' => (string) $name, 'contents' => is_scalar($value) ? (string) $value : ''], array_keys($one['fields']), $one['fields']);
    $options = match (true) {
        $one['body'] !== null => ['body' => $one['body'], 'headers' => $headers + ['Content-Type' => 'application/json', 'X-CSRF-TOKEN' => $token]],
        $isSent && $files !== [] => ['multipart' => [['name' => '_token', 'contents' => $token], ...$files, ...$fields]],
        $isSent => ['body' => http_build_query(['_token' => $token] + $one['fields']), 'headers' => $headers + ['Content-Type' => 'application/x-www-form-urlencoded']],
        default => [],
    } + ['headers' => $headers] + ($number % 7 === 0 ? [] : ['cookies' => $jar]);
    try {
        $status = $client->request($one['method'], $address.$uri, $options)->getStatusCode();
        $says = '';
    } catch (Throwable $trouble) {
        [$status, $says] = [0, $trouble->getMessage()];
    }
    $answers[$status] = ($answers[$status] ?? 0) + 1;
    // An address of a megabyte is turned away by the server before the program hears of it.
    if ($status === 500 || ($status === 0 && strlen($uri) < LONGEST_ADDRESS)) {
        $broke[] = "{$one['method']} ".mb_strimwidth($uri, 0, 140, '…').": {$status} {$says}";
    }
}
ksort($answers);
printf("%d requests over HTTP to %d routes, seed %d: %s\n%s", $many, $fuzzer->routes(), $seed, http_build_query($answers, '', ', '), implode('', array_map(static fn (string $one): string => "  {$one}\n", array_slice($broke, 0, 40))));
exit($broke === [] && ($answers[200] ?? 0) > $many / 20 ? 0 : 1);
