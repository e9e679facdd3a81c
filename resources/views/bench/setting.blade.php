@php($adjusters = $page->advice()->settingFields($page->job->roundOf($stance)))
@php($refusal = session('errors')?->getBag('round')->first() ?? '')
@if ($adjusters !== [])
    <form method="post" action="{{ route('rounds.store', [$page->job, 'bars-up']) }}" class="setting-form" aria-label="Setting">
        @csrf
        @foreach ($adjusters as $adjuster)
            <select aria-label="{{ $adjuster['label'] }}" name="steps[{{ $adjuster['key'] }}]">@foreach ($adjuster['options'] as [$step, $says])<option value="{{ $step }}" @selected($step === $adjuster['on'])>{{ $says }}</option>@endforeach</select>
        @endforeach
        <button class="button is-small">{{ $page->isSettingKnown() ? 'Record hook-up' : 'Record setting' }}</button>
        @if ($refusal !== '')<p class="sentence" role="alert" data-tone="stop">{{ $refusal }}</p>@endif
    </form>
@endif
