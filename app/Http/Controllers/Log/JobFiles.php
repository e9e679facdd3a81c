<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Requests\Asked;
use App\Interchange\Csv;
use App\Interchange\Job\FileCheck;
use App\Interchange\Job\ImportedBy;
use App\Interchange\Job\ImportRefused;
use App\Interchange\Job\JobFile;
use App\Interchange\Job\JobImport;
use App\Interchange\Job\WhenItExists;
use App\Models\Job;
use App\Screens\Card\CardPage;
use App\UseCases\Analysis\AnalysisSummary;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Deeds\Deed;
use App\UseCases\Deeds\DeedLog;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

/** What a job is handed on as, and how one is taken in. */
final class JobFiles
{
    /** An import that waits for an answer is kept under a name like this. */
    private const WAITING = '/^[A-Za-z0-9]{40}$/';

    public function show(Job $job): View
    {
        return view('files.show', ['job' => $job->load('rig')]);
    }

    public function json(Asked $request, DeedLog $deeds, Job $job, JobAnalyses $analyses): Response
    {
        $deeds->record(Deed::JobExported, $request->person(), ['job' => $job->id, 'title' => $job->title]);

        return $this->file((new JobFile($job, AnalysisSummary::of($analyses->of($job))))->json(), 'application/json', "job-{$job->id}.json");
    }

    public function readings(Job $job): Response
    {
        return $this->file(Csv::readings($job), 'text/csv; charset=utf-8', "readings-{$job->id}.csv");
    }

    public function tickets(Job $job): Response
    {
        return $this->file(Csv::tickets($job), 'text/csv; charset=utf-8', "tickets-{$job->id}.csv");
    }

    public function drawing(Asked $request, Job $job, JobAnalyses $analyses): Response
    {
        $person = $request->person();

        return $this->file(view('card.drawing', ['page' => new CardPage($analyses->of($job->load('marks')), $person)])->render(), 'image/svg+xml', "drawing-{$job->id}.svg");
    }

    public function take(): View
    {
        return view('files.take');
    }

    /** Takes a file in; one whose rig is here already waits until somebody says what to do with it. */
    public function store(Asked $request, DeedLog $deeds): RedirectResponse
    {
        $then = $request->choice('then', WhenItExists::class) ?? WhenItExists::Stop;
        $back = redirect()->route('files.take');
        $waiting = $request->text('waiting');
        try {
            $json = $this->sent($request, $waiting);
            if ($waiting !== '' && $then === WhenItExists::Stop) {
                Storage::disk('local')->delete("imports/{$waiting}.json");

                return $back->with('stopped', Text::of('screen.job_files.nothing_was_imported'));
            }
            $taken = JobImport::take($json, $then, new ImportedBy($this->called($request, $waiting), $request->person()));
        } catch (ImportRefused $refused) {
            return $this->refuse($refused, $json ?? '', $waiting, $this->called($request, $waiting));
        }
        Storage::disk('local')->delete("imports/{$waiting}.json");
        $deeds->record(Deed::JobImported, $request->person(), $taken->deed());

        return redirect()->route('files', $taken->job)->with('taken', ['unknown' => $taken->unknown()]);
    }

    private function refuse(ImportRefused $refused, string $json, string $waiting, string $called): RedirectResponse
    {
        $back = redirect()->route('files.take')->withErrors(['file' => $refused->getMessage()]);
        if (! $refused->asksWhatToDo) {
            return $back;
        }
        $this->forgetTheOld();
        $name = $waiting !== '' ? $waiting : Str::random(40);
        Storage::disk('local')->put("imports/{$name}.json", $json);

        return $back->with('waiting', $name)->with('called', $called);
    }

    /** A file that waited a day for an answer gets none any more. */
    private function forgetTheOld(): void
    {
        $disk = Storage::disk('local');
        $disk->delete(array_filter($disk->files('imports'), static fn (string $file): bool => $disk->lastModified($file) < Date::now()->subDay()->getTimestamp()));
    }

    /** What the file is called: as it was sent, or as it was sent before it waited. */
    private function called(Asked $request, string $waiting): string
    {
        $file = $request->file('file');

        return mb_substr($waiting !== '' ? $request->text('called') : ($file instanceof UploadedFile ? $file->getClientOriginalName() : ''), 0, ImportedBy::LONGEST_NAME);
    }

    /** @throws ImportRefused */
    private function sent(Asked $request, string $waiting): string
    {
        if ($waiting !== '') {
            return preg_match(self::WAITING, $waiting) === 1 ? (Storage::disk('local')->get("imports/{$waiting}.json") ?? throw ImportRefused::unreadable(Text::of('expected.import.waited'))) : throw ImportRefused::unreadable(Text::of('expected.import.waited'));
        }
        $file = $request->file('file');

        return $file instanceof UploadedFile && $file->isValid() ? FileCheck::contents($file->getPathname()) : throw ImportRefused::unreadable(Text::of('expected.import.sent'));
    }

    private function file(string $bytes, string $type, string $name): Response
    {
        return new Response($bytes, 200, ['Content-Type' => $type, 'Content-Disposition' => "attachment; filename=\"{$name}\"", 'X-Content-Type-Options' => 'nosniff']);
    }
}
