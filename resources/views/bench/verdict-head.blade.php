@php($verdict = $advice->verdict())
<div class="verdict-head">
    <div>
        <h2>{{ __('verdict.heading') }}</h2>
        <p class="verdict-value">@if ($verdict)<span data-restored>{{ \App\Words\VerdictWords::share($verdict->share) }}</span>@else <small>{{ __('verdict.none_yet') }}</small>@endif</p>
        @if ($advice->onTheRoad() !== '')<p class="sentence" data-road>{{ $advice->onTheRoad() }}</p>@endif
        <p class="sentence">{{ $advice->range() }}</p>
    </div>
    @if ($verdict)<x-verdict-chip :verdict="$verdict->verdict" />@endif
</div>
@includeWhen($verdict !== null, 'bench.chances')
