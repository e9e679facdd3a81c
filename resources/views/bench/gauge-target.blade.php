<p class="gauge-target"><span>{{ __('gauge.target') }}</span> <strong data-gauge-target>{{ $words->target() }}</strong> <span class="who">{{ $words->range() }}</span></p>
<p class="sentence" data-tone="note">{{ $words->from() }}</p>
