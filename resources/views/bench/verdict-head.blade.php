@php($verdict = $advice->verdict())
@php($scale = $page->scale())
@php($targets = $page->tapeTargets())
<div class="verdict-head">
    <div>
        @php($own = $advice->methodsOwn())
        <h2>{{ $own['heading'] ?? __('verdict.heading') }}</h2>
        @if ($own !== null)
            <p class="verdict-value" data-own>{{ $own['value'] }}</p>
            <p class="sentence">{{ __('verdict.heading') }}: <span data-figure="share" data-restored>{{ \App\Words\VerdictWords::share($verdict->share) }}</span></p>
        @else
            <p class="verdict-value">@if ($verdict)<span data-figure="share" data-restored>{{ \App\Words\VerdictWords::share($verdict->share) }}</span>@else <small>{{ $advice->withoutVerdict() }}</small>@endif</p>
        @endif
        @if ($advice->onTheRoad() !== '')<p class="sentence" data-road>{{ $advice->onTheRoad() }}</p>@endif
    </div>
    @if ($verdict)<x-verdict-chip :verdict="$verdict->verdict" />@endif
</div>
<div class="share-scale" role="img" aria-label="{{ $advice->range() }}{{ $verdict ? '. '.\App\Words\VerdictWords::chances($verdict->chances) : '' }}">
    <i class="range x-from-{{ \App\Screens\View\Across::at($scale->range()['from']) }} x-to-{{ \App\Screens\View\Across::at($scale->range()['to']) }}"></i>
    <i class="beyond x-at-{{ \App\Screens\View\Across::at($scale->fullReturn()) }}"></i>
    @if ($stands = $scale->stands())
        <i class="whisker x-from-{{ \App\Screens\View\Across::at($stands['from']) }} x-to-{{ \App\Screens\View\Across::at($stands['to']) }}"></i>
        <i class="stands x-at-{{ \App\Screens\View\Across::at($stands['at']) }}"></i>
    @endif
    @foreach ($scale->ticks() as $tick)<span class="tick-at x-at-{{ \App\Screens\View\Across::at($tick['at']) }}">{{ \App\Words\Text::of('verdict.scale_tick', ['percent' => (int) round(100 * $tick['share'])]) }}</span>@endforeach
</div>
<p class="sentence">{{ $advice->range() }}@if ($targets !== ''). <strong class="tape-target">{{ $targets }}</strong>@endif</p>
