@php($setting = $page->setting())
@php($refusal = session('errors')?->getBag('round')->first() ?? '')
@if ($setting !== null)
    <form method="post" action="{{ route('rounds.store', [$page->job, 'bars-up']) }}" class="setting-form" aria-label="{{ __('page/bench.setting.setting') }}" data-setting @if ($page->look->tried !== []) data-is-tried @endif>
        @csrf
        <div class="steppers">
            @foreach ($setting->steppers() as $stepper)
                <div class="stepper" data-stepper>
                    <span aria-hidden="true">{{ $stepper['label'] }}</span>
                    <button type="button" data-less hidden aria-label="{{ __('page/bench.setting.one_less', ['stepper' => $stepper['label'], 'less' => $stepper['less']]) }}"><b aria-hidden="true">−</b><small aria-hidden="true">{{ $stepper['less'] }}</small></button>
                    <select aria-label="{{ $stepper['label'] }}" name="steps[{{ $stepper['key'] }}]" data-adjuster="{{ $stepper['key'] }}" data-on="{{ $stepper['on'] }}">@if ($stepper['unsaid'] !== '')<option value="" aria-label="{{ $stepper['unsaid'] }}">?</option>@endif @foreach ($stepper['options'] as [$step, $says])<option value="{{ $step }}" @selected(abs($step - $stepper['shown']) < 1e-9)>{{ $says }}</option>@endforeach</select>
                    <button type="button" data-more hidden aria-label="{{ __('page/bench.setting.one_more', ['stepper' => $stepper['label'], 'more' => $stepper['more']]) }}"><b aria-hidden="true">+</b><small aria-hidden="true">{{ $stepper['more'] }}</small></button>
                </div>
            @endforeach
            @foreach ($setting->unknown() as $unknown)<input type="hidden" name="steps[{{ $unknown['key'] }}]" value="" data-unsaid="{{ $unknown['key'] }}">@endforeach
            @if ($page->isSettingKnown())
                <div class="set-by" role="group" aria-label="{{ __('setting.set_by.question') }}">
                    <span aria-hidden="true">{{ __('setting.set_by.question') }}</span>
                    @foreach (\Yoke\Measuring\Readings\Height\SetBy::cases() as $way)
                        <button formaction="{{ route('hook-up.set-by', $page->job) }}" name="set_by" value="{{ $way->value }}" aria-pressed="{{ $way === $page->setBy() ? 'true' : 'false' }}">{{ __('setting.set_by.'.$way->value) }}</button>
                    @endforeach
                </div>
                <noscript><button class="button is-small">{{ __('setting.record') }}</button></noscript>
            @else
                <button class="button is-small is-first">{{ __('setting.record_setting') }}</button>
            @endif
        </div>
        @if ($refusal !== '')<p class="sentence" role="alert" data-tone="stop">{{ $refusal }}</p>@endif
        <div data-part="tried" aria-live="polite">@include('bench.tried')</div>
    </form>
    @foreach ($setting->unknown() as $unknown)
        <form method="post" action="{{ route('hook-up.count', $page->job) }}" class="tape-foot" data-look="unknown" aria-label="{{ __('setting.count_it', ['label' => $unknown['label']]) }}">
            @csrf
            <p class="sentence" data-tone="note">{{ __('setting.half_known', ['label' => ucfirst($unknown['says'])]) }}</p>
            <label>{{ $unknown['label'] }} <select name="steps[{{ $unknown['key'] }}]" required><option value="">–</option>@foreach ($unknown['options'] as [$step, $says])<option value="{{ $step }}">{{ $says }}</option>@endforeach</select></label>
            <button class="button is-small">{{ __('setting.counted') }}</button>
        </form>
    @endforeach
@endif
