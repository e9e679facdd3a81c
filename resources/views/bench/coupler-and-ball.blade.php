@php($stand = $page->couplerAndBall())
@php($refusal = session('errors')?->getBag('fact'))
<section class="stand" aria-label="{{ __('head.now.heading') }}">
    @foreach ($stand->fields() as $one)
        @php($says = $refusal?->first($one['field']) ?? '')
        <form method="post" action="{{ route('facts.store', [$page->job, $page->station->value, $one['part']->value, $one['field']]) }}" class="one-field">
            @csrf
            <div class="field">
                <label for="{{ $one['field'] }}">{{ $one['label'] }}</label>
                <input id="{{ $one['field'] }}" name="{{ $one['field'] }}" value="{{ old($one['field'], $one['stands']) }}" autocomplete="off" aria-describedby="{{ $one['field'] }}-says" @if ($says !== '') aria-invalid="true" @endif>
                <p class="sentence" id="{{ $one['field'] }}-says" @if ($says !== '') data-tone="stop" @endif>{{ $says }}</p>
            </div>
            <button class="button is-small" aria-label="{{ __('head.now.save', ['part' => \App\Words\SpecificationWords::part($one['part'])]) }}">{{ __('head.now.save_short') }}</button>
        </form>
    @endforeach
    @if ($page->station === \Yoke\Workshop\Procedure\Station::Head)
        @if ($stand->now() !== '')<p class="sentence" data-now>{{ $stand->now() }}</p>@endif
        @if ($stand->againstTheHole() !== '')<p class="sentence" data-tone="caution">{{ $stand->againstTheHole() }}</p>@endif
    @endif
</section>
