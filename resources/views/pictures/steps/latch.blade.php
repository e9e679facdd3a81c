<path class="sketch-steel" d="M6,100 H110 V88 H96 V64 H74 V88 H6 Z" /><circle class="sketch-steel" cx="85" cy="48" r="20" />
<path class="sketch-steel" d="M58,20 H234 V44 H120 L112,66 H62 Q48,40 58,20 Z" />
<path class="sketch-steel" d="M126,8 H186 L194,20 H126 Z" /><path class="sketch-measure" d="M160,2 V56 M152,10 H168" />
<path class="sketch-measure" d="M206,64 V104 M198,96 L206,104 L214,96" />
