@php($xy = fn ($point): string => round($point->x * 5.6 + 70, 1).','.round($point->y * 2.4 + 10, 1))
@php($grid = $page->gridlines($plot))
<svg class="height-curve" viewBox="0 0 660 290" role="img" aria-label="{{ __('page/weigh.height-curve.tongue_weight_against_coupler_height') }}">
    @foreach ($grid['loads'] as [$load, $says])
        @php($at = $plot->at($page->readings->level()->millimetres(), $load))
        <path class="grid" d="M70,{{ round($at->y * 2.4 + 10, 1) }} H630" /><text x="64" y="{{ round($at->y * 2.4 + 15, 1) }}" text-anchor="end">{{ $says }}</text>
    @endforeach
    @foreach ($grid['heights'] as [$height, $says])
        @php($at = $plot->at($height, 0.0))
        <path class="grid" d="M{{ round($at->x * 5.6 + 70, 1) }},10 V250" /><text x="{{ round($at->x * 5.6 + 70, 1) }}" y="268" text-anchor="middle">{{ $says }}</text>
    @endforeach
    <polygon class="curve-doubt" points="{{ implode(' ', array_map($xy, $plot->doubt())) }}" />
    <polyline class="curve" points="{{ implode(' ', array_map($xy, $plot->line())) }}" />
    @foreach ($page->points() as $point)
        @php($high = $plot->at($point['height'], $point['load']->mean() + $point['load']->deviation()))
        @php($low = $plot->at($point['height'], $point['load']->mean() - $point['load']->deviation()))
        @php($at = $plot->at($point['height'], $point['load']->mean()))
        <path class="whisker" d="M{{ $xy($high) }} L{{ $xy($low) }}" /><circle class="reading" cx="{{ round($at->x * 5.6 + 70, 1) }}" cy="{{ round($at->y * 2.4 + 10, 1) }}" r="6" />
    @endforeach
    @foreach ([[__('page/weigh.height-curve.level'), $page->readings->level(), 'is-level'], [__('page/weigh.height-curve.in_use'), $page->inUse(), 'is-use']] as [$says, $height, $class])
        @php($at = $plot->at($height->millimetres(), $page->curve->at($height)->mean()))
        <path class="mark-line {{ $class }}" d="M{{ round($at->x * 5.6 + 70, 1) }},250 V{{ round($at->y * 2.4 + 10, 1) }}" /><path class="mark-here {{ $class }}" d="M{{ $xy($at) }} m-8,0 h16 m-8,-8 v16" />
        <text class="mark-says" x="{{ round($at->x * 5.6 + 70, 1) }}" y="{{ $class === 'is-use' ? 244 : 226 }}" dx="5">{{ $says }}</text>
    @endforeach
    <text x="350" y="286" text-anchor="middle">{{ __('page/weigh.height-curve.coupler_height') }}</text>
</svg>
