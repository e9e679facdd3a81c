<?php

declare(strict_types=1);

namespace App\Http\Controllers\Job;

use App\Http\Requests\Asked;
use App\Models\Job;
use App\Models\Photo;
use App\Models\PhotoPurpose;
use App\UseCases\Photos\CleanPhoto;
use App\UseCases\Photos\UnusablePhoto;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Date;

/** Photos kept with a job: placards, the marked link, the washers. */
final class Photos
{
    private const MOST = 20;

    public function show(Job $job): View
    {
        return view('photos.show', ['job' => $job->load('photos.user')]);
    }

    public function store(Asked $request, Job $job): RedirectResponse
    {
        $shows = $request->choice('shows', PhotoPurpose::class) ?? PhotoPurpose::Other;
        $back = redirect()->route('photos', $job);
        try {
            $photo = $job->photos->count() < self::MOST ? $this->sent($request) : throw UnusablePhoto::tooMany(self::MOST);
        } catch (UnusablePhoto $unusable) {
            return $back->withInput(['shows' => $shows->value])->withErrors(['photo' => $unusable->getMessage()]);
        }
        $job->photos()->create(['shows' => $shows, 'width' => $photo->width, 'height' => $photo->height, 'jpeg' => $photo->jpeg, 'user_id' => $request->person()->id, 'taken_at' => Date::now()]);

        return $back;
    }

    /** A browser keeps it and asks each time whether its person may still see it. */
    public function picture(Asked $request, Job $job, int $photo): Response
    {
        /** @var Photo $kept */
        $kept = $job->photos()->findOrFail($photo);
        $response = new Response('', 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, no-cache', 'X-Content-Type-Options' => 'nosniff']);
        $response->setEtag("photo-{$kept->id}");
        if (! $response->isNotModified($request)) {
            $kept->refresh();
            $response->setContent($kept->jpeg);
        }

        return $response;
    }

    public function withdraw(Job $job, int $photo): RedirectResponse
    {
        $job->photos()->findOrFail($photo)->update(['withdrawn_at' => Date::now()]);

        return redirect()->route('photos', $job);
    }

    /** @throws UnusablePhoto */
    private function sent(Asked $request): CleanPhoto
    {
        $file = $request->file('photo');
        if (! $file instanceof UploadedFile || ! $file->isValid()) {
            throw UnusablePhoto::notSent();
        }

        return CleanPhoto::of($file->getPathname());
    }
}
