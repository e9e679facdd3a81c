<?php

declare(strict_types=1);

use App\Models\Photo;
use Illuminate\Http\UploadedFile;

beforeEach(function (): void {
    $this->person('Ibby Marsh', '1 mm');
    $this->actingAs(App\Models\User::query()->sole());
    $this->work = $this->job();
    $this->at = "/jobs/{$this->work->id}/photos";
    $this->file = function (string $bytes, string $name): UploadedFile {
        $path = tempnam(sys_get_temp_dir(), 'photo');
        file_put_contents($path, $bytes);

        return new UploadedFile($path, $name, null, null, true);
    };
    $this->drawn = function (int $width, int $height, string $as = 'jpeg'): string {
        $image = imagecreatetruecolor($width, $height);
        imagefilledrectangle(
            $image,
            0,
            0,
            intdiv($width, 2),
            intdiv($height, 4),
            imagecolorallocate($image, 250, 20, 20),
        );
        ob_start();
        match ($as) {
            'png' => imagepng($image),
            'webp' => imagewebp($image),
            default => imagejpeg($image),
        };

        return (string) ob_get_clean();
    };
});

/** A JPEG as a phone writes it: where it was taken, and that it lies on its side (EXIF 2.3). */
function fromPhone(string $jpeg, int $orientation): string
{
    $entry = static fn (int $tag, int $type, int $count, int $value): string => pack(
        'vvVV',
        $tag,
        $type,
        $count,
        $value,
    );
    $ifd = pack('v', 2).$entry(0x0112, 3, 1, $orientation).$entry(0x8825, 4, 1, 38).pack('V', 0);
    $gps = pack('v', 1).$entry(0x0001, 2, 2, ord('N')).pack('V', 0);
    $exif = "Exif\0\0II*\0".pack('V', 8).$ifd.$gps.'51.5074 secret place';

    return "\xFF\xD8\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
}

it('keeps a photo upright, smaller, and without where it was taken', function (): void {
    $sent = fromPhone(($this->drawn)(2400, 1200), 6);
    $this->post($this->at, ['shows' => 'link mark', 'photo' => ($this->file)($sent, 'IMG_1.jpg')])
        ->assertRedirect($this->at)
        ->assertSessionHasNoErrors();
    $photo = Photo::query()->sole();
    $answer = $this->get("{$this->at}/1.jpg")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/jpeg');
    $kept = (string) $answer->getContent();
    $image = imagecreatefromstring($kept);

    expect($sent)
        ->toContain('secret place')
        ->and($kept)
        ->not->toContain('secret place')
        ->not->toContain('Exif')
        ->and([$photo->width, $photo->height])
        ->toBe([800, 1600])
        ->and([imagesx($image), imagesy($image)])
        ->toBe([800, 1600])
        ->and(imagecolorat($image, 790, 20) >> 16)
        ->toBeGreaterThan(200, 'what was at the upper left stands at the upper right')
        ->and(imagecolorat($image, 20, 20) >> 16)
        ->toBeLessThan(60);
    $this->get($this->at)->assertSee('Link mark')->assertSee('Ibby Marsh');
    $this->get("/log/{$this->work->rig_id}")->assertSee("{$this->at}/1.jpg");
});

it('keeps nothing that a camera or a program wrote into the file', function (string $segment): void {
    $bytes = $segment.'secret place';
    $sent =
        "\xFF\xD8".
        $bytes[0].
        $bytes[1].
        pack('n', strlen($bytes)).
        substr($bytes, 2).
        substr(($this->drawn)(60, 40), 2);
    $this->post($this->at, [
        'shows' => 'placard',
        'photo' => ($this->file)($sent, 'a.jpg'),
    ])->assertSessionHasNoErrors();

    expect($sent)
        ->toContain('secret place')
        ->and(Photo::query()->sole()->jpeg)
        ->not->toContain('secret place');
})->with([
    'XMP' => ["\xFF\xE1http://ns.adobe.com/xap/1.0/\0"],
    'IPTC' => ["\xFF\xEDPhotoshop 3.0\0"],
    'a colour profile' => ["\xFF\xE2ICC_PROFILE\0\1\1"],
    'a comment' => ["\xFF\xFE"],
    'its own' => ["\xFF\xEFPhone\0"],
]);

