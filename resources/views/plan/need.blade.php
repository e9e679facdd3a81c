@php($need = $plan->need())
<section class="need" aria-label="{{ __('need.title') }}" data-need>
    <h2>{{ __('need.title') }}</h2>
    <p @class(['do-next', 'is-over' => $need->isOver(), 'is-in-range' => $need->isNone()])>{{ $need->answer() }}</p>
    <ul class="reasons">@foreach ($need->reasons() as $reason)<li>{{ $reason }}</li>@endforeach</ul>
    <a class="button is-small" href="{{ route('choice', $plan->pair()) }}">{{ __('need.which') }}</a>
</section>
