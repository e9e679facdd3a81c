<x-layout title="Import a job" here="log">
    <main class="yard">
        <div class="yard-head"><h1>Import a job</h1><a class="button" href="{{ route('log') }}">To the log</a></div>
        @if (session('stopped'))<p class="do-next" role="status">{{ session('stopped') }}</p>@endif
        @if (session('waiting'))
            <form method="post" data-needs-connection action="{{ route('files.store') }}" class="card photo-choice" aria-label="What to do with it">
                @csrf
                <input type="hidden" name="waiting" value="{{ session('waiting') }}">
                <p class="do-next" role="alert">{{ $errors->first('file') }}</p>
                <p><button class="button" name="then" value="merge">Merge</button> <span class="sentence">The job joins the rig that is here; the specifications here stay as they are.</span></p>
                <p><button class="button" name="then" value="copy">Import as a copy</button> <span class="sentence">Everything in the file is added beside what is here, its parts named (copy).</span></p>
                <p><button class="button" name="then" value="stop">Stop</button> <span class="sentence">Nothing is imported.</span></p>
            </form>
        @else
            <form method="post" data-needs-connection action="{{ route('files.store') }}" enctype="multipart/form-data" class="card photo-form">
                @csrf
                <div class="field" style="grid-column: span 2">
                    <label for="file">Job file</label>
                    <input id="file" type="file" name="file" accept="application/json,.json" aria-describedby="file-says">
                    <p class="sentence" id="file-says" @error('file') data-tone="stop" role="alert" @enderror>@error('file'){{ $message }}@else As another shop sent it, or as it was kept; at most 8 MB. Everything is imported, or nothing.@enderror</p>
                </div>
                <button class="button is-first">Import</button>
            </form>
        @endif
    </main>
</x-layout>
