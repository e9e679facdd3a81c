<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\Photo;
use App\Models\PhotoPurpose;
use App\UseCases\Photos\CleanPhoto;
use App\UseCases\Photos\KeepPhoto;
use App\UseCases\Photos\UnusablePhoto;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;

/** Photos kept with a job: placards, the marked link, the washers. */
final class Photos
{
    public function show(Job $job): View
    {
        return view('photos.show', ['job' => $job->load('photos.user')]);
    }

    public function store(Asked $request, KeepPhoto $photos, Job $job): RedirectResponse
    {
        $shows = $request->choice('shows', PhotoPurpose::class) ?? PhotoPurpose::Other;
        $back = redirect()->route('photos', $job);
        try {
            $photos->kept($request->person(), $job, $shows, $this->sent($request));
        } catch (UnusablePhoto $unusable) {
            return $back->withInput(['shows' => $shows->value])->withErrors(['photo' => $unusable->getMessage()]);
        }

        return $back;
    }

    /** A browser keeps it and asks each time whether its person may still see it. */
    public function picture(Asked $request, Job $job, int $photo): Response
    {
        /** @var Photo $kept */
        $kept = $job->photos()->findOrFail($photo);
        $response = new Response('', 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, no-cache',
            'X-Content-Type-Options' => 'nosniff',
        ]);
        $response->setEtag("photo-{$kept->id}");
        if (! $response->isNotModified($request)) {
            $kept->refresh();
            $response->setContent($kept->jpeg);
        }

        return $response;
    }

    public function withdraw(Asked $request, KeepPhoto $photos, Job $job, int $photo): RedirectResponse
    {
        $photos->withdrawn($request->person(), $job, $photo);

        return redirect()->route('photos', $job);
    }

    /** @throws UnusablePhoto */
    private function sent(Asked $request): CleanPhoto
    {
        $file = $request->file('photo');
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            throw UnusablePhoto::notSent();
        }

        return CleanPhoto::of($file->getPathname());
    }
}
