<path class="sketch-ground" d="M6,116 H234" />
<path class="sketch-body" d="M6,40 H44 V78 H6" /><path class="sketch-steel" d="M44,54 H66 V40 H78 V92 H66 V66 H44 Z" /><circle class="sketch-steel" cx="92" cy="50" r="10" />
<path class="sketch-steel" d="M76,34 H234 V50 H106 L100,62 H78 Q72,48 76,34 Z" />
<path class="sketch-steel" d="M150,18 H164 V72 H150 Z M138,72 H176 V80 H138 Z" />
<path class="sketch-measure" d="M198,104 V66 M190,74 L198,66 L206,74 M92,8 V28 M84,20 L92,28 L100,20" />