it('takes one back, and shows it to nobody any more', function (): void {
    $this->post($this->at, ['shows' => 'washers', 'photo' => ($this->file)(($this->drawn)(60, 40, 'png'), 'a.png')]);
    $this->post("{$this->at}/1/withdraw")->assertRedirect($this->at);
    $this->get("{$this->at}/1.jpg")->assertNotFound();
    $this->get($this->at)->assertSee('No photo yet');

    expect(Photo::query()->sole()->withdrawn_at)->not->toBeNull();
    $this->get("/jobs/{$this->work->id}/photos/9.jpg")->assertNotFound();
});

it('refuses what is no photo, in words', function (Closure $bytes, string $name, string $says): void {
    $this->post($this->at, ['shows' => 'placard', 'photo' => ($this->file)($bytes($this), $name)])
        ->assertRedirect($this->at)
        ->assertSessionHasErrors('photo');
    $this->get($this->at)->assertSee($says);

    expect(Photo::query()->count())->toBe(0);
})->with([
    'a text that calls itself one' => [
        fn (): string => 'not a picture',
        'x.jpg',
        'Expected a photo as JPEG, PNG or WebP.',
    ],
    'a script in a picture\'s clothes' => [
        fn (): string => '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
        'x.png',
        'Expected a photo as JPEG',
    ],
    'half of one' => [
        fn ($test): string => substr(($test->drawn)(400, 300, 'png'), 0, 60),
        'x.png',
        'cut off or damaged',
    ],
    'most of a JPEG' => [
        fn ($test): string => substr($whole = ($test->drawn)(400, 300), 0, (int) (strlen($whole) * 0.8)),
        'x.jpg',
        'cut off or damaged',
    ],
    'a JPEG but for its last bytes' => [
        fn ($test): string => substr(($test->drawn)(400, 300), 0, -40),
        'x.jpg',
        'cut off or damaged',
    ],
    'most of a PNG' => [
        fn ($test): string => substr($whole = ($test->drawn)(400, 300, 'png'), 0, (int) (strlen($whole) * 0.8)),
        'x.png',
        'cut off or damaged',
    ],
    'most of a WebP' => [
        fn ($test): string => substr($whole = ($test->drawn)(400, 300, 'webp'), 0, (int) (strlen($whole) * 0.8)),
        'x.webp',
        'cut off or damaged',
    ],
    'a sea of pixels' => [
        fn ($test): string => substr_replace(($test->drawn)(10, 10, 'png'), pack('NN', 20_000, 20_000), 16, 8),
        'x.png',
        'at most 30 megapixels',
    ],
]);

it('says so when no file arrived', function (): void {
    $this->post($this->at, ['shows' => 'placard'])->assertSessionHasErrors('photo');
    $this->get($this->at)->assertSee('no file arrived');
});

it('keeps twenty photos of a job, each small enough that all of them go into its file', function (): void {
    $busy = imagecreatetruecolor(1700, 1300);
    mt_srand(7);
    for ($i = 0; $i < 60_000; $i++) {
        imagefilledrectangle(
            $busy,
            $x = mt_rand(0, 1700),
            $y = mt_rand(0, 1300),
            $x + mt_rand(1, 9),
            $y + mt_rand(1, 9),
            mt_rand(0, 0xFFFFFF),
        );
    }
    ob_start();
    imagejpeg($busy, null, 95);
    $sent = (string) ob_get_clean();
    $this->post($this->at, [
        'shows' => 'placard',
        'photo' => ($this->file)($sent, 'busy.jpg'),
    ])->assertSessionHasNoErrors();
    $photo = Photo::query()->sole();
    expect(strlen($sent))
        ->toBeGreaterThan(400_000)
        ->and(strlen($photo->jpeg))
        ->toBeLessThanOrEqual(260_000)
        ->and(max($photo->width, $photo->height))
        ->toBeIn([1600, 1200, 900, 600])
        ->and($photo->width / $photo->height)
        ->toEqualWithDelta(1700 / 1300, 0.01);

    foreach (range(2, 20) as $i) {
        $this->work
            ->photos()
            ->create(['jpeg' => $photo->jpeg] + $photo->only(['shows', 'width', 'height', 'user_id', 'taken_at']));
    }
    $this->post($this->at, [
        'shows' => 'placard',
        'photo' => ($this->file)(($this->drawn)(60, 40), 'a.jpg'),
    ])->assertSessionHasErrors('photo');
    $this->get($this->at)->assertSee('A job keeps 20 photos at most. Take one back first.');
    expect(strlen((new App\Interchange\Job\JobFile($this->work))->json()))->toBeLessThan(8 * 1024 * 1024);
});
