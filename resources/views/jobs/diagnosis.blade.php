@php($bench = $page->bench)
@php($advice = $bench->advice())
@php($findings = $page->findings())
@php($verdict = $advice->verdict())
@php($elevation = $bench->elevation($bench->plan()->drawing()->hitch()))
<x-layout :title="__('finding.title').', '.$bench->job->title">
    <main class="yard diagnosis">
        <div class="yard-head">
            <h1>{{ __('finding.title') }} <span class="font-normal text-muted">· {{ $bench->job->title }}</span></h1>
            <a class="button" href="{{ route('jobs.resume', $bench->job) }}">{{ __('finding.back') }}</a>
        </div>
        <div @class(['bench-drawing', 'has-close-up' => $bench->setting() !== null])>
            <div class="card drawing"><div class="elevation"><x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Showing\Drawing\Canvas::around($elevation, 5.2)" :stances="$elevation->stances()" role="img" :aria-label="__('finding.picture')" /></div></div>
            @if ($bench->setting())<div class="card close-up-card"><x-close-up :panel="$bench->setting()" /></div>@endif
        </div>
        @if ($verdict)<div class="card diagnosis-verdict verdict-main">@include('bench.verdict-head', ['page' => $bench])</div>@endif
        @foreach ($advice->suspects() as $suspect)<p @class(['do-next is-over' => $advice->isProbable($suspect), 'sentence' => ! $advice->isProbable($suspect)]) data-tone="caution" data-suspect>{{ $advice->verdictWords->suspect($suspect) }}</p>@endforeach
        @if ($findings === null)
            <div class="card empty"><p class="text-xl font-bold">{{ __('finding.none_yet') }}</p><p>{{ __('finding.none_yet_next') }}</p></div>
        @else
            @if ($findings === [])
                <div class="card empty"><p class="text-xl font-bold">{{ __('finding.none') }}</p></div>
            @elseif ($page->moves() !== [])
                <div class="do-next" data-remedy>
                    <h2>{{ __('finding.moves') }}</h2>
                    <p><span data-figure="move">{{ $advice->move() }}</span> @if ($advice->chance() !== '')<strong data-figure="chance">{{ $advice->chance() }}</strong>@endif</p>
                    @if ($advice->isInTheYardOnly())<p class="sentence" data-tone="caution" data-yard-only>{{ __('move.yard_only') }}</p>@endif
                    <ol class="remedy">@foreach ($page->moves() as $move)<li>{{ $move }}.</li>@endforeach</ol>
                    <p class="expected">{{ $page->expected() }} <span data-figure="expected">{{ $page->heights() }}</span></p>
                </div>
            @endif
            <ol class="findings">
                @foreach ($findings as $finding)
                    <li class="card">
                        <h2><span class="number" aria-hidden="true">{{ $loop->iteration }}</span> {{ $finding['what'] }} <span class="who">{{ $finding['chance'] }}</span></h2>
                        <p>@if ($finding['figure'] !== '')<strong>{{ ucfirst($finding['figure']) }}.</strong> @endif{{ $finding['means'] }}</p>
                        <p class="sentence">{{ $finding['evidence'] }}</p>
                        <p class="do-next">{{ $finding['remedy'] }} @if ($finding['then'] !== '')<span class="expected">{{ $finding['then'] }}</span>@endif</p>
                        <a class="button is-small" href="{{ route('bench', [$bench->job, $finding['station']->value]) }}">{{ $finding['at'] }}</a>
                    </li>
                @endforeach
            </ol>
        @endif
        @if ($findings === null || $findings === [] || $page->moves() === [])<p class="do-next"><span data-figure="move">{{ $advice->move() }}</span> @if ($advice->chance() !== '')<strong data-figure="chance">{{ $advice->chance() }}</strong> {{ implode(' ', $advice->because()) }}@endif</p>@endif
        @php($looks = $page->looks())
        @if ($looks !== [])
            <section class="card p-4" data-looks aria-labelledby="looks"><h2 id="looks">{{ __('finding.looks') }}</h2><ol class="remedy">@foreach ($looks as $look)<li>{{ $look }}</li>@endforeach</ol></section>
        @endif
        <p class="sentence">{{ __('finding.caution') }}</p>
    </main>
</x-layout>
