<path class="sketch-steel" d="M6,30 H234 V48 H6 Z" />
@if (! $hasBars)
    <path class="sketch-steel" d="M176,48 H190 V96 H160 V84 H176 Z M190,70 H202 V88 H190 Z" /><path class="sketch-chain" d="M6,106 L176,78" /><path class="sketch-measure" d="M176,79 H222" />
@elseif ($chain)
    <path class="sketch-bar" d="M6,98 Q96,100 168,92" /><circle class="sketch-eye" cx="168" cy="92" r="5" />
    <path class="sketch-steel" d="M150,20 H186 V58 H150 Z" /><path class="sketch-chain" d="M168,58 V88" />
@else
    <path class="sketch-bar" d="M6,98 Q96,100 168,92" /><circle class="sketch-eye" cx="168" cy="92" r="5" />
    <path class="sketch-steel" d="M176,48 H190 V110 H160 V100 H176 Z" />
@endif
<path class="sketch-measure" d="M190,62 H206 V48 M10,70 H160 M18,63 L10,70 L18,77 M152,63 L160,70 L152,77" />
