<path class="sketch-steel" d="M6,20 H104 V38 H6 Z M136,20 H234 V38 H136 Z" />
<circle class="sketch-eye" cx="55" cy="52" r="18" /><circle class="sketch-eye" cx="185" cy="52" r="18" />
<path class="sketch-chain" d="M37,52 Q37,84 44,112 M203,52 Q203,84 196,112" />
<path class="sketch-measure" d="M55,52 L55,34 M185,52 L185,34 M18,64 Q24,78 36,84 M222,64 Q216,78 204,84" />
<path class="sketch-ground" d="M120,8 V116" />
