<path class="sketch-ground" d="M6,116 H234" />
<path class="sketch-body" d="M6,44 H40 V84 H6" /><path class="sketch-steel" d="M40,62 H66 V44 H80 V104 H66 V74 H40 Z M80,58 H112 V70 H104 V100 L80,104 Z" /><circle class="sketch-steel" cx="96" cy="46" r="11" />
<path class="sketch-steel" d="M152,52 H234 V68 H164 Q150,68 150,80 H172 V68" />
<path class="sketch-measure" d="M124,35 V114 M96,35 H130 M117,43 L124,35 L131,43 M117,106 L124,114 L131,106 M140,78 V114 M140,78 H150 M133,86 L140,78 L147,86 M133,106 L140,114 L147,106" />
