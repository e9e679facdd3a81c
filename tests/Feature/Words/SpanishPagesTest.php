<?php

declare(strict_types=1);

use App\Models\CardLink;
use App\Models\Job;
use App\Models\Language;
use App\Models\LoadState;
use App\Models\Paper;
use App\Models\PracticeRun;
use App\Models\User;
use App\Words\FamilyWords;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\MessageBag;
use Smalot\PdfParser\Parser;
use Yoke\Rig\Family\Families;
use Yoke\Rig\Family\HitchFamily;
use Yoke\Showing\Explainer\Topic;
use Yoke\Workshop\Procedure\Occasion;
use Yoke\Workshop\Procedure\Station;

/** @return array<string, true> the words of all texts of a language */
function vocabularyOf(string $language): array
{
    $folder = lang_path($language);
    $words = [];
    foreach ([...glob("{$folder}/*.php") ?: [], ...glob("{$folder}/*/*.php") ?: []] as $file) {
        foreach (array_filter(Arr::dot(require $file), is_string(...)) as $text) {
            if ($language === 'es' && preg_match('/\b(front|stance)\b/', $text) === 1) {
                // What stands on a ticket or in a file is written in the words of the ticket.
                continue;
            }
            $words += array_fill_keys(wordsIn((string) preg_replace('/:[A-Za-z_]+\d?/', ' ', $text)), true);
        }
    }

    return $words;
}

/** @return list<string> in small letters */
function wordsIn(string $text): array
{
    preg_match_all('/\p{L}{2,}/u', mb_strtolower($text), $found);

    return $found[0];
}

/** What a page says to who reads it or hears it, one line for each text of it. */
function saidOn(string $page): string
{
    $page = (string) preg_replace('/<(script|style)\b.*?<\/\1>/s', ' ', $page);
    preg_match_all('/(?:aria-label|placeholder|title|alt)="([^"]*)"/', $page, $labels);

    return html_entity_decode(
        strip_tags((string) preg_replace('/<[^>]+>/', "\n", $page))."\n".implode("\n", $labels[1]),
        ENT_QUOTES | ENT_HTML5,
    );
}

/**
 * The texts in which a word stands that only English has.
 *
 * @param  array<string, true>  $english
 * @param  list<string>  $written  what stays as it is
 * @return list<string>
 */
function englishIn(string $said, array $english, array $written): array
{
    // The month of May, what files are called, and what a language calls itself.
    $said = (string) preg_replace(
        '/\d may\.|\b[a-z]+-\d+\.[a-z]+\b|\bEnglish\b/',
        ' ',
        str_ireplace($written, ' ', $said),
    );
    $texts = array_filter(
        explode("\n", $said),
        static fn (string $text): bool => array_filter(
            wordsIn($text),
            static fn (string $word): bool => isset($english[$word]),
        ) !== [],
    );

    return array_values(
        array_unique(
            array_map(static fn (string $text): string => trim((string) preg_replace('/\s+/', ' ', $text)), $texts),
        ),
    );
}

/** @return list<string> what people wrote themselves, the longest first: it stays in their own language */
function writtenByPeople(): array
{
    $columns = [
        'jobs' => ['title'],
        'vehicles' => ['name'],
        'trailers' => ['name'],
        'hitches' => ['name'],
        'users' => ['name', 'email'],
        'load_states' => ['name'],
        'customers' => ['name', 'phone', 'mail'],
        'owner_notes' => ['note'],
        'road_tests' => ['note'],
        'practice_runs' => ['rig_name'],
        'api_tokens' => ['name'],
    ];
    $written = [];
    foreach ($columns as $table => $names) {
        foreach ($names as $name) {
            array_push($written, ...DB::table($table)->whereNotNull($name)->distinct()->pluck($name)->all());
        }
    }
    $aboard = Job::query()
        ->get()
        ->flatMap(
            static fn (Job $job): array => array_merge(
                ...array_values(array_filter($job->rig_as_worked['aboard'] ?? [], is_array(...))),
            ),
        )
        ->all();
    array_push(
        $written,
        ...array_column(
            [
                ...$aboard,
                ...LoadState::query()->get()->flatMap(static fn (LoadState $state): array => $state->items)->all(),
            ],
            'name',
        ),
    );
    $written = array_values(array_unique(array_filter($written, is_string(...))));
    usort($written, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));

    return $written;
}

