<path class="sketch-steel" d="M6,14 H234 V30 H6 Z" />
@if (! $hasBars)
    <circle class="sketch-steel" cx="60" cy="44" r="12" /><path class="sketch-steel" d="M34,62 H86 L78,78 H42 Z M176,30 H190 V84 H176 Z M190,60 H202 V78 H190 Z" />
    <path class="sketch-chain" d="M78,72 L176,66" /><path class="sketch-measure" d="M176,68 H226 M60,82 V108 M52,100 L60,108 L68,100" />
@elseif ($chain)
    <path class="sketch-steel" d="M104,8 H148 V42 H104 Z" />
    @foreach ([[1, 54, 0], [2, 74, 1], [3, 94, 0]] as [$link, $y, $edge])<rect class="sketch-eye" x="{{ $edge ? 122 : 117 }}" y="{{ $y - 12 }}" width="{{ $edge ? 7 : 18 }}" height="24" rx="{{ $edge ? 3.5 : 9 }}" />@endforeach
    @foreach ([[1, 50], [2, 72], [3, 94]] as [$link, $y])<text class="sketch-caption" x="150" y="{{ $y + 6 }}">{{ $link }}</text>@endforeach
    <path class="sketch-bar" d="M6,104 Q80,118 126,106" />
    <path class="sketch-measure" d="M178,44 V100 M170,52 L178,44 L186,52" />
@else
    <path class="sketch-steel" d="M130,30 H144 V92 H110 V82 H130 Z" /><path class="sketch-bar" d="M6,108 Q70,92 126,76" />
    <path class="sketch-measure" d="M104,68 H150 M178,100 V44 M170,52 L178,44 L186,52" />
@endif
