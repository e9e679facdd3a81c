<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\Asked;
use App\UseCases\Shop\Backup;
use App\UseCases\Shop\BackupRefused;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Shop and backups: copied, and put back. */
final class Shop
{
    public function __construct(private readonly Backup $backup)
    {
    }

    public function show(): View
    {
        return view('shop', ['backups' => $this->backup->all()]);
    }

    public function make(): RedirectResponse
    {
        return $this->attempt(fn (): string => Text::of('screen.shop.copied', ['file' => basename($this->backup->make())]));
    }

    public function download(string $name): BinaryFileResponse
    {
        return response()->download($this->backup->path($name) ?? abort(404), $name, ['Content-Type' => 'application/octet-stream']);
    }

    /** Puts back a copy of the shop's own folder, or one that is sent. */
    public function restore(Asked $request): RedirectResponse
    {
        return $this->attempt(function () use ($request): string {
            $kept = $this->backup->restore($this->asked($request));
            Artisan::call('migrate', ['--force' => true]);

            return Text::of('screen.shop.restored', ['file' => basename($kept)]);
        });
    }

    /** @throws BackupRefused */
    private function asked(Asked $request): string
    {
        $name = $request->text('name');
        if ($name !== '') {
            return $this->backup->path($name) ?? abort(404);
        }
        $file = $request->file('file');

        return $file instanceof UploadedFile && $file->isValid() ? $file->getPathname() : throw BackupRefused::notSent();
    }

    /** @param  \Closure(): string  $do */
    private function attempt(\Closure $do): RedirectResponse
    {
        try {
            return redirect()->route('shop')->with('done', $do());
        } catch (BackupRefused $refused) {
            return redirect()->route('shop')->withErrors(['file' => $refused->getMessage()]);
        }
    }
}
