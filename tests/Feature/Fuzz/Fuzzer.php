<?php

declare(strict_types=1);

namespace Tests\Feature\Fuzz;

use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Yoke\Rig\Specification\RigPart;

/**
 * Makes requests that no page of this program sends: every route in turn, its own fields half filled with what it takes
 * and
 * half with what nobody types. The same seed makes the same requests.
 */
final class Fuzzer
{
    /** What a field of this program might well hold. */
    private const LIKELY = [
        '1',
        '2',
        '0',
        '3',
        '38 1/2',
        '978 mm',
        '97.8 cm',
        '4200 lb',
        '300',
        '12',
        '-1',
        'yes',
        'no',
        'done',
        'left_out',
        'alone',
        'dropped',
        'carried',
        'stop',
        'copy',
        'merge',
        'weighed',
        'Lantern float',
        'wren@quillfeather.example',
        'owner',
        'fitter',
        'desk',
        '1/16 in',
        '1 mm',
        'sun',
        'dark',
        'jack',
        'lever',
        'front_restoration',
        'equal_squat',
        "1200 1300\n900",
        'distance',
        '2026-11-25',
        'tape-in-hand',
        'true',
        'on',
    ];

    /** Numbers, texts and marks that break programs. */
    private const UNLIKELY = [
        '',
        ' ',
        '99999999999999999999',
        '-99999999999999999999',
        '1e308',
        '1e999',
        'INF',
        'NAN',
        '0x1F',
        "o'clock; DROP TABLE jobs; --",
        '<script>alert(1)</script>',
        '../../../etc/passwd',
        "a\u{202E}b",
        '½',
        '٣٤',
        '{{7*7}}',
        '%s%n',
        "line\r\nSet-Cookie: a=b",
        '-0',
        '1/0',
        '38 1/0',
        '9223372036854775807',
        '1,5,7',
        '°',
        'null',
        '[]',
    ];

    /** What is no text at all: refused before any form is read. */
    private const UNREADABLE = ["\u{0}", "x\u{0}y", "\xff\xfe", "\xc3\x28"];

    private readonly Randomizer $random;

    /** @var list<Route> */
    private readonly array $routes;

    /** @var list<string> names of fields that stand in the pages */
    private readonly array $fields;

    /** @var array<string, list<string>> */
    private readonly array $own;

    public function __construct(int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
        $this->routes = array_values(
            array_filter(
                Routes::getRoutes()->getRoutes(),
                static fn (Route $route): bool => ! str_starts_with($route->uri(), 'storage/'),
            ),
        );
        $this->fields = self::fieldsOfPages();
        $this->own = self::ownForms();
    }

    /** How many routes there are. */
    public function routes(): int
    {
        return count($this->routes);
    }

    /**
     * @return array{method: string, uri: string, fields: array<array-key, mixed>, files: array<string, UploadedFile>,
     *     headers: array<string, string>, body: string|null}
     */
    public function request(int $number): array
    {
        $route = $this->routes[$number % count($this->routes)];
        $method = $this->one(20)
            ? $this->random->pickArrayKeys(
                array_flip(['GET', 'POST', 'PUT', 'DELETE', 'PATCH', 'HEAD', 'OPTIONS']),
                1,
            )[0]
            : $route->methods()[0];
        $asks =
            $this->random->getInt(0, 2) === 0
                ? ['HTTP_ACCEPT' => 'application/json', 'HTTP_X_REQUESTED_WITH' => 'XMLHttpRequest']
                : [];
        $waited = $this->one(6) ? ['HTTP_X_WAITED' => '1'] : [];

        return [
            'method' => (string) $method,
            'uri' => $this->address($route).$this->query(),
            'fields' => $this->form($route),
            'files' => $this->one(8) ? [$this->pick(['file', 'photo']) => $this->file()] : [],
            'headers' => $asks + $waited,
            'body' => $this->one(12)
                ? $this->pick([
                    str_repeat('[', 400).str_repeat(']', 400),
                    '{"typed":{"front":[[[]]]}}',
                    '"text"',
                    '{"a":',
                    'null',
                    '[1,2,3]',
                    "{\"title\":\"\xff\"}",
                ])
                : null,
        ];
    }

    private function address(Route $route): string
    {
        return '/'.
            preg_replace_callback(
                '/\{(\w+)\??\}/',
                fn (array $part): string => rawurlencode($this->parameter($part[1])),
                $route->uri(),
            );
    }

    private function parameter(string $name): string
    {
        if ($this->one(15)) {
            return $this->pick([...self::UNLIKELY, ...self::UNREADABLE]) ?: '0';
        }

        return match ($name) {
            'station' => $this->pick([
                'brief',
                'alone',
                'dropped',
                'bars-up',
                'head',
                'brackets',
                'sway-control',
                'road-test',
                'hand-over',
                'ground',
                'prove',
                'hook-up-checks',
            ]),
            'part' => $this->pick(['vehicle', 'trailer', 'hitch']),
            'occasion' => $this->pick(['hook-up', 'unhitch', 'departure', 'arrival', 'reversing']),
            'paper' => $this->pick(['a4', 'letter']),
            'kind' => $this->pick(['weighbridge', 'tongue-scale', 'sensors']),
            'field' => $this->pick(['wheelbase_mm', 'tongue_weight_kg', 'family', 'bar_rating_kg']),
            'state' => $this->pick(['weighed', '1', '2']),
            'name' => 'shop-20261126-010203.yoke',
            'token' => str_repeat('a', 40),
            default => (string) $this->random->getInt(1, 8),
        };
    }

