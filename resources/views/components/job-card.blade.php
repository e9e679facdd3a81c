@props(['page', 'toGo'])
@php($job = $page->job)
@php($rig = $job->rigAsWorked())
@php($verdict = $page->advice()->verdict())
@php($elevation = $page->elevation())
<a class="job card" data-of-job="{{ $job->id }}" href="{{ route('jobs.resume', $job) }}">
    <div class="picture"><x-rig-drawing :elevation="$elevation" :sheet="\Yoke\Showing\Drawing\Canvas::around($elevation, 3.3)" :stances="[$elevation->latest()]" aria-hidden="true" /></div>
    <div>
        <h3>{{ $job->title }}</h3>
        <p class="who">{{ __('page/components.job-card.with', ['vehicle_name' => $rig->vehicleName(), 'trailer_name' => $rig->trailerName()]) }}<br>{{ __('page/components.job-card.booked', ['hitch_name' => $rig->hitchName(), 'booked_on' => $job->booked_on->isToday() ? __('page/components.job-card.today') : $job->booked_on->isoFormat('D MMM YYYY')]) }}</p>
    </div>
    <div class="state">
        <x-verdict-chip :verdict="$verdict->verdict ?? \Yoke\Judgement\Method\Verdict::Waiting" />
        <span class="beads" aria-hidden="true">@foreach ($page->progress->stations() as $station)<i @class(['is-done' => $page->progress->isDone($station)])></i>@endforeach</span>
        <span class="who">{{ $job->handed_over_at ? __('page/components.job-card.handed_over', ['format' => $job->handed_over_at->isoFormat('D MMM YYYY')]) : __('page/components.job-card.at').mb_strtolower(\App\Words\StationWords::title($page->station)) }}@if ($verdict) · <span data-figure="share" data-restored>{{ \App\Words\VerdictWords::share($verdict->share) }}</span>@endif</span>
        @if ($job->handed_over_at === null)<span class="who" data-figure="minutes">{{ \App\Words\DayWords::toGo($toGo) }}</span>@endif
        @if ($page->advice()->onTheRoad() !== '')<span class="who" data-road>{{ $page->advice()->onTheRoad() }}</span>@endif
    </div>
    <span class="go">{{ $job->handed_over_at ? __('page/components.job-card.show') : __('page/components.job-card.open') }} →</span>
</a>
