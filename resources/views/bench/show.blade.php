<x-layout :title="\App\Words\StationWords::title($page->station).', '.$page->job->title">
    <main class="bench" data-bench
          data-before="{{ $page->station->before() ? route('bench', [$page->job, $page->station->before()->value]) : '' }}"
          data-next="{{ $page->station->next() ? route('bench', [$page->job, $page->station->next()->value]) : '' }}">
        <nav class="bench-chain" aria-label="Stations" data-part="chain">@include('bench.chain')</nav>
        <section class="bench-drawing card drawing" aria-label="Drawing" data-part="drawing">@include('bench.drawing')</section>
        <section class="bench-tape card" aria-label="Station">
            @include($page->station->stance() ? 'bench.tape' : 'bench.guide')
            @if ($page->station->stance())
                <div class="asides">
                    @includeWhen($page->station === \Yoke\Procedure\Station::Alone, 'bench.levelling')
                    @include('bench.others', ['stance' => $page->station->stance()])
                </div>
            @endif
        </section>
        @if ($page->planView())
            <section class="bench-verdict card" aria-label="Plan">@include($page->planView(), ['plan' => $page->plan(), 'job' => $page->job])</section>
        @else
            <section class="bench-verdict card" aria-label="Verdict" data-part="verdict">@include('bench.advice')</section>
        @endif
        <p class="sr-only" aria-live="polite" data-said></p>
    </main>
</x-layout>
