<path class="sketch-ground" d="M6,112 H234" />
<path class="sketch-body" d="M14,92 V70 H34 L46,52 H76 L82,68 H104 V92 Z M126,86 V36 H226 V86 Z M104,86 H126" />
<circle class="sketch-eye" cx="34" cy="92" r="9" /><circle class="sketch-eye" cx="88" cy="92" r="9" /><circle class="sketch-eye" cx="176" cy="92" r="9" />
<path class="sketch-steel" d="M18,102 H50 V111 H18 Z M72,102 H104 V111 H72 Z M158,102 H194 V111 H158 Z" />
<path class="sketch-measure" d="M22,24 L32,34 L52,12" />
