<path class="sketch-body" d="M6,24 H44 V92 H6" /><path class="sketch-steel" d="M44,52 H74 V66 H44 Z" /><circle class="sketch-steel" cx="88" cy="50" r="10" />
<path class="sketch-steel" d="M74,34 H234 V50 H104 L98,62 H76 Q68,48 74,34 Z" />
<path class="sketch-chain" d="M44,82 Q110,122 176,54 M44,74 Q130,98 200,52" />
<path class="sketch-measure" d="M44,32 Q120,2 214,34" />
