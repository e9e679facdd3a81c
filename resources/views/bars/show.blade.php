<x-layout :title="__('bars.title').', '.$page->job->title">
    <main class="yard bars">
        <div class="yard-head">
            <h1>{{ __('bars.title') }} <span class="font-normal text-muted">· {{ $page->job->title }}</span></h1>
            <a class="button" href="{{ route('bench', [$page->job, 'brackets']) }}">{{ __('page/bars.show.back_to_brackets') }}</a>
        </div>
        @if (! $page->isOfUse())
            <p class="do-next">{{ __('bars.not_of_use') }}</p>
        @else
            <p class="caution"><x-warning-sign />{{ __('bars.safety') }}</p>
            <div class="bars-sheet">
                <div class="card bars-picture">
                    <x-four-heights :chain="$page->takeUp()->isChain()" />
                    <p class="sentence">{{ __('bars.lead') }}</p>
                </div>
                <form method="post" action="{{ route('bars.store', $page->job) }}" class="card bars-form" novalidate data-sheet data-preview="{{ route('bars.preview', $page->job) }}">
                    @csrf
                    <div class="bars-fields">
                        @foreach ($page->fields() as $field)<x-numbered-field :field="$field" :first="$loop->first" />@endforeach
                        @foreach ($page->steps() as $step)
                            <div class="field">
                                <label for="{{ $step['name'] }}">{{ $step['label'] }}</label>
                                <select id="{{ $step['name'] }}" name="{{ $step['name'] }}">@foreach ($step['options'] as [$value, $label])<option value="{{ $value }}" @selected(abs((float) old($step['name'], $step['on']) - $value) < 1e-9)>{{ $label }}</option>@endforeach</select>
                            </div>
                        @endforeach
                    </div>
                    @error('setting')<p class="sentence" data-tone="stop" role="alert">{{ $message }}</p>@enderror
                    <div data-part="effect" aria-live="polite">@include('bars.effect')</div>
                    <div class="tape-foot">
                        <button class="button is-first">{{ __('bars.save') }}</button>
                        @if (! $page->isTaped())<button class="button" form="skip">{{ __('bars.skip') }}</button>@endif
                        <span class="saved-at" role="status" data-saved-at></span>
                    </div>
                </form>
            </div>
            <form method="post" action="{{ route('bars.skip', $page->job) }}" id="skip">@csrf</form>
        @endif
    </main>
</x-layout>
