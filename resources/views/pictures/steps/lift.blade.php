<path class="sketch-ground" d="M6,116 H234" />
<path class="sketch-body" d="M6,28 H60 V70 H6" /><circle class="sketch-body" cx="34" cy="92" r="22" /><path class="sketch-steel" d="M60,52 H90 V62 H60 Z" /><circle class="sketch-steel" cx="98" cy="46" r="9" />
<path class="sketch-steel" d="M86,32 H234 V46 H112 L106,58 H88 Q80,44 86,32 Z" />
<path class="sketch-steel" d="M150,14 H162 V108 H150 Z M140,106 H172 V114 H140 Z" />
<path class="sketch-measure" d="M190,100 V60 M182,68 L190,60 L198,68 M34,24 V6 M26,14 L34,6 L42,14" />
