<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Words\Text;
use FilesystemIterator;
use Illuminate\Console\Command;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

final class Sweep extends Command
{
    /** The framework begins each file of its cache with the moment it ends at (FileStore). */
    private const MOMENT = 10;

    protected $signature = 'yoke:sweep';

    protected $description = 'Take pages and figures away that were kept for their time';

    public function handle(): int
    {
        $gone = 0;
        $folder = (string) config('cache.stores.file.path');
        foreach (
            is_dir($folder)
                ? new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS))
                : [] as $file
        ) {
            if (
                $file instanceof SplFileInfo &&
                $file->isFile() &&
                (int) @file_get_contents($file->getPathname(), false, null, 0, self::MOMENT) < time()
            ) {
                $gone += @unlink($file->getPathname()) ? 1 : 0;
            }
        }
        $this->output->writeln(Text::of('command.swept', ['files' => $gone]));

        return self::SUCCESS;
    }
}
