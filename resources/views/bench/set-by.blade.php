@php($setBy = $page->setBy())
@if ($page->isSettingKnown())
    <form method="post" action="{{ route('hook-up.set-by', $page->job) }}" class="set-by" role="group" aria-label="{{ __('page/bench.set-by.question') }}">
        @csrf
        <span aria-hidden="true">{{ __('page/bench.set-by.question') }}</span>
        @foreach (\Yoke\Readings\Height\SetBy::cases() as $way)
            <button class="chip" name="set_by" value="{{ $way->value }}" aria-pressed="{{ $way === $setBy ? 'true' : 'false' }}">{{ __('setting.set_by.'.$way->value) }}</button>
        @endforeach
    </form>
@endif
