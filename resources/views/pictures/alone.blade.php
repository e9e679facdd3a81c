<path class="sketch-ground" d="M6,116 H234" />
<path class="sketch-body" d="M6,96 V40 Q60,30 120,30 H234 V96 H176 A56,56 0 0 0 64,96 Z" />
<circle class="sketch-eye" cx="120" cy="84" r="31" /><circle class="sketch-number" cx="120" cy="84" r="4" />
<path class="sketch-measure" d="M120,42 V114 M110,40 H130 M112,50 L120,42 L128,50 M112,106 L120,114 L128,106" />
