<path class="sketch-ground" d="M6,112 H234" />
<path class="sketch-body" d="M14,104 V82 H34 L46,62 H76 L82,80 H104 V104 Z" />
<path class="sketch-body" d="M126,98 V46 H226 V98 Z M104,98 H126" />
<circle class="sketch-eye" cx="34" cy="104" r="9" /><circle class="sketch-eye" cx="88" cy="104" r="9" /><circle class="sketch-eye" cx="176" cy="104" r="9" />
<path class="sketch-measure" d="M62,24 V52 M55,44 L62,52 L69,44 M152,12 V38 M145,30 L152,38 L159,30 M200,12 V38 M193,30 L200,38 L207,30" />