it('says nothing in English on any page that is read in Spanish', function (): void {
    $this->seed(DemoSeeder::class);
    $wren = User::query()->where('email', DemoSeeder::EMAIL)->sole();
    $wren->update(['language' => Language::Spanish, 'fineness' => '1 mm']);
    $this->actingAs($wren->fresh());
    // As the browser has it after the first page.
    $this->withSession(['auth.password_confirmed_at' => time()])->withUnencryptedCookie('language', 'es');
    $run = PracticeRun::query()->create([
        'user_id' => $wren->id,
        'code' => '2-00005-3',
        'tape' => '1 mm',
        'coach' => 'advice',
    ]);
    $pages = [
        '/',
        '/log',
        '/log/1',
        '/log/1/care',
        '/log/2',
        '/garage',
        '/garage/away',
        '/garage/vehicle',
        '/garage/hitch',
        '/garage/trailer/new',
        '/garage/vehicle/1',
        '/garage/hitch/1',
        '/garage/hitch/2',
        '/take-in',
        '/jobs/new',
        '/account',
        '/account/tokens',
        '/calendar',
        '/people',
        '/settings',
        '/experience',
        '/shop',
        '/deeds',
        '/day',
        '/calls',
        '/customers',
        '/customers/1',
        '/customers/new',
        '/choose-a-hitch',
        '/new-load',
        '/new-load/1',
        '/no-connection',
        '/password-again',
        '/practice',
        '/practice/record',
        '/practice/team',
        "/practice/{$run->id}",
        '/practice/1/debrief',
        '/nowhere',
    ];
    foreach (Job::query()->pluck('id') as $job) {
        array_push(
            $pages,
            ...array_map(static fn (string $page): string => "/jobs/{$job}/{$page}", [
                'plan',
                'card',
                'diagnosis',
                'weigh',
                'tongue',
                'loads',
                'tape-log',
                'files',
                'photos',
                'bars',
                'gap',
                'take-over',
                'visit',
                ...array_column(Station::cases(), 'value'),
            ]),
        );
    }
    array_push(
        $pages,
        ...array_map(static fn (string $tab): string => "/jobs/1/bars-up?show={$tab}", [
            'next',
            'methods',
            'plot',
            'settings',
            'rig',
        ]),
    );
    foreach (Occasion::cases() as $occasion) {
        array_push(
            $pages,
            "/jobs/1/procedures/{$occasion->value}",
            "/jobs/1/procedures/{$occasion->value}/paper",
            "/jobs/1/procedures/{$occasion->value}/list",
        );
    }
    array_push(
        $pages,
        ...array_map(static fn (Topic $topic): string => "/practice/explain/{$topic->value}", Topic::cases()),
    );
    [$english, $written] = [array_diff_key(vocabularyOf('en'), vocabularyOf('es')), writtenByPeople()];
    $found = [];
    foreach ($pages as $page) {
        $answer = $this->get($page);
        expect($answer->getStatusCode())
            ->toBe($page === '/nowhere' ? 404 : 200, $page)
            ->and($answer->getContent())
            ->toContain('<html lang="es"');
        foreach (englishIn(saidOn((string) $answer->getContent()), $english, $written) as $text) {
            $found[$text] = $page;
        }
    }
    expect($found)->toBe([])->and(count($english))->toBeGreaterThan(1000);
});

