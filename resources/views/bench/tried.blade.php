@php($tried = $page->setting()?->says() ?? '')
@if ($tried !== '')
    <div class="tried" @if ($page->isSettingKnown()) data-record-first @endif>
        <p class="tried-asks" role="group" aria-label="{{ __('setting.try_or_record') }}" data-tried-asks hidden><span>{{ __('setting.try_or_record') }}</span> <button type="button" class="button is-small" data-try-only>{{ __('setting.try_only') }}</button></p>
        <p><strong>{{ $page->setting()->caption() }}.</strong> {{ $tried }}</p>
        @if ($page->isSettingKnown())<button class="button is-small is-first">{{ __('setting.record') }}</button>@endif
        <a class="button is-small" href="{{ route('bench', [$page->job, $page->station->value]) }}" data-try-undo>{{ __('setting.back') }}</a>
        @if ($page->isSettingKnown())<p class="sentence" data-tone="caution">{{ __('setting.record_first') }}</p>@endif
    </div>
@endif
