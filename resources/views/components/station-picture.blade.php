@props(['station', 'takeUp' => null])
@php($chain = $takeUp?->isChain() ?? true)
@php($hasBars = $takeUp?->hasBars() ?? true)
<svg class="sketch station-picture" viewBox="0 0 240 124" role="img" aria-label="{{ \App\Words\StationWords::picture($station) }}">@include("pictures.{$station->value}")</svg>
