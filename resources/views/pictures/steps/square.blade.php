<path class="sketch-steel" d="M6,14 H234 V30 H6 Z M104,8 H136 V42 H104 Z" />
@foreach ([[54, 0], [70, 1], [86, 0]] as [$y, $edge])<rect class="sketch-eye" x="{{ $edge ? 116.5 : 111 }}" y="{{ $y - 10 }}" width="{{ $edge ? 7 : 18 }}" height="20" rx="{{ $edge ? 3.5 : 9 }}" />@endforeach
<path class="sketch-bar" d="M6,98 Q70,110 120,100" />
<path class="sketch-measure" d="M150,30 V100 M136,30 H164 M150,44 H164 V30" />
