@php($gauge = $page->gauge())
@php($refusals = session('errors')?->getBag('gauge'))
<section class="gauge-step" id="gauge-step" aria-label="{{ __('gauge.title') }}">
    @include('bench.gauge-target', ['words' => $gauge->words])
    @if ($gauge->isCarried())
        <ol class="gauge-order">@foreach (['grease', 'jack', 'turn'] as $step)<li>{{ __("gauge.order.{$step}") }}</li>@endforeach</ol>
    @endif
    <form method="post" action="{{ route('gauge.store', [$page->job, $page->station->value]) }}" data-sheet data-preview="{{ route('gauge.preview', [$page->job, $page->station->value]) }}" novalidate>
        @csrf
        <div class="levelling-fields is-others">
            <div class="field">
                @php($refusal = $refusals?->first('ball_load') ?? '')
                <label for="ball_load">{{ __('gauge.shows') }}</label>
                <input id="ball_load" name="ball_load" value="{{ old('ball_load', $gauge->shown()) }}" inputmode="decimal" autocomplete="off" aria-describedby="ball_load-says" @if ($refusal !== '') aria-invalid="true" @endif>
                <p class="sentence" id="ball_load-says" @if ($refusal !== '') data-tone="stop" @endif>{{ $refusal }}</p>
            </div>
            @if ($gauge->isCarried())
                @php($refusal = $refusals?->first('turned') ?? '')
                <div class="field">
                    <label for="turned">{{ __('gauge.turned') }}</label>
                    <input id="turned" name="turned" value="{{ old('turned') }}" inputmode="decimal" autocomplete="off" aria-describedby="turned-says" @if ($refusal !== '') aria-invalid="true" @endif>
                    <p class="sentence" id="turned-says" @if ($refusal !== '') data-tone="stop" @endif>{{ $refusal !== '' ? $refusal : __('gauge.turned_hint') }}</p>
                </div>
            @endif
        </div>
        <div data-part="gauge" aria-live="polite">@include('bench.gauge-says')</div>
        <div class="tape-foot">
            <button class="button is-first">{{ __('gauge.save') }}</button>
            <x-device :job="$page->job" kind="gauge" :stance="$page->station->stance()->value" :label="__('page/bench.others.read_the_gauge')" />
            @if ($gauge->isCarried())<span class="sentence">{{ __('gauge.minute') }}</span>@endif
            <span class="saved-at" role="status" data-saved-at></span>
        </div>
    </form>
</section>