it('says nothing in English to an owner whose link is in Spanish, whatever the shop speaks', function (): void {
    $this->seed(DemoSeeder::class);
    $this->actingAs(User::query()->where('email', DemoSeeder::EMAIL)->sole());
    $this->post('/jobs/1/card/links', ['link_language' => 'es', 'link_units' => '1 mm'])->assertRedirect(
        '/jobs/1/card',
    );
    $link = CardLink::query()->latest('id')->firstOrFail();
    $this->get('/jobs/1/card')
        ->assertOk()
        ->assertSee('Español, millimetres and kilograms')
        ->assertSee('lang="en"', false);
    auth()->logout();
    [$english, $written] = [array_diff_key(vocabularyOf('en'), vocabularyOf('es')), writtenByPeople()];
    $found = [];
    $pages = [
        $link->address(),
        $link->address().'&load[person_behind]=1',
        $link->address().'&load[person_behind]=77',
        $link->addressOf('owner.paper'),
        ...array_map($link->address(...), Occasion::cases()),
    ];
    foreach ($pages as $page) {
        $answer = $this->get($page)->assertOk()->assertSee('<html lang="es"', false);
        foreach (englishIn(saidOn((string) $answer->getContent()), $english, $written) as $text) {
            $found[$text] = $page;
        }
    }
    $kept = $this->get($link->addressOf('owner.loads'))->assertOk();
    foreach (
        [
            ...array_column($kept->json('said'), 'headline'),
            ...Arr::flatten([array_column($kept->json('said'), 'sentences'), $kept->json('findings')]),
        ] as $text
    ) {
        $found += array_fill_keys(englishIn($text, $english, $written), 'loads.json');
    }
    $paper = (new Parser())
        ->parseContent((string) $this->get($link->pdfAddress(Paper::A4))->assertOk()->getContent())
        ->getText();
    $found += array_fill_keys(
        englishIn((string) preg_replace('/\s+/', ' ', $paper), $english, $written),
        'the card on paper',
    );

    expect($found)
        ->toBe([])
        ->and($paper)
        ->toContain('mm')
        ->not->toContain(' lb')
        ->and(count($kept->json('said')))
        ->toBeGreaterThan(3);

    $link->update(['revoked_at' => now()]);
    $this->get($link->address())->assertStatus(410)->assertSee('<html lang="es"', false);
});

