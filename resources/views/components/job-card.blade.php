@props(['page'])
@php($job = $page->job)
@php($rig = $job->rigAsWorked())
@php($verdict = $page->advice()->verdict())
@php($elevation = $page->elevation())
<a class="job card" href="{{ route('jobs.resume', $job) }}">
    <div class="picture"><x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Drawing\Sheet::around($elevation, 3.3)" :stances="[$elevation->latest()]" aria-hidden="true" /></div>
    <div>
        <h3>{{ $job->title }}</h3>
        <p class="who">{{ $rig->vehicleName() }} with {{ $rig->trailerName() }}<br>{{ $rig->hitchName() }} · booked {{ $job->booked_on->isToday() ? 'today' : $job->booked_on->format('j M Y') }}</p>
    </div>
    <div class="state">
        <x-verdict-chip :verdict="$verdict->verdict ?? \Yoke\Method\Verdict::Waiting" />
        <span class="beads" aria-hidden="true">@foreach (\Yoke\Procedure\Station::cases() as $station)<i @class(['is-done' => $page->progress->isDone($station)])></i>@endforeach</span>
        <span class="who">{{ $job->handed_over_at ? 'Handed over '.$job->handed_over_at->format('j M Y') : 'At '.mb_strtolower(\App\Words\StationWords::title($page->station)) }}@if ($verdict) · <span data-restored>{{ \App\Words\VerdictWords::share($verdict->share) }}</span>@endif</span>
        @if ($page->advice()->onTheRoad() !== '')<span class="who" data-road>{{ $page->advice()->onTheRoad() }}</span>@endif
    </div>
    <span class="go">{{ $job->handed_over_at ? 'Show' : 'Open' }} →</span>
</a>
