<x-layout :title="__('page/practice.record.record').', '.$page->person->name" here="practice" sheet="practice">
    <main class="practice-record">
        <div class="yard-head"><h1>{{ __('page/practice.record.record') }} <span class="font-normal text-muted">· {{ $page->person->name }}</span></h1><button type="button" class="button is-small" data-print>{{ __('page/practice.debrief.print') }}</button></div>
        <section class="card" aria-label="{{ __('page/practice.record.learned') }}">
            <p><strong>{{ $page->played() }}</strong> {{ trans_choice('page/practice.record.runs', $page->played()) }}@if ($page->book->passed() !== null) {{ __('page/practice.record.passed', ['level' => \App\Words\PracticeWords::level($page->book->passed())]) }}@endif</p>
            <p><strong>{{ __('page/practice.record.strengths') }}</strong> {{ $page->strengths() === [] ? __('page/practice.record.none_yet') : implode(', ', $page->strengths()) }}</p>
            <p><strong>{{ __('page/practice.record.missed') }}</strong> {{ $page->missed() === [] ? __('page/practice.record.none_missed') : implode(', ', $page->missed()) }}</p>
        </section>
        @if ($page->over() !== [])<section class="card" aria-label="{{ __('page/practice.index.played') }}">@include('practice.played')</section>@endif
        <p class="disclaimer">{{ __('page/practice.debrief.simulated') }}</p>
    </main>
</x-layout>
