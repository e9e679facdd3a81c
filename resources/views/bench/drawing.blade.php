@php($plan = $page->plan())
@php($elevation = $page->elevation($plan->drawing()->hitch()))
@php($foreseen = $page->foreseen())
@php($setting = $page->setting())
@php($arrows = $page->arrows($elevation))
@php($sheet = \Yoke\Showing\Drawing\Canvas::withLoads($elevation, 5.9))
<div class="card drawing">
<div class="drawing-bar">
    <p class="legend">
        <strong>{{ $page->job->title }}</strong>
    </p>
</div>
<div class="elevation room-{{ \App\Screens\View\Across::room($sheet->room()) }}">
<x-rig-drawing :elevation="$elevation" :sheet="$sheet" :stances="$elevation->stances()" :ghosts="[...$page->ghosts($foreseen), ...$page->tried()]" role="img" :aria-label="__('page/bench.drawing.side_elevation_of_with_to', ['vehicle_name' => $page->job->rigAsWorked()->vehicleName(), 'trailer_name' => $page->job->rigAsWorked()->trailerName()])">
    @foreach ($elevation->stances() as $drawn)
        @foreach ($drawn->arches as $arch)
            <line class="plumb" x1="{{ round($arch->x) }}" x2="{{ round($arch->x) }}" y1="0" y2="{{ round($arch->y) }}" />
            <line class="tip is-{{ $drawn->stance->value }}" x1="{{ round($arch->x - 90) }}" x2="{{ round($arch->x + 90) }}" y1="{{ round($arch->y) }}" y2="{{ round($arch->y) }}" />
        @endforeach
    @endforeach
    <x-slot:upright><x-load-arrows :arrows="$arrows" /></x-slot:upright>
</x-rig-drawing>
<div class="load-labels" aria-hidden="true">
    @foreach ($arrows as $arrow)<span data-figure="under {{ $arrow->what }} {{ $elevation->latest()->stance->value }}" class="x-at-{{ \App\Screens\View\Across::at($sheet->across($arrow->x)) }}" title="{{ __('page/bench.drawing.by_the_model', ['what' => \App\Words\Text::of("drawing.arrow.{$arrow->what}"), 'stance' => \App\Words\RigWords::stance($elevation->latest()->stance)]) }}">{{ $plan->drawing()->arrowSays($arrow) }}</span>@endforeach
</div>
</div>
<x-figures-table :plan="$plan" :elevation="$elevation" :caption="__('page/bench.drawing.the_rig_as_the_model')" />
<div class="readouts room-{{ \App\Screens\View\Across::room($sheet->room()) }}">
    <a class="button is-small" data-magnify href="?height={{ $page->look->magnification->other()->value }}" data-height="{{ $page->look->magnification->value }}">
        {{ $page->look->magnification === \App\Screens\Bench\Magnification::True ? __('page/bench.drawing.heights_5') : __('page/bench.drawing.heights_to_scale') }}
    </a>
    @foreach (\Yoke\Rig\Parts\Axle::cases() as $axle)
        <div data-end="{{ \App\Words\RigWords::head($axle) }}" class="readout is-{{ $axle->value }} x-at-{{ \App\Screens\View\Across::at($sheet->across($elevation->axleX($axle))) }}">
            @php($tried = $page->triedAt($axle))
            @foreach ($page->stances() as $stance)
                @php($reading = $page->reading($stance, $axle))
                <a href="{{ route('bench', [$page->job, \Yoke\Workshop\Procedure\Station::of($stance)->value]) }}#{{ $page->tape()->fieldOf($axle) }}"
                   aria-label="{{ __('page/bench.drawing.fender', ['axle' => \App\Words\RigWords::axle($axle), 'stance' => \App\Words\RigWords::stance($stance), 'height' => $reading ? $page->print->nearest($reading->height()) : __('page/bench.drawing.not_taped'), 'height2' => ! $reading && $foreseen?->at($stance, $axle) ? __('page/bench.drawing.predicted', ['height' => $page->print->nearest($foreseen->at($stance, $axle)->height())]) : '']) }}">
                    <span><i class="mark is-{{ $stance->value }}"></i>{{ \App\Words\RigWords::stance($stance) }}</span>
                    @if ($stance === \Yoke\Rig\Parts\Stance::Carried && $tried)
                        <em title="{{ __('page/bench.drawing.at_the_setting_that_is') }}">≈ {{ $page->print->bare($tried->height()) }}</em>
                    @elseif ($reading)
                        <strong>{{ $page->print->bare($reading->height()) }}</strong>
                    @elseif ($foreseen?->at($stance, $axle))
                        <em title="{{ __('page/bench.drawing.predicted_not_taped_yet') }}">≈ {{ $page->print->bare($foreseen->at($stance, $axle)->height()) }}</em>
                    @else
                        <strong>–</strong>
                    @endif
                </a>
            @endforeach
        </div>
    @endforeach
</div>
</div>
@if ($setting)<div class="card close-up-card"><x-close-up :panel="$setting" /></div>@endif
