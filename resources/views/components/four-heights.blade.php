@props(['chain'])
<svg class="sketch four-heights" viewBox="0 0 660 300" role="img" aria-label="{{ \App\Words\Text::of('bars.sketch.'.($chain ? 'chain' : 'ledge')) }}">
    <path class="sketch-ground" d="M10,270 H650" />
    <path class="sketch-body" d="M10,118 H96 V176 H10" />
    <path class="sketch-steel" d="M96,150 H140 V126 H156 V196 H140 V166 H96 Z" />
    <path class="sketch-steel" d="M156,132 H196 V146 H186 V182 L156,188 Z" />
    <circle class="sketch-steel" cx="182" cy="118" r="13" />
    <path class="sketch-bar" d="M176,176 Q240,188 306,204" />
    <circle class="sketch-eye" cx="306" cy="204" r="6" />
    <path class="sketch-measure" d="M222,105 V270 M182,105 H230 M214,114 L222,105 L230,114 M214,261 L222,270 L230,261" />
    <path class="sketch-measure" d="M306,210 V270 M298,219 L306,210 L314,219 M298,261 L306,270 L314,261" />
    <path class="sketch-body" d="M650,66 H560 L540,112 H650" />
    <path class="sketch-steel" d="M384,112 H650 V132 H384 Q368,132 368,146 H398 V132" />
    <path class="sketch-steel" d="M440,132 H454 V262 H440 Z M428,262 H466 V270 H428 Z" />
    @if ($chain)
        <path class="sketch-steel" d="M560,98 H604 V146 H560 Z" />
        <path class="sketch-chain" d="M582,146 V206" />
        <circle class="sketch-eye" cx="582" cy="206" r="6" />
        <path class="sketch-measure" d="M620,140 V270 M582,140 H628 M612,149 L620,140 L628,149 M612,261 L620,270 L628,261" />
        <path class="sketch-measure" d="M548,146 V200 M540,155 L548,146 L556,155 M540,191 L548,200 L556,191" />
    @else
        <path class="sketch-steel" d="M566,132 H580 V196 H612 V208 H566 Z" />
        <path class="sketch-measure" d="M600,196 V270 M592,205 L600,196 L608,205 M592,261 L600,270 L608,261" />
    @endif
    <path class="sketch-measure" d="M348,142 V270 M348,142 H382 M340,151 L348,142 L356,151 M340,261 L348,270 L356,261" />
    @foreach ([[222, 190, 1], [306, 240, 2], [348, 206, 3], ...($chain ? [[620, 206, 4], [526, 174, 5]] : [[600, 236, 4]])] as [$x, $y, $number])
        <circle class="sketch-number" cx="{{ $x }}" cy="{{ $y }}" r="15" /><text class="sketch-digit" x="{{ $x }}" y="{{ $y + 6 }}" text-anchor="middle">{{ $number }}</text>
    @endforeach
    <text class="sketch-caption" x="10" y="292">{{ \App\Words\Text::of('bars.sketch.vehicle') }}</text>
    <text class="sketch-caption" x="352" y="292">{{ \App\Words\Text::of('bars.sketch.trailer') }}</text>
</svg>
