<path class="sketch-steel" d="M30,20 H54 V112 H30 Z M54,40 H112 V58 H54 Z M54,84 H120 V100 H54 Z" />
<circle class="sketch-steel" cx="98" cy="26" r="12" />
<path class="sketch-chain" d="M84,58 V84 M78,62 H90 M78,68 H90 M78,74 H90 M78,80 H90" />
<circle class="sketch-eye" cx="182" cy="62" r="40" /><path class="sketch-measure" d="M182,62 L208,40 M150,84 L156,78 M182,22 V30 M222,62 H214" />
