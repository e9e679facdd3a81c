<x-layout :title="\App\Words\StationWords::title($page->station).', '.$page->job->title">
    <main @class(['bench', 'is-calling' => $page->look->isCalling]) data-bench
          data-before="{{ $page->station->before($page->progress->family) ? route('bench', [$page->job, $page->station->before($page->progress->family)->value]) : '' }}"
          data-next="{{ $page->station->next($page->progress->family) ? route('bench', [$page->job, $page->station->next($page->progress->family)->value]) : '' }}">
        <nav class="chain-here" aria-label="{{ __('page/bench.show.where_the_work_is') }}">
            @if ($page->station->before($page->progress->family))<a class="button is-small" href="{{ route('bench', [$page->job, $page->station->before($page->progress->family)->value]) }}"><span aria-hidden="true">‹</span><span class="sr-only">{{ \App\Words\StationWords::title($page->station->before($page->progress->family)) }}</span></a>@endif
            <a class="here" href="#stations">{{ \App\Words\StationWords::title($page->station) }} <small>{{ __('station.of', ['number' => 1 + (int) array_search($page->station, $page->progress->stations(), true), 'many' => count($page->progress->stations())]) }}</small></a>
            @if ($page->station->next($page->progress->family))<a class="button is-small" href="{{ route('bench', [$page->job, $page->station->next($page->progress->family)->value]) }}"><span aria-hidden="true">›</span><span class="sr-only">{{ \App\Words\StationWords::title($page->station->next($page->progress->family)) }}</span></a>@endif
        </nav>
        @if ($page->job->arrived_coupled && $page->job->handed_over_at === null)<p class="bench-guide"><a class="button is-small" href="{{ route('take-over', $page->job) }}">{{ __('take-over.back') }}</a></p>@endif
        <nav class="bench-chain" aria-label="{{ __('page/bench.show.stations') }}" data-part="chain">@include('bench.chain')</nav>
        <section @class(['bench-drawing', 'has-close-up' => $page->setting() !== null]) aria-label="{{ __('page/bench.show.drawing') }}" data-part="drawing">@include('bench.drawing')</section>
        <section class="bench-tape card" aria-label="{{ __('page/bench.show.station') }}">
            <div data-part="next" aria-live="polite">@include('bench.next')</div>
            @include($page->station->stance() ? 'bench.tape' : 'bench.guide')
            @includeWhen($page->station === \Yoke\Workshop\Procedure\Station::Dropped, 'bench.gap')
            @includeWhen($page->station === \Yoke\Workshop\Procedure\Station::Alone && $page->analysed->described->sheets->family() === null, 'bench.family')
        </section>
        @if ($page->station->stance())
            <section class="bench-more card" aria-label="{{ __('reading.others') }}">
                @includeWhen($page->station === \Yoke\Workshop\Procedure\Station::Alone, 'bench.coupler-and-ball')
                @includeWhen($page->station === \Yoke\Workshop\Procedure\Station::Alone, 'bench.levelling')
                @includeWhen($page->station->stance() !== \Yoke\Rig\Parts\Stance::Alone, 'bench.sights')
                @include('bench.others', ['stance' => $page->station->stance()])
                <a class="button is-small is-plain" href="{{ route('jobs.log', $page->job) }}">{{ __('tape.log') }}</a>
            </section>
        @endif
        @if ($page->planView())
            <section class="bench-verdict card" aria-label="{{ __('page/bench.show.plan') }}">@include($page->planView(), ['plan' => $page->plan(), 'job' => $page->job])<p class="disclaimer">{{ __('verdict.disclaimer') }}</p></section>
        @else
            <section class="bench-verdict card" aria-label="{{ __('page/bench.show.verdict') }}" data-part="verdict">@include('bench.advice')</section>
        @endif
        <p class="sr-only" aria-live="polite" data-said></p>
    </main>
</x-layout>
