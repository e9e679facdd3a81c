<div class="plan-panel" tabindex="0" aria-label="{{ __('page/road.panel.road_test_result') }}">
    @php($drives = $page->job->roadDrives->reverse())
    @if ($drives->isEmpty())
        <p class="sentence">{{ __('page/road.panel.record_what_was_felt_even') }}</p>
    @endif
    @foreach ($drives as $drive)
        @php($findings = $drive->core()->findings())
        <section class="drive">
            <h2>{{ __('page/road.panel.up_to', ['driven_at' => $drive->driven_at->isoFormat('D MMM HH:mm'), 'distance_km' => $page->viewer->roadUnit()->distance($drive->distance_km), 'speed_kmh' => $page->viewer->roadUnit()->speed($drive->speed_kmh)]) }} <span class="who">{{ $drive->user->name }}</span></h2>
            @if ($findings === [])<p class="do-next is-in-range">{{ __('page/road.panel.nothing_points_at_the_set') }}</p>@endif
            @foreach ($findings as $finding)
                <div @class(['do-next', 'is-over' => $finding->severity === \Yoke\Workshop\Road\Severity::StopHere])><p>{{ \App\Words\RoadWords::found($finding) }} <span class="expected">{{ \App\Words\RoadWords::why($finding) }}</span> <a href="{{ route('bench', [$page->job, $finding->station->value]) }}">{{ \App\Words\StationWords::title($finding->station) }}</a></p></div>
            @endforeach
            <p class="sentence">@foreach (\Yoke\Workshop\Road\Feel::cases() as $feel){{ \App\Words\RoadWords::asks($feel) }}: {{ lcfirst(\App\Words\RoadWords::answer($feel, $drive->felt[$feel->value])) }}{{ $loop->last ? '.' : '; ' }}@endforeach {{ $drive->note }}</p>
        </section>
    @endforeach
    <p class="sentence">{{ __('page/road.panel.a_record_of_what_was') }}</p>
    <details class="derivation"><summary>{{ __('page/road.panel.if_it_sways_on_the') }}</summary><ol class="steps">@foreach (\App\Words\SwayWords::onTheRoad() as $step)<li>{{ $step }}</li>@endforeach</ol></details>
</div>
