<path class="sketch-body" d="M6,20 H48 V98 H6" /><path class="sketch-steel" d="M48,58 H76 V70 H48 Z" /><circle class="sketch-steel" cx="88" cy="54" r="10" />
<path class="sketch-steel" d="M74,38 H234 V54 H104 L98,66 H76 Q68,52 74,38 Z" />
<path class="sketch-chain" d="M48,84 Q120,116 190,56" />
<path class="sketch-measure" d="M48,30 Q124,2 200,34" /><path class="sketch-steel" d="M196,26 H218 V38 H196 Z" /><circle class="sketch-eye" cx="44" cy="30" r="6" />