    private function query(): string
    {
        if (! $this->one(3)) {
            return '';
        }
        $asked = [];
        foreach (range(0, $this->random->getInt(0, 3)) as $ignored) {
            $asked[
                $this->pick([
                    'show',
                    'height',
                    'try',
                    'call',
                    'page',
                    'skip',
                    'find',
                    'like',
                    'state',
                    'beside',
                    'stance',
                    'open',
                    ...$this->fields,
                ])
            ] = $this->value(0);
        }

        return '?'.http_build_query($asked);
    }

    /** @return array<array-key, mixed> */
    private function form(Route $route): array
    {
        if ($route->methods()[0] === 'GET') {
            return [];
        }
        $form = $this->ownFields($route);
        foreach (range(0, $this->random->getInt(0, 4)) as $ignored) {
            $form[$this->pick($this->fields)] = $this->value(0);
        }
        foreach (['steps', 'typed', 'based_on', 'items', 'fills'] as $list) {
            if ($this->one(4)) {
                $form[$list] = [
                    'link' => $this->value(1),
                    'front' => $this->value(1),
                    'rear' => $this->value(2),
                    0 => $this->value(2),
                ];
            }
        }
        if ($this->one(10)) {
            $form['_once'] = $this->pick([
                '0f0f0f0f-0f0f-4f0f-8f0f-0f0f0f0f0f0f',
                sprintf('%08x-0000-4000-8000-000000000000', $this->random->getInt(0, 2 ** 31)),
                'x',
            ]);
        }

        return $form;
    }

    /**
     * What the page's own form has, most of it likely: half of the forms are nearly right.
     *
     * @return array<string, mixed>
     */
    private function ownFields(Route $route): array
    {
        $form = [];
        $isNearlyRight = $this->one(2);
        foreach ($this->own[$route->getName() ?? ''] ?? [] as $field) {
            if (! $this->one(4)) {
                $form[$field] = $isNearlyRight && ! $this->one(12) ? $this->pick(self::LIKELY) : $this->value(0);
            }
        }

        return $form;
    }

    private function value(int $depth): mixed
    {
        return match (true) {
            $depth < 8 && $this->one(7) => $this->random->shuffleArray([
                $this->value($depth + 1),
                'x' => $this->value($depth + 1),
            ]),
            $this->one(200) => str_repeat($this->pick(['9', 'a', "\u{1F69A}"]), 1_000_000),
            $this->one(60) => str_repeat('7', 3000),
            $this->one(100) => $this->pick(self::UNREADABLE),
            $this->one(25) => null,
            $this->one(3) => $this->pick(self::UNLIKELY),
            default => $this->pick(self::LIKELY),
        };
    }

    private function file(): UploadedFile
    {
        return UploadedFile::fake()->createWithContent(
            $this->pick(['a.json', 'a.jpg', 'a.csv', 'a.yoke', "b\u{202E}.php"]),
            $this->pick([
                '',
                'dear diary',
                '{"format":"ivy-yoke-job","version":2}',
                '{"format":"ivy-yoke-job","version":2,"rig":[],"job":{"photos":3}}',
                str_repeat('[', 5000),
                "\xFF\xD8\xFF\xE0broken",
                "SQLite format 3\0",
                "stance,axles\nalone,1\xff",
            ]),
        );
    }

    /**
     * @param  non-empty-list<string>  $of
     */
    private function pick(array $of): string
    {
        return $of[$this->random->getInt(0, count($of) - 1)];
    }

    private function one(int $in): bool
    {
        return $this->random->getInt(1, $in) === 1;
    }

    /** @return array<string, list<string>> fields by the name of the route that their form is sent to */
    private static function ownForms(): array
    {
        $forms = [];
        foreach (self::views() as $view) {
            preg_match_all("/route\\('([a-z.-]+)'.*?(?=<\\/form>|\\z)/s", $view, $found, PREG_SET_ORDER);
            foreach ($found as [$form, $name]) {
                preg_match_all('/\bname="([a-z_]+)"/', $form, $fields);
                $forms[$name] = array_values(array_unique([...$forms[$name] ?? [], ...$fields[1]]));
            }
        }
        foreach (RigPart::cases() as $part) {
            foreach (['garage.store', 'garage.update', 'garage.preview'] as $name) {
                $forms[$name] = [...$forms[$name] ?? ['name'], ...array_map(strval(...), array_keys($part->fields()))];
            }
        }

        return $forms;
    }

    /** @return list<string> */
    private static function views(): array
    {
        $views = [];
        foreach (
            new \RecursiveIteratorIterator(
                new \RecursiveDirectoryIterator(resource_path('views'), \FilesystemIterator::SKIP_DOTS),
            ) as $view
        ) {
            $views[] = (string) file_get_contents((string) $view);
        }

        return $views;
    }

    /** @return list<string> */
    private static function fieldsOfPages(): array
    {
        $names = [
            '_token',
            'email',
            'password',
            'title',
            'height',
            'show',
            'again',
            'aboard',
            'vehicle_id',
            'trailer_id',
            'hitch_id',
            'axles',
            'set_by',
        ];
        foreach (self::views() as $view) {
            preg_match_all('/\bname="([a-z_]+)"/', $view, $found);
            array_push($names, ...$found[1]);
        }
        foreach (RigPart::cases() as $part) {
            array_push($names, ...array_map(strval(...), array_keys($part->fields())));
        }

        return array_values(array_unique($names));
    }
}
