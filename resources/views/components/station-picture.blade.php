@props(['station', 'chain'])
<svg class="sketch station-picture" viewBox="0 0 240 124" role="img" aria-label="{{ \App\Words\StationWords::picture($station) }}">@include("pictures.{$station->value}")</svg>
