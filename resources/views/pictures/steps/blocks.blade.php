<path class="sketch-ground" d="M6,116 H234" />
<path class="sketch-steel" d="M20,44 H234 V58 H20 Z" />
<path class="sketch-body" d="M56,58 H104 V116 H56 Z M56,78 H104 M56,97 H104 M176,58 H224 V116 H176 Z M176,78 H224 M176,97 H224" />
<path class="sketch-steel" d="M136,8 H148 V70 H136 Z" /><path class="sketch-measure" d="M142,82 V104 M134,96 L142,104 L150,96" />
