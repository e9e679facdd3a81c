@props(['what', 'plot', 'says'])
@php($xy = fn ($point): string => round($point->x * 3, 1).','.round($point->y * .7 + 22, 1))
<figure class="card trend">
    <figcaption>{{ $what }} <span class="who">{{ $says[0] }} → {{ $says[count($says) - 1] }}</span></figcaption>
    <svg viewBox="0 0 300 112" role="img" aria-label="{{ __('page/components.trend.from_the_first_set_up', ['what' => $what, 'says' => implode(', ', $says)]) }}">
        <polyline points="{{ implode(' ', array_map($xy, $plot->points())) }}" />
        @foreach ($plot->whiskers() as $whisker)<path d="M{{ $xy($whisker->high) }} L{{ $xy($whisker->low) }}" />@endforeach
        @foreach ($plot->points() as $i => $point)
            <circle cx="{{ round($point->x * 3, 1) }}" cy="{{ round($point->y * .7 + 22, 1) }}" r="4.5" />
            <text x="{{ round($point->x * 3, 1) }}" y="108" text-anchor="middle">{{ $says[$i] }}</text>
        @endforeach
    </svg>
</figure>
