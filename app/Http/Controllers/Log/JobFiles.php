<?php

declare(strict_types=1);

namespace App\Http\Controllers\Log;

use App\Http\Requests\Asked;
use App\Interchange\AnalysisResource;
use App\Interchange\Csv;
use App\Interchange\Job\FileCheck;
use App\Interchange\Job\ImportedBy;
use App\Interchange\Job\ImportRefused;
use App\Interchange\Job\JobFile;
use App\Interchange\Job\TakeJobIn;
use App\Interchange\Job\WaitingImports;
use App\Interchange\Job\WhenItExists;
use App\Models\Job;
use App\Screens\Card\CardPage;
use App\UseCases\Analysis\JobAnalyses;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** What a job is handed on as, and how one is taken in. */
final class JobFiles
{
    public function show(Job $job): View
    {
        return view('files.show', ['job' => $job->load('rig')]);
    }

    public function json(
        Asked $request,
        AuditLog $deeds,
        AnalysisResource $tells,
        Job $job,
        JobAnalyses $analyses,
    ): Response {
        $deeds->record(AuditEvent::JobExported, $request->person(), ['job' => $job->id, 'title' => $job->title]);

        return $this->file(
            (new JobFile($job, $tells->of($analyses->of($job))))->json(),
            'application/json',
            "job-{$job->id}.json",
        );
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

        return $this->file(
            view('card.drawing', ['page' => new CardPage($analyses->of($job->load('marks')), $person)])->render(),
            'image/svg+xml',
            "drawing-{$job->id}.svg",
        );
    }

    public function take(): View
    {
        return view('files.take');
    }

    /** Takes a file in; one whose rig is here already waits until somebody says what to do with it. */
    public function store(Asked $request, WaitingImports $imports, TakeJobIn $door): RedirectResponse
    {
        $then = $request->choice('then', WhenItExists::class) ?? WhenItExists::Stop;
        $waiting = $request->text('waiting');
        $called = $this->called($request, $waiting);
        try {
            $json = $waiting === '' ? $this->sent($request) : $imports->get($waiting);
            if ($waiting !== '' && $then === WhenItExists::Stop) {
                $imports->forget($waiting);

                return redirect()
                    ->route('files.take')
                    ->with('stopped', Text::of('screen.job_files.nothing_was_imported'));
            }
            $taken = $door->by($request->person(), $json, $then, $called);
        } catch (ImportRefused $refused) {
            $back = redirect()
                ->route('files.take')
                ->withErrors(['file' => $refused->getMessage()]);

            return $refused->asksWhatToDo
                ? $back
                    ->with('waiting', $waiting !== '' ? $waiting : $imports->put($json ?? ''))
                    ->with('called', $called)
                : $back;
        }
        $imports->forget($waiting);

        return redirect()
            ->route('files', $taken->job)
            ->with('taken', ['unknown' => $taken->unknown()]);
    }

    /** What the file is called: as it was sent, or as it was sent before it waited. */
    private function called(Asked $request, string $waiting): string
    {
        $file = $request->file('file');

        return mb_substr(
            $waiting !== ''
                ? $request->text('called')
                : ($file instanceof UploadedFile
                    ? $file->getClientOriginalName()
                    : ''),
            0,
            ImportedBy::LONGEST_NAME,
        );
    }

    /** @throws ImportRefused */
    private function sent(Asked $request): string
    {
        $file = $request->file('file');

        return $file instanceof UploadedFile && $file->isValid()
            ? FileCheck::contents($file->getPathname())
            : throw ImportRefused::unreadable(Text::of('expected.import.sent'));
    }

    private function file(string $bytes, string $type, string $name): Response
    {
        return new Response($bytes, 200, [
            'Content-Type' => $type,
            'Content-Disposition' => "attachment; filename=\"{$name}\"",
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }
}
