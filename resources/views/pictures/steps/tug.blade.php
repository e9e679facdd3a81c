<path class="sketch-steel" d="M6,20 H234 V34 H6 Z M6,44 H52 V86 H6 Z M184,34 H202 V82 H184 Z" />
<path class="sketch-bar" d="M40,66 Q120,104 196,78" />
<path class="sketch-measure" d="M120,98 L150,118 M150,104 V118 H136 M120,82 L96,64 M96,76 V64 H108" />
