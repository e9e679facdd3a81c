@props(['arrows'])
@foreach ($arrows as $arrow)
    @php($foot = round(90 + 210 * $arrow->share))
    <path class="load-arrow" d="M{{ round($arrow->x) }},{{ $foot }} v{{ 20 - $foot }} m-55,75 l55,-75 l55,75" />
@endforeach
