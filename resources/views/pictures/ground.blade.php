<path class="sketch-ground" d="M6,106 H234" />
<circle class="sketch-eye" cx="44" cy="84" r="22" /><circle class="sketch-eye" cx="196" cy="84" r="22" />
<path class="sketch-steel" d="M70,84 H170 V100 H70 Z" /><path class="sketch-steel" d="M108,86 H132 V94 H108 Z" /><circle class="sketch-number" cx="120" cy="90" r="4" />
<path class="sketch-measure" d="M92,66 H148 M100,59 L92,66 L100,73 M140,59 L148,66 L140,73" />
