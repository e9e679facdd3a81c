<path class="sketch-body" d="M6,16 H34 V108 H6" /><path class="sketch-steel" d="M34,56 H70 V68 H34 Z" /><circle class="sketch-steel" cx="84" cy="62" r="10" />
<path class="sketch-steel" d="M70,62 L112,46 H234 V58 H116 L98,66 H234 V78 H112 Z" />
<path class="sketch-chain" d="M34,26 Q110,36 190,92 M34,98 Q110,88 190,32" />
<circle class="sketch-eye" cx="30" cy="26" r="6" /><circle class="sketch-eye" cx="30" cy="98" r="6" /><circle class="sketch-eye" cx="194" cy="32" r="6" /><circle class="sketch-eye" cx="194" cy="92" r="6" />
