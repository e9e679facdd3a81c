<circle class="sketch-eye" cx="64" cy="62" r="42" /><circle class="sketch-eye" cx="64" cy="62" r="10" /><path class="sketch-steel" d="M24,58 H54 V66 H24 Z M74,58 H104 V66 H74 Z M60,72 H68 V102 H60 Z" />
<path class="sketch-steel" d="M140,92 L206,26 L216,36 L150,102 Z" /><path class="sketch-eye" d="M200,14 L224,12 L230,34 L214,44 L196,28 Z" />
<path class="sketch-measure" d="M146,52 Q156,24 182,20 M172,12 L182,20 L172,30" />
