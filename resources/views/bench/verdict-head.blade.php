<div class="verdict-head">
    <div>
        <h2>Front axle load put back, band {{ $page->job->band()->inWords() }}</h2>
        <p class="verdict-value">@if ($judged->printed !== ''){{ \Illuminate\Support\Str::before($judged->printed, ' ±') }} <small>± {{ \Illuminate\Support\Str::after($judged->printed, '± ') }}</small>@else <small>no share yet</small>@endif</p>
    </div>
    <x-verdict-chip :verdict="$judged->verdict" />
</div>
@include('bench.chances')
