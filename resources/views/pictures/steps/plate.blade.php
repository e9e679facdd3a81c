<path class="sketch-steel" d="M86,10 H154 V22 H132 V40 H108 V22 H86 Z" />
<circle class="sketch-steel" cx="120" cy="34" r="14" />
<path class="sketch-steel" d="M62,56 H178 L166,74 H74 Z" /><path class="sketch-measure" d="M120,44 V108 M112,100 L120,108 L128,100 M106,50 H134" />
<path class="sketch-chain" d="M66,66 Q34,74 6,100 M174,66 Q206,74 234,100" />