it('says in Spanish what was expected, wherever something is refused', function (
    string $address,
    array $typed,
    string $says,
): void {
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    $this->job();
    User::query()
        ->sole()
        ->update(['language' => Language::Spanish]);
    $this->actingAs(User::query()->sole());
    $english = array_diff_key(vocabularyOf('en'), vocabularyOf('es'));
    if (isset($typed['typed'])) {
        $said = array_column($this->postJson($address, $typed)->assertOk()->json('fields'), 'sentence');
    } else {
        $this->post($address, $typed)->assertRedirect();
        $said = Arr::flatten(
            array_map(static fn (MessageBag $bag): array => $bag->all(), session('errors')?->getBags() ?? []),
        );
    }

    expect(implode("\n", $said))->toContain($says)->and(englishIn(implode("\n", $said), $english, []))->toBe([]);
})->with([
    'thirds on a tape' => [
        '/jobs/1/alone/tape',
        ['typed' => ['front' => '38 1/3']],
        'sesentaicuatroavos como en una cinta, y 1/3 no es nada de eso',
    ],
    'a height of twelve metres' => ['/jobs/1/alone/tape', ['typed' => ['front' => '12,5 m']], 'Esta es de 12,5 m.'],
    'inches from a person of millimetres' => [
        '/jobs/1/alone/tape',
        ['typed' => ['front' => '38,5']],
        'Si son pulgadas, escriba 38,5 in.',
    ],
    'an axle twice' => [
        '/jobs/1/weigh',
        ['ticket' => 'front 1310, front 1500', 'stance' => 'alone'],
        'El eje delantero está dos veces en este tique.',
    ],
    'a gross that is no sum' => [
        '/jobs/1/weigh',
        ['ticket' => 'front 3220, rear 2260, trailer 6120, gross 11960', 'stance' => 'carried'],
        'Puede que dos cifras del eje trasero estén cambiadas: ¿es 2620?',
    ],
    'no stance' => ['/jobs/1/weigh', ['ticket' => 'front 1310, rear 1500'], 'Se esperaba una posición'],
    'a wheelbase of a toy' => [
        '/jobs',
        ['title' => 'Juguete', 'wheelbase' => '30 mm'],
        'Se esperaba una batalla entre 1500 y 6500 mm (59 y 256 in).',
    ],
    'a weight in stone' => [
        '/jobs',
        ['title' => 'Feria', 'gross_weight' => '12 stone'],
        'Se esperaba algo como 3100 kg, 3,1 t o 6800 lb.',
    ],
    'a rating off the list' => [
        '/garage/trailer/new',
        ['name' => 'Feria', 'ball_to_axle_mm' => '4 mm'],
        'Se esperaba entre 1200 y 12000 mm (47 y 472 in).',
    ],
    'a name with markup' => ['/garage/hitch/new', ['name' => '<b>'], 'Se esperaba un nombre en texto simple'],
    'no pair' => ['/garage/pair', [], 'Se esperaba uno de la lista: vehículo.'],
    'no photo' => ['/jobs/1/photos', ['shows' => 'other'], 'Se esperaba una foto y no llegó ningún archivo.'],
    'no file' => ['/take-in', [], 'Se esperaba un archivo que se pueda leer'],
    'a lever without an arm' => [
        '/jobs/1/tongue',
        ['way' => 'lever', 'read' => '134 kg', 'arm_scale' => '0 mm', 'arm_tongue' => '300 mm'],
        'una viga sin brazo no pesa nada',
    ],
    'a speed of nothing' => ['/jobs/1/road-tests', ['speed' => '0', 'distance' => '10 km'], 'la velocidad más alta'],
]);

it('speaks of the parts of a family in Spanish too: chains where others have bars', function (): void {
    $this->actingAs($this->person('Ibby Marsh', '1 mm'));
    User::query()
        ->sole()
        ->update(['language' => Language::Spanish]);
    $this->actingAs(User::query()->sole());
    $this->post('/jobs', [
        'title' => 'Circo',
        'family' => 'tension-chain',
        'bar_rating_high_kg' => '545 kg',
        'wheelbase' => '3700 mm',
        'overhang' => '1300 mm',
        'ball_to_axle' => '5200 mm',
        'gross_weight' => '2700 kg',
        'tongue_weight_kg' => '340 kg',
    ])->assertSessionHasNoErrors();
    foreach (
        ['alone' => ['951', '987'], 'dropped' => ['976', '927'], 'bars-up' => ['962', '942']] as $station => [$front, $rear]
    ) {
        $this->tape(
            Job::query()->sole(),
            $station,
            ['front' => $front, 'rear' => $rear],
            ['rolled' => '1'],
        )->assertOk();
    }
    app()->setLocale('es');
    $others = array_map(
        static fn (HitchFamily $family): string => mb_strtolower((new FamilyWords($family))->name()),
        Families::all(),
    );
    $found = [];
    foreach (
        [
            'plan',
            'card',
            'diagnosis',
            'loads',
            'visit',
            ...array_column(Station::cases(), 'value'),
            'procedures/hook-up',
            'procedures/unhitch/paper',
        ] as $page
    ) {
        $said = str_replace(
            $others,
            '',
            mb_strtolower(
                saidOn(
                    (string) $this->get("/jobs/1/{$page}")
                        ->assertOk()
                        ->getContent(),
                ),
            ),
        );
        preg_match_all('/.{0,40}\bbarras?\b.{0,30}/u', $said, $at);
        $found += array_fill_keys($at[0], $page);
    }
    expect($found)->toBe([]);
});
