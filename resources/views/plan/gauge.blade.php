@php($gauge = $page->gauge())
@php($refusal = session('errors')?->getBag('fact')->first('maker_ball_load_kg') ?? '')
<section class="gauge-step" id="gauge" aria-label="{{ __('gauge.title') }}">
    @include('bench.gauge-target', ['words' => $gauge->words])
    @include('bench.gauge-says')
    <form method="post" action="{{ route('facts.store', [$page->job, $page->station->value, 'hitch', 'maker_ball_load_kg']) }}">
        @csrf
        <div class="one-field">
            <div class="field">
                <label for="makers">{{ __('gauge.makers_field') }}</label>
                <input id="makers" name="maker_ball_load_kg" value="{{ old('maker_ball_load_kg', $gauge->makers()) }}" inputmode="decimal" autocomplete="off" aria-describedby="makers-says" @if ($refusal !== '') aria-invalid="true" @endif>
            </div>
            <button class="button">{{ __('assumption.save') }}</button>
        </div>
        @if ($gauge->askedAnew() !== '')<p class="sentence" data-tone="caution" data-another-load>{{ $gauge->askedAnew() }}</p>@endif
        <p class="sentence" id="makers-says" @if ($refusal !== '') data-tone="stop" @endif>{{ $refusal !== '' ? $refusal : __('gauge.makers_hint') }}</p>
    </form>
</section>
