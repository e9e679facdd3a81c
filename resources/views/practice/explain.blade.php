<x-layout :title="\App\Words\ExplainerWords::title($page->topic)" here="practice" sheet="practice">
    <main class="explainer" data-explainer data-frames="{{ route('practice.frames', $page->topic->value) }}">
        <nav class="explainer-topics" aria-label="{{ __('page/practice.explain.topics') }}">
            @foreach (\Yoke\Showing\Explainer\Topic::cases() as $topic)<a href="{{ route('practice.explain', $topic->value) }}" @if ($topic === $page->topic) aria-current="page" @endif>{{ \App\Words\ExplainerWords::title($topic) }}</a>@endforeach
        </nav>
        <h1>{{ \App\Words\ExplainerWords::title($page->topic) }}</h1>
        <p class="explainer-about">{{ __("explain.{$page->topic->value}.about") }}</p>
        <form method="get" class="card explainer-knobs" aria-label="{{ __('page/practice.explain.take_hold') }}">
            @foreach ($page->knobs() as $knob)
                <div class="explainer-knob" data-knob="{{ $knob->key }}">
                    <label for="knob-{{ $knob->key }}">{{ __("explain.knob.{$knob->key}") }}</label>
                    <button type="button" class="button is-small" data-less hidden aria-label="{{ __('page/practice.explain.less', ['knob' => __("explain.knob.{$knob->key}")]) }}"><b aria-hidden="true">−</b></button>
                    <input id="knob-{{ $knob->key }}" type="range" name="at[{{ $knob->key }}]" min="{{ $knob->from }}" max="{{ $knob->to }}" step="{{ $knob->step }}" value="{{ $page->at->at($knob->key) }}" aria-valuetext="{{ $page->words->knob($knob, $page->at->at($knob->key)) }}">
                    <button type="button" class="button is-small" data-more hidden aria-label="{{ __('page/practice.explain.more', ['knob' => __("explain.knob.{$knob->key}")]) }}"><b aria-hidden="true">+</b></button>
                </div>
            @endforeach
            <noscript><button class="button">{{ __('page/practice.explain.show') }}</button></noscript>
        </form>
        <section class="explainer-frame" data-explainer-frame>@include('practice.frame')</section>
        <p class="disclaimer">{{ __('page/practice.explain.example') }}</p>
    </main>
</x-layout>
