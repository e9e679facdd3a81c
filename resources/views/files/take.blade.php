<x-layout :title="__('page/files.take.import_a_job')" here="log">
    <main class="yard">
        <div class="yard-head"><h1>{{ __('page/files.take.import_a_job') }}</h1><a class="button" href="{{ route('log') }}">{{ __('page/files.take.to_the_log') }}</a></div>
        @if (session('stopped'))<p class="do-next" role="status">{{ session('stopped') }}</p>@endif
        @if (session('waiting'))
            <form method="post" data-needs-connection action="{{ route('files.store') }}" class="card photo-choice" aria-label="{{ __('page/files.take.what_to_do_with_it') }}">
                @csrf
                <input type="hidden" name="waiting" value="{{ session('waiting') }}"><input type="hidden" name="called" value="{{ session('called') }}">
                <p class="do-next" role="alert">{{ $errors->first('file') }}</p>
                <p><button class="button" name="then" value="merge">{{ __('page/files.take.merge') }}</button> <span class="sentence">{{ __('page/files.take.the_job_joins_the_rig') }}</span></p>
                <p><button class="button" name="then" value="copy">{{ __('page/files.take.import_as_a_copy') }}</button> <span class="sentence">{{ __('page/files.take.everything_in_the_file_is') }}</span></p>
                <p><button class="button" name="then" value="stop">{{ __('page/files.take.stop') }}</button> <span class="sentence">{{ __('page/files.take.nothing_is_imported') }}</span></p>
            </form>
        @else
            <form method="post" data-needs-connection action="{{ route('files.store') }}" enctype="multipart/form-data" class="card photo-form">
                @csrf
                <div class="field col-span-2">
                    <label for="file">{{ __('page/files.take.job_file') }}</label>
                    <input id="file" type="file" name="file" accept="application/json,.json" aria-describedby="file-says">
                    <p class="sentence" id="file-says" @error('file') data-tone="stop" role="alert" @enderror>@error('file'){{ $message }}@else {{ __('page/files.take.as_another_shop_sent_it') }}@enderror</p>
                </div>
                <button class="button is-first">{{ __('page/files.take.import') }}</button>
            </form>
        @endif
    </main>
</x-layout>
