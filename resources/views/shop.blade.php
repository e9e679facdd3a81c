<x-layout title="Shop and backups" here="log">
    <main class="yard">
        <div class="yard-head"><h1>Shop and backups</h1><form method="post" data-needs-connection action="{{ route('shop.make') }}">@csrf<button class="button is-first">Back up now</button></form></div>
        @if (session('done'))<p class="do-next is-in-range" role="status">{{ session('done') }}</p>@endif
        @error('file')<p class="do-next is-over" role="alert">{{ $message }}</p>@enderror
        <p class="sentence">A backup is one file with everything: jobs, photos, people and their passwords' hashes. It is made while the shop is in use. Store a copy elsewhere, and where only you reach it.</p>
        @if ($backups === [])
            <div class="card empty"><p class="text-xl font-bold">No backup yet.</p></div>
        @else
            <div class="card overflow-x-auto"><table class="log">
                <thead><tr><th scope="col">Backup</th><th scope="col">Made</th><th scope="col">Size</th><th scope="col"></th></tr></thead>
                <tbody>
                    @foreach ($backups as $one)
                        <tr>
                            <td><a href="{{ route('shop.download', $one['name']) }}">{{ $one['name'] }}</a></td>
                            <td>{{ date('j M Y H:i', $one['at']) }}</td>
                            <td>{{ number_format($one['bytes'] / 1e6, 1) }} MB</td>
                            <td><form method="post" data-needs-connection action="{{ route('shop.restore') }}">@csrf<input type="hidden" name="name" value="{{ $one['name'] }}"><button class="button is-small">Restore backup</button></form></td>
                        </tr>
                    @endforeach
                </tbody>
            </table></div>
        @endif
        <form method="post" data-needs-connection action="{{ route('shop.restore') }}" enctype="multipart/form-data" class="card photo-form">
            @csrf
            <div class="field" style="grid-column: span 2"><label for="file">Restore from a file</label><input id="file" type="file" name="file" accept=".yoke"><p class="sentence">Everything here is replaced; a backup of the present state is made first.</p></div>
            <button class="button">Restore backup</button>
        </form>
    </main>
</x-layout>
