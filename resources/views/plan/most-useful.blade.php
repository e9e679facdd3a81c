@php($most = $plan->assumed()->mostUseful())
@php($refusal = session('errors')?->getBag('fact'))
@php($first = $plan->assumed()->tapedFirst())
@if ($first)
    <section class="most-useful" aria-label="{{ __('assumption.most_useful') }}">
        <h2>{{ __('assumption.most_useful') }}</h2>
        <p class="sentence">{{ $first['says'] }} <strong>{{ $first['worth'] }}</strong></p>
        <a class="button" href="{{ $first['at'] }}">{{ __('assumption.tape_the_bars') }}</a>
    </section>
@endif
@if ($most && $plan->job)
    @php($says = $refusal?->first($most['key']) ?? '')
    <form method="post" action="{{ route('facts.store', [$plan->job->job, $page->station->value, $most['part']->value, $most['key']]) }}" class="most-useful" aria-label="{{ __($first ? 'assumption.then' : 'assumption.most_useful') }}">
        @csrf
        <h2>{{ __($first ? 'assumption.then' : 'assumption.most_useful') }}</h2>
        <p class="sentence">{{ $most['says'] }} <strong>{{ $most['worth'] }}</strong></p>
        <div class="one-field">
            <div class="field">
                <label for="fact">{{ __('assumption.field', ['part' => ucfirst(\App\Words\SpecificationWords::part($most['part'])), 'label' => \App\Words\Text::inside($most['label'])]) }}</label>
                @if ($most['options'] !== [])
                    <select id="fact" name="{{ $most['key'] }}" aria-describedby="fact-says">@foreach ($most['options'] as $value => $label)<option value="{{ $value }}" @selected(old($most['key']) === $value)>{{ $label }}</option>@endforeach</select>
                @else
                    <input id="fact" name="{{ $most['key'] }}" value="{{ old($most['key']) }}" autocomplete="off" inputmode="{{ $most['isLength'] ? 'text' : 'decimal' }}" aria-describedby="fact-says" @if ($says !== '') aria-invalid="true" @endif>
                @endif
            </div>
            <button class="button">{{ __('assumption.save') }}</button>
        </div>
        <p class="sentence" id="fact-says" @if ($says !== '') data-tone="stop" @endif>{{ $says }}</p>
    </form>
@endif
