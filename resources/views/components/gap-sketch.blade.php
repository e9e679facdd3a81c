@props(['chain'])
<svg class="sketch four-heights" viewBox="0 64 660 226" role="img" aria-label="{{ \App\Words\Text::of('gap.sketch.'.($chain ? 'chain' : 'ledge')) }}">
    <path class="sketch-ground" d="M10,270 H650" />
    <path class="sketch-body" d="M10,96 H84 V170 H10" />
    <path class="sketch-steel" d="M84,146 H128 V122 H144 V196 H128 V162 H84 Z" />
    <path class="sketch-steel" d="M144,134 H186 V148 H178 V190 L144,196 Z" />
    <circle class="sketch-steel" cx="168" cy="120" r="12" />
    <path class="sketch-steel" d="M150,92 H650 V114 H196 L186,132 H150 Q144,112 150,92 Z" />
    <path class="sketch-bar" d="M166,186 Q280,206 420,238" />
    <circle class="sketch-eye" cx="420" cy="238" r="7" />
    <path class="sketch-measure" d="M420,114 V230 M411,124 L420,114 L429,124 M411,220 L420,230 L429,220" />
    <circle class="sketch-number" cx="448" cy="172" r="15" /><text class="sketch-digit" x="448" y="178" text-anchor="middle">1</text>
    @if ($chain)
        <path class="sketch-steel" d="M540,84 H584 V130 H540 Z" />
        <path class="sketch-chain" d="M562,130 V206" />
        <circle class="sketch-eye" cx="562" cy="212" r="7" />
        <path class="sketch-measure" d="M602,114 V212 M593,124 L602,114 L611,124 M593,202 L602,212 L611,202 M566,212 H610" />
    @else
        <path class="sketch-steel" d="M548,114 H562 V200 H592 V210 H548 Z" />
        <path class="sketch-measure" d="M602,114 V200 M593,124 L602,114 L611,124 M593,190 L602,200 L611,190" />
    @endif
    <circle class="sketch-number" cx="630" cy="162" r="15" /><text class="sketch-digit" x="630" y="168" text-anchor="middle">2</text>
</svg>
