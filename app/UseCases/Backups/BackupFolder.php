<?php

declare(strict_types=1);

namespace App\UseCases\Backups;

use SensitiveParameter;
use Yoke\Job\Shop\ShopSettings;

/** The folder of the shop's backups: made, listed, thinned out, and copied to a second folder. */
final readonly class BackupFolder
{
    private const NAME = '/^shop-\d{8}-\d{6}(-before-restore)?(-\d+)?\.yoke$/';

    /** The last of each day, of each week and of each month is kept, so many as the shop chose. */
    private const SPANS = ['Ymd' => 'days', 'oW' => 'weeks', 'Ym' => 'months'];

    public function __construct(
        private string $folder,
        private string $second,
        #[SensitiveParameter] private string $passphrase,
    ) {
    }

    /** @return list<array{name: string, bytes: int, at: int}> the latest first */
    public function all(): array
    {
        $files = array_filter(
            glob("{$this->folder}/*.yoke") ?: [],
            fn (string $file): bool => $this->path(basename($file)) !== null,
        );
        rsort($files);

        return array_map(
            static fn (string $file): array => [
                'name' => basename($file),
                'bytes' => (int) filesize($file),
                'at' => (int) filemtime($file),
            ],
            $files,
        );
    }

    /** The path of a backup of this folder; null for any other name. */
    public function path(string $name): ?string
    {
        return preg_match(self::NAME, $name) === 1 && is_file("{$this->folder}/{$name}")
            ? "{$this->folder}/{$name}"
            : null;
    }

    /**
     * Copies the shop, while it is in use, to the folder under the moment's name, and to the second folder where there
     * is one.
     *
     * @throws BackupRefused
     */
    public function make(string $kind = ''): string
    {
        $file = $this->free($kind);
        $this->makeAt($file);
        if ($this->second !== '') {
            $this->copyOut($file);
        }

        return $file;
    }

    /**
     * Copies the shop to a new file anywhere.
     *
     * @throws BackupRefused
     */
    public function makeAt(string $file): void
    {
        if (is_file($file) && filesize($file) > 0) {
            throw BackupRefused::exists($file);
        }
        ShopCopy::of(
            dirname($file),
            fn (ShopCopy $copy) => BackupFile::write($copy->path, $file, $this->passphrase, 'kept'),
        );
    }

    /** The passphrase that the backups of this folder are encrypted by; empty where they are not. */
    public function passphrase(): string
    {
        return $this->passphrase;
    }

    /**
     * Takes those away that newer ones stand for.
     *
     * @return list<string> their names
     */
    public function prune(ShopSettings $settings): array
    {
        $kept = [];
        $gone = [];
        foreach ($this->all() as ['name' => $name]) {
            $isBeforeRestore = str_contains($name, 'before-restore');
            $at = (int) strtotime(str_replace('-', ' ', substr($name, strlen('shop-'), strlen('20260101-000000'))));
            $isKept = $isBeforeRestore && $at > time() - $settings->ofBackups('beforeRestoreDays') * 86_400;
            foreach ($isBeforeRestore ? [] : self::SPANS as $span => $many) {
                $of = date($span, $at);
                if (! isset($kept[$span][$of]) && count($kept[$span] ?? []) < $settings->ofBackups($many)) {
                    $kept[$span][$of] = true;
                    $isKept = true;
                }
            }
            if (! $isKept && unlink("{$this->folder}/{$name}")) {
                $gone[] = $name;
            }
        }

        return $gone;
    }

    /** @throws BackupRefused where the second folder cannot take it; the first one stays */
    private function copyOut(string $file): void
    {
        $to = "{$this->second}/".basename($file);
        if (
            ! is_dir($this->second) ||
            ! @copy($file, "{$to}.part") ||
            ! chmod("{$to}.part", 0600) ||
            ! rename("{$to}.part", $to)
        ) {
            throw BackupRefused::notCopied($file, $this->second);
        }
    }

    private function free(string $kind): string
    {
        if (! is_dir($this->folder) && ! @mkdir($this->folder, 0700, true)) {
            throw BackupRefused::unwritable($this->folder);
        }
        $name = "{$this->folder}/shop-".date('Ymd-His').$kind;
        for ($more = 1, $file = "{$name}.yoke"; is_file($file); $more++) {
            $file = "{$name}-{$more}.yoke";
        }

        return $file;
    }
}
