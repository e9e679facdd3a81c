<div class="plan-panel" tabindex="0" aria-label="Road test result">
    @php($drives = $page->job->roadDrives->reverse())
    @if ($drives->isEmpty())
        <p class="sentence">Record what was felt, even if it was nothing: the next visit compares with it. Causes are listed here with the station to return to.</p>
    @endif
    @foreach ($drives as $drive)
        @php($findings = $drive->core()->findings())
        <section class="drive">
            <h2>{{ $drive->driven_at->format('j M H:i') }}, {{ $page->viewer->roadUnit()->distance($drive->distance_km) }}, up to {{ $page->viewer->roadUnit()->speed($drive->speed_kmh) }} <span class="who">{{ $drive->user->name }}</span></h2>
            @if ($findings === [])<p class="do-next is-in-range">Nothing points at the set-up.</p>@endif
            @foreach ($findings as $finding)
                <div @class(['do-next', 'is-over' => $finding->severity === \Yoke\Road\Severity::StopHere])><p>{{ \App\Words\RoadWords::found($finding) }} <span class="expected">{{ \App\Words\RoadWords::why($finding) }}</span> <a href="{{ route('bench', [$page->job, $finding->station->value]) }}">{{ \App\Words\StationWords::title($finding->station) }}</a></p></div>
            @endforeach
            <p class="sentence">@foreach (\Yoke\Road\Feel::cases() as $feel){{ \App\Words\RoadWords::asks($feel) }}: {{ lcfirst(\App\Words\RoadWords::answer($feel, $drive->felt[$feel->value])) }}{{ $loop->last ? '.' : '; ' }}@endforeach {{ $drive->note }}</p>
        </section>
    @endforeach
    <p class="sentence">A record of what was driven and felt. No speed is called safe.</p>
    <details class="derivation"><summary>If it sways on the road</summary><ol class="steps">@foreach (\App\Words\SwayWords::onTheRoad() as $step)<li>{{ $step }}</li>@endforeach</ol></details>
</div>
