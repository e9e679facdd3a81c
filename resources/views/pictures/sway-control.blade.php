<path class="sketch-body" d="M6,42 H70 V88 H6 Z" /><path class="sketch-steel" d="M70,58 H92 V72 H70 Z" /><circle class="sketch-eye" cx="98" cy="65" r="7" />
<path class="sketch-body" d="M106,65 L146,36 H232 V94 H146 Z" />
<path class="sketch-measure" d="M196,18 Q214,12 228,22 M218,12 L228,22 L214,26 M196,112 Q214,118 228,108 M218,118 L228,108 L214,104" />
