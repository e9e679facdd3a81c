<?php

declare(strict_types=1);

namespace App\UseCases\Pages;

use Illuminate\Foundation\Application;
use Illuminate\Foundation\Vite;
use Illuminate\Support\Facades\Date;

/** Marks of everything that a page is drawn from: as long as one is the same, so is the page. */
final readonly class Freshness
{
    public function __construct(private Vite $vite, private Application $application)
    {
    }

    /** Of a page that looks over everything. */
    public function ofAll(): string
    {
        return "{$this->program()} {$this->day()} ".Revision::any();
    }

    public function ofJob(int $job): string
    {
        return $this->ofJobs([$job])[$job];
    }

    /**
     * @param  list<int>  $jobs
     * @return array<int, string> by job
     */
    public function ofJobs(array $jobs): array
    {
        $before = "{$this->program()} {$this->day()} ";

        return array_map(static fn (string $mark): string => $before.$mark, Revision::ofJobs($jobs));
    }

    /**
     * What draws pages, in a mark that changes with an upgrade: its styles and scripts, and when it was made ready to
     * serve.
     */
    private function program(): string
    {
        return ($this->vite->manifestHash() ?? '').
            ' '.
            (string) @filemtime($this->application->getCachedConfigPath());
    }

    private function day(): string
    {
        return Date::today()->toDateString();
    }
}
