<?php

declare(strict_types=1);

namespace App\Interchange\Job;

use App\Words\Text;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Str;

/** Files that wait until somebody says what to do with them. */
final readonly class WaitingImports
{
    private const FOLDER = 'imports';

    private const NAME = '/^[A-Za-z0-9]{40}$/';

    private const NAME_LENGTH = 40;

    public function __construct(private Filesystem $disk)
    {
    }

    /** @throws ImportRefused where none waits under the name */
    public function get(string $name): string
    {
        $json = preg_match(self::NAME, $name) === 1 ? $this->disk->get(self::path($name)) : null;

        return $json ?? throw ImportRefused::unreadable(Text::of('expected.import.waited'));
    }

    /** @return string the name that it waits under; what waited a day for an answer gets none any more */
    public function put(string $json): string
    {
        $isOld = fn (string $file): bool => $this->disk->lastModified($file) < Date::now()->subDay()->getTimestamp();
        $this->disk->delete(array_filter($this->disk->files(self::FOLDER), $isOld));
        $name = Str::random(self::NAME_LENGTH);
        $this->disk->put(self::path($name), $json);

        return $name;
    }

    public function forget(string $name): void
    {
        if (preg_match(self::NAME, $name) === 1) {
            $this->disk->delete(self::path($name));
        }
    }

    private static function path(string $name): string
    {
        return self::FOLDER."/{$name}.json";
    }
}
