@php($hasGauge = $page->gauge() !== null)
@php($kinds = array_filter(\App\Models\MeasureKind::typedAmongOthers($stance), fn ($kind) => ! $hasGauge || $kind !== \App\Models\MeasureKind::BallLoad))
@php($others = $page->others($stance))
@php($refusals = session('errors')?->getBag('measures'))
<details class="levelling" id="others" @if ($refusals?->any()) open @endif>
    <summary>{{ __('reading.others') }}</summary>
    <form method="post" action="{{ route('measures.store', [$page->job, $page->station->value]) }}">
        @csrf
        <div class="levelling-fields is-others">
            @foreach ($kinds as $kind)
                @php($refusal = $refusals?->first($kind->value) ?? '')
                <div class="field">
                    <label for="{{ $kind->value }}">{{ __('screen.measure.'.$kind->value) }}</label>
                    <input id="{{ $kind->value }}" name="{{ $kind->value }}" value="{{ old($kind->value, $others->shown($kind)) }}" autocomplete="off" aria-describedby="{{ $kind->value }}-says" @if ($refusal !== '') aria-invalid="true" @endif>
                    <p class="sentence" id="{{ $kind->value }}-says" data-tone="{{ $refusal !== '' ? 'stop' : 'plain' }}">{{ $refusal !== '' ? $refusal : $others->waitsFor($kind) }}</p>
                </div>
            @endforeach
        </div>
        <p class="sentence" data-device-says role="status"></p>
        <div class="tape-foot"><button class="button is-small">{{ __('page/bench.others.save_these_readings') }}</button> @if (! $page->job->each_side)<x-device :job="$page->job" kind="height" :stance="$stance->value" :label="__('page/bench.others.read_height_sensors')" />@endif @if ($stance !== \Yoke\Rig\Parts\Stance::Alone)@unless ($hasGauge)<x-device :job="$page->job" kind="gauge" :stance="$stance->value" :label="__('page/bench.others.read_the_gauge')" />@endunless <x-device :job="$page->job" kind="angle" :stance="$stance->value" :label="__('page/bench.others.read_the_angle')" />@endif <a class="button is-small" href="{{ route('weigh', $page->job) }}">{{ __('page/bench.others.weigh_station') }}</a></div>
    </form>
</details>
