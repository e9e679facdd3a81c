<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shop;

use App\Http\Requests\Asked;
use App\UseCases\Audit\AuditEvent;
use App\UseCases\Audit\AuditLog;
use App\UseCases\Backups\BackupFolder;
use App\UseCases\Backups\BackupRefused;
use App\UseCases\Backups\BackupUpload;
use App\UseCases\Backups\CarriedForward;
use App\UseCases\Backups\Export;
use App\UseCases\Backups\Restore;
use App\UseCases\Backups\RestorePreview;
use App\Words\Text;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Yoke\Job\Shop\ShopSettings;

/** Backups of the shop: made, taken off the server, and put back after a look at what would change. */
final class Backups
{
    private const LEAST_PASSPHRASE = 12;

    private const WAITING = '/^[A-Za-z0-9]{40}$/';

    public function __construct(private readonly BackupFolder $folder, private readonly AuditLog $deeds)
    {
    }

    public function show(ShopSettings $settings): View
    {
        return view('shop.backups', [
            'backups' => $this->folder->all(),
            'second' => (string) config('shop.backups_second'),
            'at' => sprintf('%02d:30', $settings->ofBackups('hour')),
            'isEncrypted' => $this->folder->passphrase() !== '',
        ]);
    }

    public function make(Asked $request): RedirectResponse
    {
        try {
            $file = basename($this->folder->make());
        } catch (BackupRefused $refused) {
            return redirect()
                ->route('shop')
                ->withErrors(['file' => $refused->getMessage()]);
        }
        $this->deeds->record(AuditEvent::BackedUp, $request->person(), ['file' => $file]);

        return redirect()->route('shop')->with('done', Text::of('screen.shop.copied', ['file' => $file]));
    }

    /** Off the server: without passwords unless asked for, encrypted where a passphrase is typed. */
    public function download(Asked $request, Export $export, string $name): BinaryFileResponse|RedirectResponse
    {
        $backup = $this->folder->path($name) ?? abort(404);
        $passphrase = $request->text('passphrase');
        if ($passphrase !== '' && mb_strlen($passphrase) < self::LEAST_PASSPHRASE) {
            return redirect()
                ->route('shop')
                ->withErrors([
                    'passphrase' => Text::of('screen.shop.passphrase-short', ['least' => self::LEAST_PASSPHRASE]),
                ]);
        }
        if ($passphrase !== $request->text('passphrase_again')) {
            return redirect()
                ->route('shop')
                ->withErrors(['passphrase' => Text::of('screen.shop.passphrase-twice')]);
        }
        try {
            $file = $export->of($backup, $request->boolean('with_passwords') ? 'kept' : 'left out', $passphrase);
        } catch (BackupRefused $refused) {
            return redirect()
                ->route('shop')
                ->withErrors(['file' => $refused->getMessage()]);
        }
        $this->deeds->record(AuditEvent::ShopExported, $request->person(), ['file' => $name]);

        return response()
            ->download($file, $name, [
                'Content-Type' => 'application/octet-stream',
                'Cache-Control' => 'no-store, private',
            ])
            ->deleteFileAfterSend();
    }

    /** The next part of a backup that a browser sends piece by piece. */
    public function part(Asked $request, BackupUpload $upload): JsonResponse
    {
        $part = $request->file('part');
        try {
            $here =
                $part instanceof UploadedFile && $part->isValid()
                    ? $upload->take(
                        $request->person(),
                        $request->text('upload'),
                        $request->whole('at', 0, BackupUpload::LARGEST_BYTES),
                        $request->whole('of', 0, BackupUpload::LARGEST_BYTES + 1),
                        (string) $part->get(),
                    )
                    : throw BackupRefused::notSent();
        } catch (BackupRefused $refused) {
            return new JsonResponse(['message' => $refused->getMessage()], 422);
        }

        return new JsonResponse(['here' => $here]);
    }

    /**
     * Checks a backup of the shop's own folder, or one that is sent; it waits until somebody has seen what would
     * change.
     */
    public function prepare(Asked $request, Restore $restore, BackupUpload $upload): RedirectResponse
    {
        $waiting = Str::random(40);
        try {
            [$file, $called] = $this->asked($request, $upload);
            $restore->prepare($file, $this->prepared($waiting), $request->text('passphrase'));
        } catch (BackupRefused $refused) {
            return redirect()
                ->route('shop')
                ->withErrors(['file' => $refused->getMessage()]);
        }
        $request->session()->put('restoring', ['waiting' => $waiting, 'file' => $called]);

        return redirect()->route('shop.preview');
    }

    public function preview(Asked $request, CarriedForward $forward): View|RedirectResponse
    {
        [$prepared, $called] = $this->waiting($request);

        return $prepared === null
            ? redirect()->route('shop')
            : view('shop.restore', ['file' => $called, 'preview' => RestorePreview::of($prepared, $forward)]);
    }

    public function restore(Asked $request, Restore $restore): RedirectResponse
    {
        [$prepared, $called] = $this->waiting($request);
        if ($prepared === null) {
            return redirect()->route('shop');
        }
        try {
            $restore->apply($prepared, ['file' => $called, 'who' => $request->person()->name]);
        } catch (BackupRefused $refused) {
            return redirect()
                ->route('shop')
                ->withErrors(['file' => $refused->getMessage()]);
        }
        $request->session()->invalidate();

        return redirect('/sign-in');
    }

    /**
     * @return array{string, string} path and name
     *
     * @throws BackupRefused
     */
    private function asked(Asked $request, BackupUpload $upload): array
    {
        $name = $request->text('name');
        if ($name !== '') {
            return [$this->folder->path($name) ?? abort(404), $name];
        }
        $sent = $upload->file($request->person(), $request->text('upload'));
        if ($sent !== null) {
            return [$sent, self::called($request->text('called'))];
        }
        $file = $request->file('file');

        return $file instanceof UploadedFile && $file->isValid()
            ? [$file->getPathname(), self::called($file->getClientOriginalName())]
            : throw BackupRefused::notSent();
    }

    private static function called(string $name): string
    {
        return mb_substr((string) preg_replace('/[^\w.-]+/', '-', $name), 0, 80);
    }

    /** @return array{string|null, string} the checked copy that waits for this person, and what its file was called */
    private function waiting(Asked $request): array
    {
        $waits = $request->session()->get('restoring');
        $name = is_array($waits) && is_string($waits['waiting'] ?? null) ? $waits['waiting'] : '';
        $prepared = preg_match(self::WAITING, $name) === 1 ? $this->prepared($name) : '';

        return [
            is_file($prepared) ? $prepared : null,
            is_array($waits) && is_string($waits['file'] ?? null) ? $waits['file'] : '',
        ];
    }

    /** Those that nobody came back for go with the next one. */
    private function prepared(string $name): string
    {
        $folder = storage_path('app/private/restoring');
        if (! is_dir($folder)) {
            mkdir($folder, 0700, true);
        }
        foreach (glob("{$folder}/*") ?: [] as $old) {
            basename($old) !== $name && filemtime($old) < time() - 3600 && unlink($old);
        }

        return "{$folder}/{$name}";
    }
}
